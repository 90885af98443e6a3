'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { isReady, openedEarly, reads, stepsAt, type MachineClock } from '@/core/evening';
import { deviceAt } from '@/devices';
import { NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { displayWords, thingsAt, thingsWords } from '@/words';
import { formatClock, formatTemperature } from '@/words/units';
import { Reading } from './Reading';
import type { Live } from './useLive';

interface CardProps {
  live: Live;
  machine: number;
  clock: (s: number) => string;
}

/** A machine's clock: what is in it, how long still, and how late it may be opened. */
function Running({ live, running }: { live: Live; running: MachineClock }) {
  const { made, run, nowS, guide, change } = live;
  const left = running.bellS - nowS;
  const held = (stepsAt(made, running)[running.step]?.aloneS ?? 0) === 0;
  const by = guide.progress.pieces[running.piece]?.person ?? 0;
  return (
    <Box>
      <Typography
        role="timer"
        aria-label={`Time left in ${made.machines[running.machine]?.machine.name}`}
        sx={{
          fontFamily: FONTS.figure,
          fontSize: 44,
          lineHeight: 1.1,
          color: left > 0 ? NIGHT.text : NIGHT.saffron,
        }}
      >
        {left > 0 ? formatClock(left) : `${formatClock(-left)} over`}
      </Typography>
      <Typography sx={{ fontSize: 16, color: NIGHT.soft }}>
        {thingsWords(thingsAt(made, run, running))}
        {left > 0 && running.latestS - running.bellS >= 10
          ? `; may wait ${formatClock(running.latestS - running.bellS)} longer`
          : ''}
      </Typography>
      {left > 0 && (
        <Button
          size="small"
          color="inherit"
          sx={{ minHeight: 44, px: 0 }}
          onClick={() => change((each, at) => openedEarly(made, each, running, by, at))}
        >
          {held ? 'Let it go early' : 'Open it early'}
        </Button>
      )}
    </Box>
  );
}

/** What a machine is set to, whether it is there yet, and what its display says. */
function Heat({ live, machine: m, clock }: CardProps) {
  const units = useUnits();
  const { made, run, guide, nowS, change } = live;
  const of = made.machines[m];
  const state = guide.progress.machines[m];
  if (!of || !state) return null;
  if (state.setting === null)
    return <Typography sx={{ color: NIGHT.soft }}>Not switched on yet.</Typography>;
  const machine = of.fitted[state.setting] ?? of.machine;
  const heat = of.heats[state.setting] ?? null;
  const to = displayWords(run, machine.id, heat, units);
  const getsThere = state.readyS > nowS;
  const ready = (label: string) =>
    getsThere &&
    !run.simulated && (
      <Button
        color="inherit"
        variant="outlined"
        sx={{ minHeight: 44, alignSelf: 'flex-start' }}
        onClick={() => change((each, at) => isReady(each, machine.id, at))}
      >
        {label}
      </Button>
    );
  if (state.setting === of.off)
    return (
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
        <Typography sx={{ color: NIGHT.soft }}>
          {getsThere ? `Off, cold about ${clock(state.readyS)}` : 'Off and cold'}
        </Typography>
        {ready('It is cold')}
      </Box>
    );
  const shows = run.simulated ? deviceAt(made, run, machine, nowS).display() : null;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 0.5 }}>
      <Typography sx={{ fontSize: 16, color: getsThere ? NIGHT.saffron : NIGHT.soft }}>
        {to ? `Set to ${to}` : 'On'}
        {getsThere ? `, there about ${clock(state.readyS)}` : ', ready'}
        {shows !== null && ` · shows ${formatTemperature(shows, units.temperature)}`}
      </Typography>
      {getsThere && !run.simulated && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start', mt: 1 }}>
          {ready('It is hot')}
          {heat !== null && (
            <Reading
              name={machine.name}
              onReads={(c) =>
                change((each, at) => reads(each, machine.id, c + machine.displayOffsetC, at))
              }
            />
          )}
        </Box>
      )}
    </Box>
  );
}

function Card({ live, machine, clock }: CardProps) {
  const of = live.made.machines[machine];
  const running = live.guide.clocks.filter((each) => each.machine === machine);
  const over = running.some(({ bellS }) => bellS <= live.nowS);
  if (!of) return null;
  return (
    <Box
      component="section"
      aria-label={of.machine.name}
      sx={{
        ...{ p: 1.5, borderRadius: 2, bgcolor: NIGHT.waiting, minWidth: 0 },
        outline: over ? `3px solid ${NIGHT.saffron}` : 'none',
      }}
    >
      <Typography component="h2" sx={{ fontSize: 18, fontWeight: 700 }}>
        {of.machine.name}
      </Typography>
      {running.map((each) => (
        <Running key={`${each.piece}.${each.step}`} live={live} running={each} />
      ))}
      <Heat live={live} machine={machine} clock={clock} />
    </Box>
  );
}

/** Every machine of the evening with its clocks, the most pressing first. */
export function Machines({ live, clock }: { live: Live; clock: (s: number) => string }) {
  const { made, guide } = live;
  const latest = (machine: number) =>
    guide.clocks.find((each) => each.machine === machine)?.latestS ?? Infinity;
  const order = made.machines
    .map((_, machine) => machine)
    .sort((a, b) => (latest(a) === latest(b) ? a - b : latest(a) - latest(b)));
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(220px, 1fr))' },
      }}
    >
      {order.map((machine) => (
        <Card key={machine} live={live} machine={machine} clock={clock} />
      ))}
    </Box>
  );
}
