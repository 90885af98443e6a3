import type { Run } from '../model';
import type { PressStep } from './steps';

export const startRun = (jobId: string, now: Date): Run => ({
  jobId,
  startedAt: now.toISOString(),
  stepIndex: 0,
  countdownFrom: null,
});

export const startCountdown = (run: Run, now: Date): Run => ({
  ...run,
  countdownFrom: now.toISOString(),
});

export const nextStep = (run: Run): Run => ({
  ...run,
  stepIndex: run.stepIndex + 1,
  countdownFrom: null,
});

/** One step back, countdown cleared; the first step stays where it is. */
export const previousStep = (run: Run): Run => ({
  ...run,
  stepIndex: Math.max(0, run.stepIndex - 1),
  countdownFrom: null,
});

export type Phase =
  /** Nothing is counted: the person does it and says so. */
  | { kind: 'by-hand' }
  | { kind: 'ready'; durationS: number }
  | { kind: 'counting'; leftS: number; durationS: number }
  /** Time is up; `overS` says since when. */
  | { kind: 'over'; overS: number }
  | { kind: 'finished' };

/** Where a run stands at a moment. */
export function phaseOf(run: Run, steps: readonly PressStep[], now: Date): Phase {
  const step = steps[run.stepIndex];
  if (!step) return { kind: 'finished' };
  if (step.durationS === null) return { kind: 'by-hand' };
  if (run.countdownFrom === null) return { kind: 'ready', durationS: step.durationS };
  const goneS = Math.max(0, (now.getTime() - Date.parse(run.countdownFrom)) / 1000);
  const leftS = step.durationS - goneS;
  return leftS > 0
    ? { kind: 'counting', leftS, durationS: step.durationS }
    : { kind: 'over', overS: -leftS };
}
