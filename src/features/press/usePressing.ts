'use client';

import { useEffect, useState } from 'react';
import { formatClock } from '@/core/units';
import {
  nextStep,
  phaseOf,
  previousStep,
  startCountdown,
  startRun,
  type Phase,
  type PressStep,
} from '@/core/press';
import type { Run } from '@/core/model';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/JobProvider';
import { useNotify } from '@/ui/notify';
import { allowSound, setAlarm, soundAllowed } from './alarm';

const TICK_MS = 250;

/** The time now, renewed four times a second and whenever the page comes back to the front. */
function useNow(): Date {
  const [now, setNow] = useState(() => new Date(steadyNow()));
  useEffect(() => {
    const tick = () => setNow(new Date(steadyNow()));
    const timer = setInterval(tick, TICK_MS);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, []);
  return now;
}

/** Keeps the screen awake while something is pressed, where the device can. */
function useWakeLock(active: boolean): void {
  useEffect(() => {
    if (!active || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const request = () =>
      navigator.wakeLock
        .request('screen')
        .then((held) => {
          if (gone) void held.release();
          else lock = held;
        })
        .catch(() => undefined); // low battery or no permission: the run goes on all the same
    const onVisible = () => document.visibilityState === 'visible' && void request();
    void request();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, [active]);
}

/** Rings when the countdown ends, and puts the time left in the tab's title. */
function useAttention(
  run: Run | null,
  phase: Phase | null,
  step: PressStep | undefined,
  heard: boolean,
): void {
  const from = run?.countdownFrom ?? null;
  const durationS = step?.durationS ?? null;
  useEffect(() => {
    if (from === null || durationS === null || !heard) return;
    return setAlarm(() => durationS - (steadyNow() - Date.parse(from)) / 1000);
  }, [from, durationS, heard]);

  const title =
    phase?.kind === 'counting'
      ? `${formatClock(phase.leftS)} ${step?.title ?? ''}`
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
  const notify = useNotify();
  const now = useNow();
  const [heard, setHeard] = useState(soundAllowed);
  const { run } = history;
  const step = run ? plan.press.steps[run.stepIndex] : undefined;
  const phase = run ? phaseOf(run, plan.press.steps, now) : null;
  useWakeLock(run !== null);
  useAttention(run, phase, step, heard);

  const touch = () => void allowSound().then(() => setHeard(soundAllowed()));

  return {
    run,
    step,
    phase,
    heard,
    touch,
    begin: () => {
      touch();
      setRun(startRun(job.id, new Date(steadyNow())));
    },
    count: () => {
      touch();
      if (run) setRun(startCountdown(run, new Date(steadyNow())));
    },
    next: () => run && setRun(nextStep(run)),
    back: () => run && setRun(previousStep(run)),
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
