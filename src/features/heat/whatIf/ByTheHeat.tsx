'use client';

import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import {
  blankMm,
  isOtherThickness,
  setupOf,
  usualMm,
  type Setup,
  type SetupChange,
} from '@/core/heat';
import { thingsIn, type Job } from '@/core/model';
import { MACHINES } from '@/core/traits';
import { TRANSFERS } from '@/core/transfer';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { useUnits } from '@/ui/units';
import { compareWords, FIRST_OF_SEVERAL, thicknessWords } from '@/words';
import { useCompared } from './useCompared';

/** A thing of the job that its recipe does not know of, as a change of what the recipe thinks. */
interface Otherwise {
  readonly is: 'thickness' | 'first-cold';
  readonly setup: Setup;
  readonly change: SetupChange;
}

/** What of a job is otherwise than its recipe is told of. */
function otherwise(setup: Setup, job: Job): readonly Otherwise[] {
  const usual = { ...setup, thicknessMm: usualMm(setup) };
  const several = thingsIn(job) > 1 && MACHINES[setup.machine].batches === 'one by one';
  return [
    ...(isOtherThickness(setup)
      ? [{ is: 'thickness' as const, setup: usual, change: { thicknessMm: blankMm(setup) } }]
      : []),
    ...(several ? [{ is: 'first-cold' as const, setup, change: { start: 'cold' as const } }] : []),
  ];
}

function Finding({ is, setup, change, job }: Otherwise & { job: Job }) {
  const units = useUnits();
  const { compared } = useCompared(setup, change, job.transfer);
  if (!compared) return null;
  const leads =
    is === 'thickness' ? thicknessWords({ ...setup, ...change }, units) : FIRST_OF_SEVERAL;
  const says = compareWords(compared, setup, job.blank.substrate.maxC, units);
  return (
    <Typography sx={{ fontSize: 15 }}>
      {leads} {says.join(' ')}
    </Typography>
  );
}

/** What the heat model has to say of this job by itself, with figures; nothing where it has nothing to say. */
export function ByTheHeat() {
  const { job, plan, passId } = useJob();
  const pass = plan.press.passes.find(({ id }) => id === passId) ?? plan.press.passes[0];
  const setup = useMemo(() => pass && setupOf(pass, job.blank), [pass, job.blank]);
  const found = useMemo(() => (setup ? otherwise(setup, job) : []), [setup, job]);
  if (found.length === 0 || !TRANSFERS[job.transfer].dye) return null;
  return (
    <Section title="By the heat">
      {found.map((each) => (
        <Finding key={each.is} {...each} job={job} />
      ))}
    </Section>
  );
}
