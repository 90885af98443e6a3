'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { format } from 'date-fns';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { EveningRun, EveningWish, Job, KeptEvening } from '@/core/model';
import { NOT_PRESSED_WORDS } from '@/words';
import { packedEvening } from '@/ui/bench/backupFile';
import { useBench } from '@/ui/bench/BenchProvider';
import { OffBench } from '@/ui/OffBench';
import type { EveningShown } from '@/workers';
import { Begin } from './Begin';
import { PlanOfEvening } from './PlanOfEvening';
import { useEvening, useJobs, useTimes } from './useEvening';
import { EVENING_ID, firstThought, useKeptEvening } from './useKeptEvening';
import { Wishes } from './Wishes';

const HandOverDialog = dynamic(() =>
  import('@/ui/bench/HandOverDialog').then((m) => m.HandOverDialog),
);

/** Jobs that a finding stops, and why. */
function LeftOut({ shown, jobs }: { shown: EveningShown; jobs: readonly Job[] }) {
  const { name } = useBench();
  return shown.made.left.map(({ jobId, why }) => (
    <Alert
      key={jobId}
      severity="warning"
      action={
        <Button component={NextLink} href={`/${name}/job/${encodeURIComponent(jobId)}/heat`}>
          Open it
        </Button>
      }
    >
      “{jobs.find(({ id }) => id === jobId)?.name}” is not in the plan: {NOT_PRESSED_WORDS[why]}.
    </Alert>
  ));
}

/** An evening that is being pressed: the way back to it. */
function UnderWay({ run }: { run: EveningRun }) {
  const { name } = useBench();
  return (
    <Alert
      severity="info"
      sx={{ mb: 2 }}
      action={
        <Button component={NextLink} href={`/${name}/evening/press`}>
          Go on with it
        </Button>
      }
    >
      An evening of {run.things.length} {run.things.length === 1 ? 'thing' : 'things'} is being
      pressed since {format(new Date(run.startedAt), 'HH:mm')}.
    </Alert>
  );
}

function Evening({
  jobs,
  evening,
  onEvening,
}: {
  jobs: readonly Job[];
  evening: KeptEvening;
  onEvening: (evening: KeptEvening) => void;
}) {
  const { jobIds, wish, run } = evening;
  const key = jobIds.join(' ');
  const chosen = useMemo(() => new Set(key.split(' ')), [key]);
  const pressed = useMemo(() => jobs.filter(({ id }) => chosen.has(id)), [jobs, chosen]);
  const times = useTimes();
  const [shown, longer] = useEvening(pressed, wish, times);
  const onWish = (next: EveningWish) => onEvening({ ...evening, wish: next });
  return (
    <>
      {run && <UnderWay run={run} />}
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '270px minmax(0, 1fr)' },
        }}
      >
        <Wishes
          jobs={jobs}
          chosen={chosen}
          onChosen={(ids) =>
            onEvening({
              ...evening,
              jobIds: jobs.flatMap(({ id }) => (ids.has(id) ? [id] : [])).slice(0, MOST_JOBS),
            })
          }
          wish={wish}
          onWish={onWish}
        />
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1, minWidth: 0 }}>
          {shown && <LeftOut shown={shown} jobs={jobs} />}
          {shown && (
            <PlanOfEvening
              {...{ shown, longer, jobs, pressed, wish, times: times ?? new Map() }}
              onWish={onWish}
              begin={!run && <Begin {...{ shown, jobs, evening, onEvening }} />}
            />
          )}
        </Box>
      </Box>
    </>
  );
}

/** Takes the evening, its jobs and the tools they name to another device. */
function TakeAlong({ jobIds }: { jobIds: readonly string[] }) {
  const { store } = useBench();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" disabled={jobIds.length === 0} onClick={() => setOpen(true)}>
        Take to another device
      </Button>
      {open && (
        <HandOverDialog
          what="This evening, with its jobs,"
          fileName="evening.backup.zip"
          pack={(run) => packedEvening(store, EVENING_ID, jobIds, run)}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

/** Jobs of one evening at most. */
const MOST_JOBS = 60;

/** An evening at the press: several jobs on several machines by one or two people, planned. */
export function EveningScreen() {
  const jobs = useJobs();
  const [kept, onEvening] = useKeptEvening();
  return (
    <OffBench title="Evening">
      <Typography variant="h1" sx={{ mb: 2 }}>
        An evening at the press
      </Typography>
      {jobs && kept !== undefined && (
        <Box sx={{ mt: -1.5, mb: 1.5, ml: -0.5 }}>
          <TakeAlong jobIds={(kept ?? firstThought(jobs)).jobIds} />
        </Box>
      )}
      {jobs && kept !== undefined && (
        <Evening jobs={jobs} evening={kept ?? firstThought(jobs)} onEvening={onEvening} />
      )}
    </OffBench>
  );
}
