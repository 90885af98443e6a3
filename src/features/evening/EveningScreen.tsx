'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { format } from 'date-fns';
import { useMemo, useState, type ReactNode } from 'react';
import { pieceOf, reasonsOf, type LearnedTimes } from '@/core/evening';
import type { EveningRun, EveningWish, Job, KeptEvening, ThingId } from '@/core/model';
import {
  busiestWords,
  NOT_PRESSED_WORDS,
  priceWords,
  reasonWords,
  supplyWords,
  wishedEndWords,
  worthWords,
} from '@/words';
import { useBench } from '@/ui/bench/BenchProvider';
import { OffBench } from '@/ui/OffBench';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import type { EveningShown } from '@/workers';
import { HandTimes } from './HandTimes';
import { Lanes } from './Lanes';
import { Order } from './Order';
import { numbersOf, thingOf, thingWords } from './things';
import { Begin } from './Begin';
import { Buying } from './Buying';
import { useEvening, useJobs, useTimes } from './useEvening';
import { firstThought, useKeptEvening } from './useKeptEvening';
import { Wishes } from './Wishes';

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

/** Everything to lay ready before the first machine is switched on. */
function LayReady({ shown }: { shown: EveningShown }) {
  const units = useUnits();
  const { blanks, supplies } = shown.made;
  const lines = [
    ...blanks.map(({ name, count }) => `${count} × ${name}`),
    ...supplies.map((each) => supplyWords(each, units)),
  ];
  return (
    <Box sx={{ mt: 1, '& .MuiAccordion-root': { bgcolor: 'transparent' } }}>
      <Tucked title="Lay ready" now={`${lines.length} things`}>
        <Box component="ul" aria-label="Lay ready" sx={{ m: 0, pl: 2.5, columns: { sm: 2 } }}>
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      </Tucked>
    </Box>
  );
}

function PlanOfEvening({
  shown,
  jobs,
  pressed,
  wish,
  times,
  onFirst,
  begin,
}: {
  shown: EveningShown;
  times: LearnedTimes;
  jobs: readonly Job[];
  /** Those that were chosen. */
  pressed: readonly Job[];
  wish: EveningWish;
  onFirst: (first: ThingId | null) => void;
  /** What begins it. */
  begin: ReactNode;
}) {
  const { first, beginsAt, endsBy } = wish;
  const [piece, setPiece] = useState<number | null>(null);
  const { plan, made } = shown;
  const units = useUnits();
  const reasons = reasonsOf(made.assembled, plan.schedule);
  const at = pieceOf(made.assembled, first);
  const pinned = at === null ? null : (numbersOf(made.assembled)[at] ?? null);
  if (made.assembled.loads.length === 0)
    return <Typography>Choose what is to be pressed, and it is planned here.</Typography>;
  return (
    <>
      <Typography sx={{ fontSize: 19 }} role="status">
        {worthWords(plan)}
      </Typography>
      <Typography sx={{ color: COLOURS.graphite }}>
        {wishedEndWords(plan.schedule.endS, beginsAt, endsBy)} {busiestWords(plan, made.assembled)}
      </Typography>
      {reasons.length > 0 && (
        <Box
          component="ul"
          aria-label="Why in this order"
          sx={{ m: 0, pl: 2.5, color: COLOURS.graphite }}
        >
          {reasons.map((reason, i) => (
            <li key={i}>{reasonWords(reason, made.assembled, units)}</li>
          ))}
        </Box>
      )}
      {begin}
      {plan.priceS !== null && pinned !== null && (
        <Alert severity="info" action={<Button onClick={() => onFirst(null)}>As planned</Button>}>
          “{thingWords(made.assembled.loads[at ?? 0], jobs)}” comes first, as you wished.{' '}
          {priceWords(plan.priceS)}
        </Alert>
      )}
      <Box sx={{ height: 4 }}>
        {!shown.done && <LinearProgress aria-label="Looking for a better plan" />}
      </Box>
      <Lanes shown={shown} begin={beginsAt} piece={piece} onPiece={setPiece} />
      <LayReady shown={shown} />
      <Buying jobs={pressed} />
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 1 }}>
        <Typography variant="h2" component="h2" sx={{ flex: 1 }}>
          In this order
        </Typography>
        {piece !== null && (
          <>
            <Button
              variant="outlined"
              disabled={pinned === piece}
              onClick={() => onFirst(thingOf(made.assembled, piece))}
            >
              This one first
            </Button>
            <Button color="inherit" onClick={() => setPiece(null)}>
              Show all
            </Button>
          </>
        )}
      </Box>
      <Order shown={shown} jobs={jobs} begin={beginsAt} piece={piece} />
      <HandTimes shown={shown} times={times} />
    </>
  );
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
  const shown = useEvening(pressed, wish, times);
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
              {...{ shown, jobs, pressed, wish, times: times ?? new Map() }}
              onFirst={(first) => onWish({ ...wish, first })}
              begin={!run && <Begin {...{ shown, jobs, evening, onEvening }} />}
            />
          )}
        </Box>
      </Box>
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
        <Evening jobs={jobs} evening={kept ?? firstThought(jobs)} onEvening={onEvening} />
      )}
    </OffBench>
  );
}
