'use client';

import { useEffect, useMemo, useState } from 'react';
import { formatClock } from '@/words/units';
import {
  atHand,
  begin,
  end,
  frozen,
  goBack,
  outdated,
  phaseOf,
  startRun,
  type FrozenRun,
  type Phase,
} from '@/core/press';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { allowSound, setAlarm, soundAllowed, useNow, useWakeLock } from '@/ui/press';
import { useUnits } from '@/ui/units';
import { operationWords } from '@/words';

/** Rings when the countdown ends, and puts the time left in the tab's title. */
function useAttention(phase: Phase | null, words: string, heard: boolean): void {
  const timed = phase?.kind === 'counting' || phase?.kind === 'over' ? phase : null;
  const from = timed?.from ?? null;
  const durationS = timed?.durationS ?? null;
  useEffect(() => {
    if (from === null || durationS === null || !heard) return;
    return setAlarm(() => durationS - (steadyNow() - Date.parse(from)) / 1000);
  }, [from, durationS, heard]);

  const title =
    phase?.kind === 'counting'
      ? `${formatClock(phase.leftS)} ${words}`
      : phase?.kind === 'over'
        ? 'Time is up'
        : 'Lucky Sheet';
  useEffect(() => {
    document.title = title;
    return () => {
      document.title = 'Lucky Sheet';
    };
  }, [title]);
}

/** The pressing under way and what the big button does. */
export function usePressing() {
  const { job, plan, history, setRun } = useJob();
  const units = useUnits();
  const notify = useNotify();
  const now = useNow();
  const [heard, setHeard] = useState(soundAllowed);
  const { program } = plan.press;
  const run = useMemo(() => history.run && frozen(history.run, program), [history.run, program]);
  const step = run ? atHand(run) : undefined;
  const phase = run ? phaseOf(run, now) : null;
  useWakeLock(run !== null);
  useAttention(phase, run && step ? operationWords(step, run.program, units).title : '', heard);

  const touch = () => void allowSound().then(() => setHeard(soundAllowed()));
  const change = (step: (run: FrozenRun, now: Date) => FrozenRun) =>
    run && setRun(step(run, new Date(steadyNow())));
  const start = () => setRun(startRun(job.id, program, new Date(steadyNow())));

  return {
    ...{ run, step, phase, heard, touch },
    /** Whether the job was changed since the run began, so that it would be pressed otherwise now. */
    outdated: useMemo(() => run !== null && outdated(run, program), [run, program]),
    begin: () => {
      touch();
      start();
    },
    /** Begins by the job as it is now; the run as it was can be gone back to. */
    startAgain: () => {
      start();
      notify({
        tone: 'info',
        text: 'Begun again, by the job as it is now.',
        action: { label: 'Go on with the other', run: () => setRun(run) },
      });
    },
    count: () => {
      touch();
      change(begin);
    },
    next: () => change(end),
    back: () => change(goBack),
    abandon: () => {
      setRun(null);
      notify({
        tone: 'info',
        text: 'The run was given up.',
        action: { label: 'Go on with it', run: () => setRun(run) },
      });
    },
  };
}

export type Pressing = ReturnType<typeof usePressing>;
