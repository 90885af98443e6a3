'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import NextLink from 'next/link';
import { useMemo } from 'react';
import { isFinished } from '@/core/evening';
import type { EveningRun, Job, KeptEvening } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useNotify } from '@/ui/notify';
import { NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { endsWords } from '@/words';
import { useJobs } from '../useEvening';
import { useKeptEvening } from '../useKeptEvening';
import { LiveMenu } from './LiveMenu';
import { Machines } from './Machines';
import { NextUp } from './NextUp';
import { NowPanel } from './NowPanel';
import { Outcomes } from './Outcomes';
import { moreOf } from './moreOf';
import { useBells } from './useBells';
import { atSpeed } from './useClock';
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

function Header({ live, clock }: { live: Live; clock: (s: number) => string }) {
  const { name } = useBench();
  const { guide, nowS, heard, hear, now } = live;
  return (
    <Box
      component="header"
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}
    >
      <Button component={NextLink} href={`/${name}/evening`} color="inherit" variant="outlined">
        Back to the plan
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

interface PressingProps {
  evening: KeptEvening;
  run: EveningRun;
  jobs: readonly Job[];
  onEvening: (evening: KeptEvening) => void;
}

function Pressing({ evening, run, jobs, onEvening }: PressingProps) {
  const notify = useNotify();
  const { shelf } = useBench();
  const onRun = useMemo(
    () => (next: EveningRun) => onEvening({ ...evening, run: next }),
    [evening, onEvening],
  );
  const live = useLive(run, onRun);
  useBells(live);
  const more = useMemo(() => moreOf(jobs, shelf), [jobs, shelf]);
  const clock = (s: number) => format(new Date(Date.parse(run.startedAt) + 1000 * s), 'HH:mm');
  const over = live.guide.clocks.some(({ bellS }) => bellS <= live.nowS);
  const giveUp = () => {
    onEvening({ ...evening, run: null });
    notify({
      tone: 'info',
      text: 'The evening was given up.',
      action: { label: 'Go on with it', run: () => onEvening({ ...evening, run }) },
    });
  };
  return (
    <Box
      component="main"
      sx={{
        ...{ minHeight: '100dvh', display: 'flex', flexDirection: 'column', gap: 2.5 },
        ...{ p: { xs: 2, sm: 3 }, bgcolor: NIGHT.ground, color: NIGHT.text, '--focus': NIGHT.text },
        '@keyframes over': { '50%': { backgroundColor: NIGHT.flash } },
        ...(over && { animation: 'over 1.2s ease-in-out infinite' }),
      }}
    >
      <Header live={live} clock={clock} />
      {isFinished(live.guide) ? (
        <Outcomes
          live={live}
          jobs={jobs}
          onDone={() => onEvening({ ...evening, run: null })}
          onBack={onRun}
        />
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
        <LiveMenu live={live} clock={clock} more={more} />
        <Button color="inherit" onClick={giveUp} sx={{ minHeight: 48 }}>
          Give up this evening
        </Button>
      </Box>
    </Box>
  );
}

/** An evening being pressed: what each does now, every clock, what comes next; then how it all came out. */
export function LiveScreen() {
  const { name } = useBench();
  const jobs = useJobs();
  const [evening, onEvening] = useKeptEvening();
  if (evening === undefined || !jobs) return null;
  if (!evening?.run)
    return (
      <Box component="main" sx={{ p: 4 }}>
        <Typography variant="h1" sx={{ mb: 2 }}>
          No evening has been begun
        </Typography>
        <Button component={NextLink} href={`/${name}/evening`} variant="contained">
          Plan one
        </Button>
      </Box>
    );
  return <Pressing evening={evening} run={evening.run} jobs={jobs} onEvening={onEvening} />;
}
