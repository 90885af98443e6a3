'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { isCup } from '@/core/form';
import { hangBelow, onBothSides, onEveryFace } from '@/core/job';
import { LengthField, OffsetField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { Pair, Section } from '@/ui/Section';
import type { OnFace, Selection } from './useSelection';
import { DATUM_WORDS, EDGE_WORDS } from '@/words';
import { newId } from '@/store';

interface PlaceProps {
  selection: Selection;
  selected: OnFace;
}

/** To the places the trade speaks of. */
function Intentions({ selection, selected }: PlaceProps) {
  const { job, plan, edit } = useJob();
  const { placement, face } = selected;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      {face.datums.map((datum) => (
        <Button
          key={datum.id}
          size="small"
          variant="outlined"
          onClick={() => selection.alignTo(placement.id, face, datum.id)}
        >
          {DATUM_WORDS[datum.called].centre}
        </Button>
      ))}
      {isCup(job.blank.form) && (
        <Button
          size="small"
          variant="outlined"
          onClick={() => edit((old) => onBothSides(old, placement.id, newId()))}
        >
          On both sides, level
        </Button>
      )}
      {plan.faces.length > 1 && (
        <Button
          size="small"
          variant="outlined"
          onClick={() => edit((old) => onEveryFace(old, face.id, newId))}
        >
          The same on every face
        </Button>
      )}
    </Box>
  );
}

/** How far below its point the art hangs: the soft ruler's figure. */
function Drop({ selection, selected }: PlaceProps) {
  const { placement, face, box } = selected;
  const datum = face.datums.find(({ id }) => id === placement.at.datum);
  const drop = datum?.usual?.dropMm;
  if (!datum || drop === null || drop === undefined) return null;
  return (
    <LengthField
      label={`Drop below the ${DATUM_WORDS[datum.called].label.toLowerCase()}`}
      value={Math.max(0, box.y - datum.y)}
      min={0}
      max={1500}
      helperText="from there to the art’s upper edge"
      onValue={(dropMm) =>
        selection.change(
          placement.id,
          (each) => ({
            ...hangBelow(each, datum.id, box.height, dropMm),
            at: { ...each.at, dyMm: dropMm + box.height / 2 },
          }),
          'drop',
        )
      }
    />
  );
}

/** Level with what else lies on the face. */
function LevelWith({ selection, selected }: PlaceProps) {
  const others = selection.onFace.filter(({ placement }) => placement.id !== selected.placement.id);
  return others.slice(0, 3).map(({ placement, art, box }) => (
    <Button
      key={placement.id}
      size="small"
      variant="outlined"
      onClick={() =>
        selection.moveTo(
          selected,
          selected.box.x,
          box.y + box.height / 2 - selected.box.height / 2,
          '',
        )
      }
    >
      Level with “{art.name.slice(0, 28)}”
    </Button>
  ));
}

/** Where the picture sits: by what the trade calls the place, or by distances from the edges. */
export function PlaceFields({ selection, selected }: PlaceProps) {
  const { face, box } = selected;
  const { safe, edges } = face;
  const to = (x: number, y: number, group: string) => selection.moveTo(selected, x, y, group);
  const fromRight = face.widthMm - box.x - box.width;
  const fromBottom = face.heightMm - box.y - box.height;
  const field = (edge: string, value: number, group: string, move: (mm: number) => void) => (
    <OffsetField
      label={`From the ${edge}`}
      value={value}
      min={-3000}
      max={3000}
      onValue={move}
      name={group}
    />
  );
  return (
    <Section title="Place">
      <Intentions selection={selection} selected={selected} />
      <Drop selection={selection} selected={selected} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1 }}>
        <Button size="small" variant="outlined" onClick={() => to(box.x, safe.y, '')}>
          To the {EDGE_WORDS[edges.top].replace(' edge', '')}
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => to(box.x, (face.heightMm - box.height) / 2, '')}
        >
          Mid-height
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => to(box.x, safe.y + safe.height - box.height, '')}
        >
          To the {EDGE_WORDS[edges.bottom].replace(' edge', '')}
        </Button>
      </Box>
      <Button
        size="small"
        variant="outlined"
        onClick={() => to((face.widthMm - box.width) / 2, (face.heightMm - box.height) / 2, '')}
      >
        Equal margins all round
      </Button>
      <LevelWith selection={selection} selected={selected} />
      <Pair>
        {field(EDGE_WORDS[edges.left], box.x, 'place-left', (x) => to(x, box.y, 'place-x'))}
        {field(EDGE_WORDS[edges.right], fromRight, 'place-right', (r) =>
          to(face.widthMm - box.width - r, box.y, 'place-x'),
        )}
        {field(EDGE_WORDS[edges.top], box.y, 'place-top', (y) => to(box.x, y, 'place-y'))}
        {field(EDGE_WORDS[edges.bottom], fromBottom, 'place-bottom', (b) =>
          to(box.x, face.heightMm - box.height - b, 'place-y'),
        )}
      </Pair>
    </Section>
  );
}
