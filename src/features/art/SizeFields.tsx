'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { judgeResolution, pixelsPerInch, uprightPixels } from '@/core/art';
import { sizeForSheets } from '@/core/fitSheets';
import { placedProportion, stretch } from '@/core/layout';
import type { Box as MmBox } from '@/core/geometry';
import type { Placement, Sizing } from '@/core/model';
import { isCloth } from '@/core/traits';
import { formatSize } from '@/words/units';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { Choice } from '@/ui/fields/Choice';
import { SelectField } from '@/ui/fields/SelectField';
import { LengthField } from '@/ui/fields/QuantityField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { Pair, Section } from '@/ui/Section';
import { COLOURS, FONTS } from '@/ui/theme';
import type { OnFace, Selection } from './useSelection';

/** Largest art a field takes, mm. */
const MAX_MM = 2000;

function Figures({ selected }: { selected: OnFace }) {
  const { art, box, placement } = selected;
  const { widthPx, heightPx } = uprightPixels(art);
  const [across, up] =
    placement.turns % 2 === 0 ? [box.width, box.height] : [box.height, box.width];
  const ppi = Math.min(pixelsPerInch(widthPx, across), pixelsPerInch(heightPx, up));
  const verdict = judgeResolution(ppi);
  const share = stretch(placedProportion(art, placement.turns), box);
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

/** A quarter turn clockwise about its middle; an exact size turns along. */
const turned = (placement: Placement, box: MmBox): Placement => ({
  ...placement,
  turns: (placement.turns + 1) % 4,
  sizing:
    placement.sizing.mode === 'exact'
      ? { ...placement.sizing, widthMm: box.height, heightMm: box.width }
      : placement.sizing,
});

const SIZINGS = [
  ['cover', 'Cover'],
  ['fit', 'Fit inside'],
  ['exact', 'Exact'],
] as const;

const SHEETS = [1, 2, 3, 4, 6] as const;

/** Makes the picture as large as some sheets hold, where paper lies only round it. */
function FitSheets({ selection, selected }: { selection: Selection; selected: OnFace }) {
  const { job } = useJob();
  const { shelf } = useBench();
  const notify = useNotify();
  const { placement } = selected;
  if (!isCloth(job.blank.substrate) || placement.repeat) return null;
  const fit = (sheets: number) => {
    const sizing = sizeForSheets(job, placement.id, sheets, shelf);
    if (sizing) return selection.change(placement.id, (each) => ({ ...each, sizing }), '');
    notify({ tone: 'error', text: 'What else lies on this face takes more sheets already.' });
  };
  return (
    <SelectField
      label="As large as fits on"
      value=""
      onChange={({ target }) => fit(Number(target.value))}
    >
      {SHEETS.map((sheets) => (
        <MenuItem key={sheets} value={sheets}>
          {sheets === 1 ? 'one sheet' : `${sheets} sheets`}
        </MenuItem>
      ))}
    </SelectField>
  );
}

/** How large the picture is: by intention or by typed figures. */
export function SizeFields({ selection, selected }: { selection: Selection; selected: OnFace }) {
  const { job, edit } = useJob();
  const { length } = useUnits();
  const { placement, art, box } = selected;
  const { sizing } = placement;
  const locked = sizing.mode !== 'exact' || sizing.locked;
  const set = (next: Sizing, group: string) =>
    selection.change(placement.id, (each) => ({ ...each, sizing: next }), group);
  const exact = (widthMm: number, heightMm: number, lock: boolean, group: string) =>
    set({ mode: 'exact', widthMm, heightMm, locked: lock }, group);
  const ratio = placedProportion(art, placement.turns);

  return (
    <Section title="Size">
      <Choice
        label="How the size is found"
        value={sizing.mode}
        options={SIZINGS}
        onChoose={(mode) =>
          mode === 'exact' ? exact(box.width, box.height, true, '') : set({ mode }, '')
        }
      />
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
      <SwitchField
        label="Keep its proportions"
        checked={locked}
        onTurn={(lock) => exact(box.width, lock ? box.width / ratio : box.height, lock, '')}
      />
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          size="small"
          variant="outlined"
          onClick={() => selection.change(placement.id, (each) => turned(each, box), '')}
        >
          Turn by a quarter
        </Button>
        {art.realMm && (
          <Button
            size="small"
            variant="outlined"
            onClick={() => art.realMm && exact(art.realMm.widthMm, art.realMm.heightMm, true, '')}
          >
            Its own size: {formatSize(art.realMm.widthMm, art.realMm.heightMm, length)}
          </Button>
        )}
      </Box>
      <FitSheets selection={selection} selected={selected} />
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
