'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { onBothSides } from '@/core/job';
import { datumPoint } from '@/core/layout';
import { OffsetField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { Pair, Section } from '@/ui/Section';
import type { Selected, Selection } from './useSelection';

/** Where the picture sits: by the side it faces, or by distances from the edges. */
export function PlaceFields({ selection, selected }: { selection: Selection; selected: Selected }) {
  const { placement, face, box } = selected;
  const { safe } = face;
  const { edit } = useJob();
  const moveTo = (xMm: number, yMm: number, group: string) =>
    selection.move(placement.id, xMm - box.x, yMm - box.y, group);
  const level = (yMm: number) => moveTo(box.x, yMm, '');
  const middle = datumPoint(face, 'opposite-handle');
  return (
    <Section title="Place">
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        {face.datums.map((datum) => (
          <Button
            key={datum.id}
            size="small"
            variant="outlined"
            onClick={() => selection.alignTo(placement.id, face, datum.id)}
          >
            {datum.id === 'opposite-handle'
              ? 'Centre opposite the handle'
              : `Centre where a ${datum.label.toLowerCase()}`}
          </Button>
        ))}
        <Button
          size="small"
          variant="outlined"
          onClick={() => edit((job) => onBothSides(job, placement.id, crypto.randomUUID()))}
        >
          On both sides, level
        </Button>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1 }}>
        <Button size="small" variant="outlined" onClick={() => level(safe.y)}>
          To the rim
        </Button>
        <Button size="small" variant="outlined" onClick={() => level(middle.y - box.height / 2)}>
          Mid-height
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => level(safe.y + safe.height - box.height)}
        >
          To the base
        </Button>
      </Box>
      <Pair>
        <OffsetField
          label="From the left edge"
          value={box.x}
          min={-2000}
          max={2000}
          onValue={(x) => moveTo(x, box.y, 'place-x')}
        />
        <OffsetField
          label="From the rim"
          value={box.y}
          min={-2000}
          max={2000}
          onValue={(y) => moveTo(box.x, y, 'place-y')}
        />
      </Pair>
    </Section>
  );
}
