'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { doneCount } from '@/core/press';
import { useJob } from '@/ui/job/jobContext';
import { NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { settingsLine } from '@/words';
import { StepView } from './StepView';
import { usePressing, type Pressing } from './usePressing';

interface BigAction {
  readonly label: string;
  readonly run: () => void;
  readonly waiting?: boolean;
}

/** What the one big button does right now. */
function bigAction(pressing: Pressing, record: () => void): BigAction {
  const { phase, begin, count, next } = pressing;
  switch (phase?.kind) {
    case undefined:
      return { label: 'Begin', run: begin };
    case 'by-hand':
      return { label: 'Done, next', run: next };
    case 'ready':
      return { label: 'Start the clock', run: count };
    case 'counting':
      return { label: 'Counting', run: () => undefined, waiting: true };
    case 'over':
      return { label: 'Next', run: next };
    case 'finished':
      return { label: 'Write down how it came out', run: record };
  }
}

function Header({ pressing }: { pressing: Pressing }) {
  const { job, plan, pathTo } = useJob();
  const units = useUnits();
  const { run, heard, touch } = pressing;
  const { operations, passes } = run?.program ?? plan.press.program;
  const at = run ? Math.min(doneCount(run) + 1, operations.length) : 0;
  const pass = passes.find(({ transfer }) => transfer === job.transfer);
  return (
    <Box
      component="header"
      sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}
    >
      <Button component={NextLink} href={pathTo('heat')} color="inherit" variant="outlined">
        Back to the job
      </Button>
      <Typography sx={{ flex: 1, fontSize: 18 }}>
        {job.name} ·{' '}
        <span style={{ fontFamily: FONTS.figure }}>
          {settingsLine(pass?.settings ?? plan.press.settings, units)}
        </span>
      </Typography>
      {run && !heard && (
        <Button color="inherit" variant="outlined" onClick={touch}>
          Turn the sound on
        </Button>
      )}
      {run && (
        <Typography sx={{ fontFamily: FONTS.figure, fontSize: 18 }}>
          {at} / {operations.length}
        </Typography>
      )}
    </Box>
  );
}

/** The job was changed while it is pressed: what was begun stays as it was, and can be begun anew. */
function Outdated({ pressing }: { pressing: Pressing }) {
  if (!pressing.outdated) return null;
  return (
    <Box
      role="status"
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', color: NIGHT.saffron }}
    >
      <Typography sx={{ flex: 1, fontSize: 18, minWidth: 240 }}>
        The job has changed since this was begun. These steps stay as they were.
      </Typography>
      <Button color="inherit" variant="outlined" onClick={pressing.startAgain}>
        Start again by the job as it is
      </Button>
    </Box>
  );
}

function Footer({ pressing }: { pressing: Pressing }) {
  const { run, phase, back, next, abandon } = pressing;
  if (!run) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1.5, justifyContent: 'center' }}>
      {doneCount(run) > 0 && (
        <Button color="inherit" onClick={back}>
          One step back
        </Button>
      )}
      {phase?.kind === 'counting' && (
        <Button color="inherit" onClick={next}>
          End this step early
        </Button>
      )}
      <Button color="inherit" onClick={abandon}>
        Give up this run
      </Button>
    </Box>
  );
}

/** Station 5: the pressing, one step at a time, readable from two metres. */
export function PressStation() {
  const { plan, pathTo } = useJob();
  const pressing = usePressing();
  const router = useRouter();
  const button = useRef<HTMLButtonElement>(null);
  const { phase, step } = pressing;
  const stops = plan.checks.filter(({ level }) => level === 'stop');
  const blocked = stops.length > 0 && pressing.run === null;
  const big = bigAction(pressing, () => router.push(pathTo('record')));
  const over = phase?.kind === 'over';

  useEffect(() => {
    if (!big.waiting) button.current?.focus();
  }, [big.waiting, step?.id, phase?.kind]);

  return (
    <Box
      component="main"
      sx={{
        minHeight: '100dvh',
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
        p: { xs: 2, sm: 3 },
        bgcolor: NIGHT.ground,
        '--focus': NIGHT.text,
        color: NIGHT.text,
        '@keyframes over': { '50%': { backgroundColor: NIGHT.flash } },
        ...(over && { animation: 'over 1.2s ease-in-out infinite' }),
      }}
    >
      <Header pressing={pressing} />
      <Outdated pressing={pressing} />
      <Box sx={{ flex: 1, display: 'flex', flexDirection: 'column', justifyContent: 'center' }}>
        <StepView pressing={pressing} stops={stops} />
      </Box>
      {blocked ? (
        <Button
          component={NextLink}
          href={pathTo(stops[0]?.station ?? 'blank')}
          variant="contained"
          sx={bigSx}
        >
          Settle what stops it first
        </Button>
      ) : (
        <Button
          ref={button}
          variant="contained"
          onClick={big.run}
          disabled={big.waiting ?? false}
          sx={bigSx}
        >
          {big.label}
        </Button>
      )}
      <Footer pressing={pressing} />
    </Box>
  );
}

const bigSx = {
  position: 'sticky',
  bottom: 12,
  minHeight: 110,
  fontSize: { xs: 26, sm: 36 },
  borderRadius: 3,
  bgcolor: NIGHT.button,
  color: NIGHT.onButton,
  '&:hover': { bgcolor: NIGHT.buttonHover },
  '&.Mui-disabled': { bgcolor: NIGHT.waiting, color: NIGHT.onWaiting },
};
