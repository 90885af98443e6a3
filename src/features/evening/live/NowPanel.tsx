'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import { machineCautions, type Act } from '@/core/evening';
import type { Job } from '@/core/model';
import { LayerStack } from '@/ui/LayerStack';
import { Cautions, NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { actWords, loadWords, operationFigures, operationOf } from '@/words';
import { formatClock } from '@/words/units';
import { BIG } from './big';
import { usePlateOnThing } from './usePlateOnThing';
import type { Live } from './useLive';

/** How long until something, or how long it takes still; counted by the evening's clock. */
function CountDown({ toS, nowS, label }: { toS: number; nowS: number; label: string }) {
  return (
    <Typography
      role="timer"
      aria-label={label}
      sx={{ fontFamily: FONTS.figure, fontSize: 'min(18vw, 120px)', lineHeight: 1.05 }}
    >
      {formatClock(Math.max(0, toS - nowS))}
    </Typography>
  );
}

/** The window something has to be begun in, where there is one. */
function Within({ live, act }: { live: Live; act: Act }) {
  const operation = operationOf(live.made, act);
  if (operation?.withinS == null || !('piece' in act)) return null;
  const since = live.guide.progress.pieces[act.piece]?.sinceS ?? 0;
  const left = since + operation.withinS - live.nowS;
  return (
    <Typography sx={{ fontFamily: FONTS.figure, fontSize: 34, color: NIGHT.saffron }} role="timer">
      {left > 0
        ? `within ${formatClock(left)}`
        : `${formatClock(-left)} later than it should be: do it now`}
    </Typography>
  );
}

/** What was begun and lies aside while something else is done. */
function Aside({ live, act }: { live: Live; act: Act }) {
  const units = useUnits();
  const { made, run, guide } = live;
  const at = guide.progress.pieces.findIndex((piece, nth) => {
    const block = made.evening.pieces[nth]?.blocks[piece.block];
    const other = !('piece' in act) || act.piece !== nth;
    return !piece.dropped && other && block?.mayPause === true && piece.begunS !== null;
  });
  const piece = guide.progress.pieces[at];
  if (!piece || act.does === 'finished') return null;
  const place = { piece: at, block: piece.block, step: piece.step };
  const { title, thing } = actWords(
    made,
    run,
    { does: 'work', again: true, ...place },
    units,
    String,
  );
  return (
    <Typography sx={{ fontSize: { xs: 18, sm: 21 }, color: NIGHT.soft }}>
      Lay aside: {title} ({thing}). You go on with it afterwards.
    </Typography>
  );
}

function Figures({ live, act }: { live: Live; act: Act }) {
  const units = useUnits();
  const operation = operationOf(live.made, act);
  if (!operation || act.does === 'open') return null;
  const { heat, time, pressure } = operationFigures(operation, units);
  const told = [heat, time, pressure].filter(Boolean);
  if (told.length === 0) return null;
  return (
    <Typography
      sx={{
        fontFamily: FONTS.figure,
        fontSize: { xs: 28, sm: 40 },
        color: NIGHT.ember,
        lineHeight: 1,
      }}
    >
      {told.join(' · ')}
    </Typography>
  );
}

/** What has to be looked at: the lay-up where something is laid, and what to take care of. */
function Beside({ live, act, jobs }: { live: Live; act: Act; jobs: readonly Job[] }) {
  const operation = operationOf(live.made, act);
  const plate = usePlateOnThing(live, act, jobs);
  if (act.does === 'set') return <Cautions cautions={machineCautions(live.made, live.run, act)} />;
  if (!operation || !('piece' in act)) return null;
  const program = live.made.loads[act.piece]?.things[0]?.program;
  const layers = operation.layUp === null ? [] : (program?.layUps[operation.layUp] ?? []);
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
      {plate}
      {program && !plate && layers.length > 0 && act.does === 'start' && (
        <LayerStack layers={layers} program={program} large />
      )}
      <Cautions cautions={operation.cautions} />
    </Box>
  );
}

export interface NowPanelProps {
  live: Live;
  jobs: readonly Job[];
  person: number;
  /** Says a moment of the evening as a time on the wall. */
  clock: (s: number) => string;
}

/** What one person does now, as large as the screen allows, and the one button for it. */
export function NowPanel({ live, jobs, person, clock }: NowPanelProps) {
  const units = useUnits();
  const { made, run, guide, nowS } = live;
  const act = guide.now[person] ?? { does: 'finished' as const };
  const words = actWords(made, run, act, units, clock);
  const bell = act.does === 'wait' && guide.clocks.find(({ bellS }) => bellS === act.untilS);
  const next: Act | undefined = bell ? { ...bell, does: 'open' } : guide.next[person]?.[0]?.act;
  const button = useRef<HTMLButtonElement>(null);
  const key = `${act.does} ${'step' in act ? `${act.piece}.${act.block}.${act.step}` : ''}`;
  useEffect(() => {
    if (person === 0) button.current?.focus();
  }, [key, person]);
  const held =
    act.does === 'hold' ? guide.clocks.find(({ piece }) => piece === act.piece) : undefined;
  const load = 'step' in act ? loadWords(made, act) : null;
  return (
    <Box
      component="section"
      aria-label={run.people > 1 ? `Hands ${person + 1}` : 'Now'}
      sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, flex: 1, minWidth: 0 }}
    >
      {run.people > 1 && <Typography sx={{ color: NIGHT.soft }}>Hands {person + 1}</Typography>}
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: run.people > 1 ? 'minmax(0, 1fr)' : 'minmax(0, 1.5fr) minmax(0, 1fr)',
          },
        }}
      >
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.25, minWidth: 0 }}>
          {words.thing && (
            <Typography
              sx={{ fontSize: { xs: 20, sm: 24 }, color: NIGHT.saffron, fontWeight: 700 }}
            >
              {words.thing}
            </Typography>
          )}
          <Typography
            component="h1"
            aria-live="polite"
            sx={{
              fontFamily: FONTS.heading,
              fontWeight: 700,
              fontSize: { xs: 32, sm: 46 },
              lineHeight: 1.1,
            }}
          >
            {words.title}
          </Typography>
          <Figures live={live} act={act} />
          <Within live={live} act={act} />
          {held && <CountDown toS={held.bellS} nowS={nowS} label="Time left" />}
          {act.does === 'wait' && (
            <CountDown toS={act.untilS} nowS={nowS} label="Time to the next thing" />
          )}
          <Typography sx={{ fontSize: { xs: 19, sm: 23 }, lineHeight: 1.35, maxWidth: 820 }}>
            {load && `${load} `}
            {words.detail}
          </Typography>
          <Aside live={live} act={act} />
          {act.does === 'wait' && next && (
            <Typography sx={{ fontSize: { xs: 19, sm: 23 }, color: NIGHT.soft }}>
              Then: {actWords(made, run, next, units, clock).title}
            </Typography>
          )}
        </Box>
        <Beside live={live} act={act} jobs={jobs} />
      </Box>
      {words.button && (
        <Button ref={button} variant="contained" onClick={() => live.touch(person)} sx={BIG}>
          {words.button}
        </Button>
      )}
      {'step' in act && (
        <Button
          color="inherit"
          onClick={() => live.skip(person)}
          sx={{ alignSelf: 'flex-start', minHeight: 44 }}
        >
          {act.does === 'hold' ? 'End it early, as not done' : 'Pass it over, as not done'}
        </Button>
      )}
    </Box>
  );
}
