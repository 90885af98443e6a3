'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useMemo, useState } from 'react';
import { pieceOf, type EveningWish, type ThingId } from '@/core/evening';
import type { Job } from '@/core/model';
import { busiestWords, NOT_PRESSED_WORDS, priceWords, supplyWords, worthWords } from '@/words';
import { useBench } from '@/ui/bench/BenchProvider';
import { OffBench } from '@/ui/OffBench';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import type { EveningShown } from '@/workers';
import { Lanes } from './Lanes';
import { Order } from './Order';
import { numbersOf, thingOf, thingWords } from './things';
import { useEvening, useJobs } from './useEvening';
import { Wishes } from './Wishes';

/** Jobs an evening is first thought of with, the latest (own choice). */
const FIRST_JOBS = 4;

const minutesOf = (time: string): number => {
  const [hours = 19, minutes = 0] = time.split(':').map(Number);
  return 60 * hours + minutes;
};

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
  begin,
  first,
  onFirst,
}: {
  shown: EveningShown;
  jobs: readonly Job[];
  begin: number;
  first: ThingId | null;
  onFirst: (first: ThingId | null) => void;
}) {
  const [piece, setPiece] = useState<number | null>(null);
  const { plan, made } = shown;
  const at = pieceOf(made.assembled, first);
  const pinned = at === null ? null : (numbersOf(made.assembled)[at] ?? null);
  if (made.assembled.loads.length === 0)
    return <Typography>Choose what is to be pressed, and it is planned here.</Typography>;
  return (
    <>
      <Typography sx={{ fontSize: 19 }} role="status">
        {worthWords(plan)}
      </Typography>
      <Typography sx={{ color: COLOURS.graphite }}>{busiestWords(plan, made.assembled)}</Typography>
      {plan.priceS !== null && pinned !== null && (
        <Alert severity="info" action={<Button onClick={() => onFirst(null)}>As planned</Button>}>
          “{thingWords(made.assembled.loads[at ?? 0], jobs)}” comes first, as you wished.{' '}
          {priceWords(plan.priceS)}
        </Alert>
      )}
      <Box sx={{ height: 4 }}>
        {!shown.done && <LinearProgress aria-label="Looking for a better plan" />}
      </Box>
      <Lanes shown={shown} begin={begin} piece={piece} onPiece={setPiece} />
      <LayReady shown={shown} />
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
      <Order shown={shown} jobs={jobs} begin={begin} piece={piece} />
      <Typography sx={{ color: COLOURS.graphite, fontSize: 15 }}>
        Hands’ times and heating are estimates from memory, to plan by and never to press by: the
        press screen counts what the recipe says.
      </Typography>
    </>
  );
}

function Evening({ jobs }: { jobs: readonly Job[] }) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(jobs.slice(0, FIRST_JOBS).map(({ id }) => id)),
  );
  const [wish, setWish] = useState<EveningWish>({
    ...{ people: 1, standing: 4, first: null },
  });
  const [begin, setBegin] = useState('19:00');
  const pressed = useMemo(() => jobs.filter(({ id }) => chosen.has(id)), [jobs, chosen]);
  const shown = useEvening(pressed, wish);
  return (
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
        onChosen={setChosen}
        wish={wish}
        onWish={setWish}
        begin={begin}
        onBegin={(next) => next && setBegin(next)}
      />
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1, minWidth: 0 }}>
        {shown && <LeftOut shown={shown} jobs={jobs} />}
        {shown && (
          <PlanOfEvening
            shown={shown}
            jobs={jobs}
            begin={minutesOf(begin)}
            first={wish.first}
            onFirst={(first) => setWish({ ...wish, first })}
          />
        )}
      </Box>
    </Box>
  );
}

/** An evening at the press: several jobs on several machines by one or two people, planned. */
export function EveningScreen() {
  const jobs = useJobs();
  return (
    <OffBench title="Evening">
      <Typography variant="h1" sx={{ mb: 2 }}>
        An evening at the press
      </Typography>
      {jobs && <Evening jobs={jobs} />}
    </OffBench>
  );
}
