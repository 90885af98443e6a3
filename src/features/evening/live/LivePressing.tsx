'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import NextLink from 'next/link';
import { useMemo, type ReactNode } from 'react';
import { isFinished } from '@/core/evening';
import type { EveningRun, Job } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useNotify } from '@/ui/notify';
import { atSpeed, NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { endsWords } from '@/words';
import { LiveMenu } from './LiveMenu';
import { Machines } from './Machines';
import { NextUp } from './NextUp';
import { NowPanel } from './NowPanel';
import { moreOf } from './moreOf';
import { useBells } from './useBells';
import { useLive, type Live } from './useLive';

const SPEEDS = [0, 1, 20, 60];

/** The clock of simulated machines: stopped, or so many times as fast. */
function Speeds({ live }: { live: Live }) {
  const { run, change } = live;
  if (!run.simulated) return null;
  const { speed } = run.simulated;
  return (
    <Box
      role="group"
      aria-label="Clock of the simulated machines"
      sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}
    >
      <Typography sx={{ fontSize: 15, color: NIGHT.saffron }}>Simulated machines</Typography>
      {SPEEDS.map((each) => (
        <Button
          key={each}
          size="small"
          color="inherit"
          aria-pressed={each === speed}
          variant={each === speed ? 'outlined' : 'text'}
          onClick={() => change((now) => atSpeed(now, each, new Date(steadyNow())))}
          sx={{ minWidth: 44, minHeight: 44 }}
        >
          {each === 0 ? 'Stop' : `× ${each}`}
        </Button>
      ))}
    </Box>
  );
}

function Header({
  live,
  clock,
  back,
}: { live: Live; clock: (s: number) => string } & Pick<LivePressingProps, 'back'>) {
  const { guide, nowS, heard, hear, now } = live;
  return (
    <Box
      component="header"
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}
    >
      <Button component={NextLink} href={back.href} color="inherit" variant="outlined">
        {back.label}
      </Button>
      <Typography sx={{ fontFamily: FONTS.figure, fontSize: 26 }} aria-label="The time">
        {format(now, 'HH:mm')}
      </Typography>
      <Typography sx={{ flex: 1, fontSize: 18, color: NIGHT.soft }}>
        {isFinished(guide) ? 'All done' : `Done ${endsWords(guide, nowS, clock)}`}
      </Typography>
      <Speeds live={live} />
      {!heard && (
        <Button color="inherit" variant="outlined" onClick={hear}>
          Turn the sound on
        </Button>
      )}
    </Box>
  );
}

export interface LivePressingProps {
  run: EveningRun;
  onRun: (run: EveningRun | null) => void;
  /** The jobs whose things are pressed, or can be put in. */
  jobs: readonly Job[];
  /** Where one comes from. */
  back: { readonly href: string; readonly label: string };
  /** What is given up, and what is said then. */
  giveUp: { readonly label: string; readonly said: string };
  /** What has to be said above all else. */
  notice?: ReactNode;
  /** What is shown when all is done. */
  over: (live: Live) => ReactNode;
}

/** What is being pressed: what each does now, every clock, what comes next. */
export function LivePressing({ run, onRun, jobs, back, giveUp, notice, over }: LivePressingProps) {
  const notify = useNotify();
  const { shelf } = useBench();
  const live = useLive(run, onRun);
  useBells(live);
  const more = useMemo(() => moreOf(jobs, shelf), [jobs, shelf]);
  const clock = (s: number) => format(new Date(Date.parse(run.startedAt) + 1000 * s), 'HH:mm');
  const rings = live.guide.clocks.some(({ bellS }) => bellS <= live.nowS);
  const end = () => {
    onRun(null);
    notify({
      tone: 'info',
      text: giveUp.said,
      action: { label: 'Go on with it', run: () => onRun(run) },
    });
  };
  return (
    <Box
      component="main"
      sx={{
        ...{ minHeight: '100dvh', display: 'flex', flexDirection: 'column', gap: 2.5 },
        ...{ p: { xs: 2, sm: 3 }, bgcolor: NIGHT.ground, color: NIGHT.text, '--focus': NIGHT.text },
        '@keyframes over': { '50%': { backgroundColor: NIGHT.flash } },
        ...(rings && { animation: 'over 1.2s ease-in-out infinite' }),
      }}
    >
      <Header {...{ live, clock, back }} />
      {notice}
      {isFinished(live.guide) ? (
        over(live)
      ) : (
        <>
          <Box
            sx={{ display: 'flex', gap: 4, flexDirection: { xs: 'column', md: 'row' }, flex: 1 }}
          >
            {live.guide.now.map((_, person) => (
              <NowPanel key={person} {...{ live, jobs, person, clock }} />
            ))}
          </Box>
          <Machines live={live} clock={clock} />
          <NextUp live={live} clock={clock} />
        </>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <LiveMenu {...{ live, clock, jobs, more }} />
        <Button color="inherit" onClick={end} sx={{ minHeight: 48 }}>
          {giveUp.label}
        </Button>
      </Box>
    </Box>
  );
}
