'use client';

import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import type { Cutter } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { SelectField } from '@/ui/fields/SelectField';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { Pair, Section } from '@/ui/Section';
import { WordsField } from '@/ui/fields/WordsField';

/** Who cuts the pieces: scissors, or a machine with its limit. */
export function CutterFields() {
  const { job, edit } = useJob();
  const { shelf, addToShelf } = useBench();
  const cutter = shelf.cutters.find(({ id }) => id === job.sheet.cutterId);
  const change = (part: Partial<Cutter>) =>
    cutter && void addToShelf({ cutters: [{ ...cutter, ...part, origin: 'own setting' }] });
  return (
    <Section title="Cutting">
      <SelectField
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
      </SelectField>
      {cutter && (
        <>
          <LengthField
            label="Longest print it cuts round"
            value={cutter.printAndCutWidthMm}
            min={20}
            max={2000}
            helperText={`${cutter.origin}; kept for every job with this machine`}
            onValue={(printAndCutWidthMm) => change({ printAndCutWidthMm })}
          />
          <Typography sx={{ fontSize: 14 }}>
            How far a test cut lay off its line, right and down
          </Typography>
          <Pair>
            <LengthField
              label="To the right"
              value={cutter.cutOffMm.x}
              min={-20}
              max={20}
              onValue={(x) => change({ cutOffMm: { ...cutter.cutOffMm, x } })}
            />
            <LengthField
              label="Down"
              value={cutter.cutOffMm.y}
              min={-20}
              max={20}
              onValue={(y) => change({ cutOffMm: { ...cutter.cutOffMm, y } })}
            />
          </Pair>
          <WordsField
            label="Blade, force, passes that worked"
            value={cutter.material}
            most={200}
            onWords={(material) => change({ material })}
          />
          <WordsField
            label="Side to the mat"
            value={cutter.sideToMat}
            most={200}
            onWords={(sideToMat) => change({ sideToMat })}
          />
        </>
      )}
    </Section>
  );
}
