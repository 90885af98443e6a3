'use client';

import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { judgeResolution, pixelsPerInch, uprightPixels } from '@/core/art';
import { proportion, stretch } from '@/core/layout';
import type { Sizing } from '@/core/model';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { Pair, Section } from '@/ui/Section';
import { COLOURS, FONTS } from '@/ui/theme';
import type { Selected, Selection } from './useSelection';

/** Largest art a field takes, mm. */
const MAX_MM = 2000;

function Figures({ selected }: { selected: Selected }) {
  const { art, box } = selected;
  const { widthPx, heightPx } = uprightPixels(art);
  const ppi = Math.min(pixelsPerInch(widthPx, box.width), pixelsPerInch(heightPx, box.height));
  const verdict = judgeResolution(ppi);
  const share = stretch(art, box);
  const stretched = Math.abs(share) > 0.0005;
  return (
    <Box sx={{ fontSize: 14 }}>
      <Typography
        sx={{ fontSize: 14, color: verdict === 'sharp' ? COLOURS.clover : COLOURS.saffron }}
      >
        <Box component="span" sx={{ fontFamily: FONTS.figure }}>
          {Math.round(ppi)}
        </Box>{' '}
        pixels per inch at this size: {verdict}
      </Typography>
      <Typography sx={{ fontSize: 14, color: stretched ? COLOURS.saffron : COLOURS.graphite }}>
        {stretched
          ? `Stretched: ${Math.round(Math.abs(share) * 1000) / 10} % ${share > 0 ? 'wider' : 'narrower'} than its own proportions`
          : 'In its own proportions'}
      </Typography>
    </Box>
  );
}

/** How large the picture is: by intention or by typed figures. */
export function SizeFields({ selection, selected }: { selection: Selection; selected: Selected }) {
  const { job, edit } = useJob();
  const { placement, art, box } = selected;
  const { sizing } = placement;
  const locked = sizing.mode !== 'exact' || sizing.locked;
  const set = (next: Sizing, group: string) =>
    selection.change(placement.id, (each) => ({ ...each, sizing: next }), group);
  const exact = (widthMm: number, heightMm: number, lock: boolean, group: string) =>
    set({ mode: 'exact', widthMm, heightMm, locked: lock }, group);
  const ratio = proportion(art);

  return (
    <Section title="Size">
      <ToggleButtonGroup
        exclusive
        fullWidth
        size="small"
        color="primary"
        value={sizing.mode}
        aria-label="How the size is found"
        onChange={(_, mode: Sizing['mode'] | null) => {
          if (mode === null) return;
          if (mode === 'exact') exact(box.width, box.height, true, '');
          else set({ mode }, '');
        }}
      >
        <ToggleButton value="cover">Cover</ToggleButton>
        <ToggleButton value="fit">Fit inside</ToggleButton>
        <ToggleButton value="exact">Exact</ToggleButton>
      </ToggleButtonGroup>
      <Pair>
        <LengthField
          label="Width"
          value={box.width}
          min={1}
          max={MAX_MM}
          onValue={(width) =>
            exact(width, locked ? width / ratio : box.height, locked, 'art-width')
          }
        />
        <LengthField
          label="Height"
          value={box.height}
          min={1}
          max={MAX_MM}
          onValue={(height) =>
            exact(locked ? height * ratio : box.width, height, locked, 'art-height')
          }
        />
      </Pair>
      <FormControlLabel
        control={
          <Switch
            checked={locked}
            onChange={(_, lock) =>
              exact(box.width, lock ? box.width / ratio : box.height, lock, '')
            }
          />
        }
        label="Keep its proportions"
      />
      <Figures selected={selected} />
      <LengthField
        label="Bleed on every side"
        value={job.bleedMm}
        min={0}
        max={50}
        helperText="how far the paper is cut larger than the face"
        onValue={(bleedMm) => edit((old) => ({ ...old, bleedMm }), 'bleed')}
      />
    </Section>
  );
}
