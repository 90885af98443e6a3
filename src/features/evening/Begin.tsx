'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { beginEvening, breaksOf, machinesUsed, type NewThing } from '@/core/evening';
import { itemLabels, type EveningRun, type Job, type KeptEvening } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { allowSound } from '@/ui/press';
import type { EveningShown } from '@/workers';

/** How fast the clock of simulated machines goes at first. */
const FAST = 20;

/** Things as they are called on the evening's screen. */
export function calledThings({ made }: EveningShown, jobs: readonly Job[]): NewThing[] {
  return made.things.flatMap((thing) => {
    const job = jobs.find(({ id }) => id === thing.jobId);
    const row = job?.items.findIndex(({ id }) => id === thing.itemId) ?? -1;
    const item = job?.items[row];
    if (!job || !item) return [];
    const nth = item.copies > 1 ? `${thing.copy + 1} of ${item.copies}` : '';
    const called = [itemLabels(job)[row], nth].filter(Boolean).join(', ');
    return [{ ...thing, jobName: job.name, called }];
  });
}

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
    const { people, standing, before } = evening.wish;
    const now = new Date(steadyNow());
    const at = now.toISOString();
    const machines = machinesUsed(shown.made.assembled.machines);
    const setUp = { machines, people, standing, before };
    const run = beginEvening(calledThings(shown, jobs), setUp, shown.plan.order, now);
    // breaks are wished for everybody, by the clock on the wall: it need not begin when it was planned to
    const beginsAt = 60 * now.getHours() + now.getMinutes();
    const events = breaksOf({ ...evening.wish, beginsAt }).flatMap(({ fromS, toS }) =>
      Array.from({ length: people }, (_, person): EveningRun['events'][number] => ({
        ...{ kind: 'away', at, person, inS: fromS, lastsS: toS - fromS },
      })),
    );
    const clock = simulated ? { speed: FAST, wallAt: at, at } : null;
    onEvening({ ...evening, run: { ...run, events, simulated: clock } });
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
