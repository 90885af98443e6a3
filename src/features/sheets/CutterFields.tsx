'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useBench } from '@/ui/bench/BenchProvider';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { Section } from '@/ui/Section';

/** Who cuts the pieces: scissors, or a machine with its limit. */
export function CutterFields() {
  const { job, edit } = useJob();
  const { shelf, addToShelf } = useBench();
  const cutter = shelf.cutters.find(({ id }) => id === job.sheet.cutterId);
  return (
    <Section title="Cutting">
      <TextField
        select
        label="Cut with"
        value={cutter?.id ?? 'hand'}
        onChange={({ target }) =>
          edit((old) => ({
            ...old,
            sheet: { ...old.sheet, cutterId: target.value === 'hand' ? null : target.value },
          }))
        }
      >
        <MenuItem value="hand">Scissors or trimmer</MenuItem>
        {shelf.cutters.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      {cutter && (
        <LengthField
          label="Longest print it cuts round"
          value={cutter.printAndCutWidthMm}
          min={20}
          max={2000}
          helperText={`${cutter.origin}; kept for every job with this machine`}
          onValue={(printAndCutWidthMm) =>
            void addToShelf({
              cutters: [{ ...cutter, printAndCutWidthMm, origin: 'own setting' }],
            })
          }
        />
      )}
    </Section>
  );
}
