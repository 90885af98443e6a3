'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import CloseIcon from '@mui/icons-material/Close';
import { sizeScale } from '@/core/layout';
import type { FormOf, SizeRow } from '@/core/model';
import { TEE_WIDTHS_IN } from '@/core/shelf';
import { inches } from '@/core/units';
import { formatLength } from '@/words/units';
import { CountField } from '@/ui/fields/CountField';
import { LengthField } from '@/ui/fields/QuantityField';
import { WordsField } from '@/ui/fields/WordsField';
import { useJob } from '@/ui/job/JobProvider';
import { COLOURS, FONTS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import type { OnFace } from './useSelection';

/** One design over a set of garment sizes: everything grows with the garment's width. */
export function SizesFields({ form, selected }: { form: FormOf<'garment'>; selected: OnFace }) {
  const { job, edit } = useJob();
  const { length } = useUnits();
  const set = (sizes: SizeRow[], group = '') => edit((old) => ({ ...old, sizes }), group);
  const change = (at: number, part: Partial<SizeRow>) =>
    set(
      job.sizes.map((row, i) => (i === at ? { ...row, ...part } : row)),
      `size-${at}`,
    );
  const known = Object.entries(TEE_WIDTHS_IN).filter(
    ([size]) => size !== form.size && !job.sizes.some((row) => row.size === size),
  );
  const next = known[0];
  return (
    <Tucked title="More sizes" now={job.sizes.length > 0 ? `${job.sizes.length} more` : 'none'}>
      {job.sizes.map((row, i) => (
        <Box
          key={i}
          sx={{
            display: 'grid',
            gridTemplateColumns: '60px 1fr 78px auto',
            gap: 1,
            alignItems: 'start',
          }}
        >
          <WordsField
            label="Size"
            value={row.size}
            most={120}
            needed="Name it."
            onWords={(size) => change(i, { size })}
          />
          <LengthField
            label="Across"
            value={row.widthMm}
            min={20}
            max={2000}
            helperText={`art ${formatLength(selected.box.width * sizeScale(row, form.widthMm), length)} wide`}
            onValue={(widthMm) => change(i, { widthMm })}
          />
          <CountField
            label="Copies"
            value={row.copies}
            min={0}
            max={200}
            onValue={(copies) => change(i, { copies })}
          />
          <IconButton
            aria-label={`Take size ${row.size} off`}
            onClick={() => set(job.sizes.filter((_, n) => n !== i))}
          >
            <CloseIcon />
          </IconButton>
        </Box>
      ))}
      {next && (
        <Button
          size="small"
          variant="outlined"
          onClick={() =>
            set([...job.sizes, { size: next[0], widthMm: inches(next[1]), copies: 1 }])
          }
        >
          Add size {next[0]}
        </Button>
      )}
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Base: {form.size},{' '}
        <Box component="span" sx={{ fontFamily: FONTS.figure }}>
          {formatLength(form.widthMm, length)}
        </Box>{' '}
        across. Widths of other sizes: from memory; measure yours.
      </Typography>
    </Tucked>
  );
}
