'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import type { Job, KeptEvening } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { allowSound, begun } from '@/ui/press';
import type { EveningShown } from '@/workers';

/** Begins the evening by its plan, on the machines at hand; on the demo bench on simulated ones too. */
export function Begin({
  shown,
  jobs,
  evening,
  onEvening,
}: {
  shown: EveningShown;
  jobs: readonly Job[];
  evening: KeptEvening;
  onEvening: (evening: KeptEvening) => void;
}) {
  const { name } = useBench();
  const router = useRouter();
  const begin = (simulated: boolean) => {
    void allowSound();
    const at = { now: new Date(steadyNow()), simulated };
    const run = begun(shown.made, shown.plan.order, jobs, evening.wish, at);
    onEvening({ ...evening, run });
    router.push(`/${name}/evening/press`);
  };
  return (
    <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', my: 1 }}>
      <Button variant="contained" size="large" disabled={!shown.done} onClick={() => begin(false)}>
        Begin the evening
      </Button>
      {name === 'demo' && (
        <Button variant="outlined" disabled={!shown.done} onClick={() => begin(true)}>
          Try it on simulated machines
        </Button>
      )}
    </Box>
  );
}
