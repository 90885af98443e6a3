'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { reasonsOf, type LearnedTimes } from '@/core/evening';
import type { EveningWish, Job } from '@/core/model';
import { busiestWords, reasonWords, supplyWords, wishedEndWords, worthWords } from '@/words';
import { Buying } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import type { EveningShown } from '@/workers';
import { HandTimes } from './HandTimes';
import { Lanes } from './Lanes';
import { LookLonger } from './LookLonger';
import { Order } from './Order';
import { Moves, Wished } from './Moves';
import type { Longer } from './useEvening';

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

/** A plan: what it is worth, drawn over the clock, what it needs, and its order. */
export function PlanOfEvening({
  shown,
  longer,
  jobs,
  pressed,
  wish,
  times,
  onWish,
  begin,
}: {
  shown: EveningShown;
  longer: Longer;
  times: LearnedTimes;
  jobs: readonly Job[];
  /** Those that were chosen. */
  pressed: readonly Job[];
  wish: EveningWish;
  onWish: (wish: EveningWish) => void;
  /** What begins it. */
  begin: ReactNode;
}) {
  const { beginsAt, endsBy } = wish;
  const [piece, setPiece] = useState<number | null>(null);
  const { plan, made } = shown;
  const units = useUnits();
  const reasons = reasonsOf(made.assembled, plan);
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
          aria-label="Reasons for it"
          sx={{ m: 0, pl: 2.5, color: COLOURS.graphite }}
        >
          {reasons.map((reason, i) => (
            <li key={i}>{reasonWords(reason, made.assembled, units)}</li>
          ))}
        </Box>
      )}
      {begin}
      <Wished {...{ shown, jobs, wish, onWish }} />
      <Box sx={{ height: 4 }}>
        {!shown.done && <LinearProgress aria-label="Looking for a better plan" />}
      </Box>
      {shown.done && !plan.allTried && plan.schedule.endS > plan.boundS && (
        <LookLonger longer={longer} />
      )}
      <Lanes shown={shown} begin={beginsAt} piece={piece} onPiece={setPiece} />
      <LayReady shown={shown} />
      <Buying jobs={pressed} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', mt: 1 }}>
        <Typography variant="h2" component="h2" sx={{ flex: '1 0 auto' }}>
          In this order
        </Typography>
        {piece !== null && (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Moves {...{ shown, wish, onWish, piece }} />
            <Button color="inherit" onClick={() => setPiece(null)}>
              Show all
            </Button>
          </Box>
        )}
      </Box>
      <Order shown={shown} jobs={jobs} begin={beginsAt} piece={piece} />
      <HandTimes shown={shown} times={times} />
    </>
  );
}
