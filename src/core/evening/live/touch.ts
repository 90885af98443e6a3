import type { EveningEvent, EveningRun, KeptLook } from '../../model';
import type { Assembled } from '../assemble';
import { asideFor } from '../orders';
import { guideAt, type Act, type Guide } from './guide';
import { needsHeld } from './lookAhead';
import { progressOf, secondsIn, type Place } from './progress';

const told = (run: EveningRun, ...events: readonly EveningEvent[]): EveningRun => ({
  ...run,
  events: [...run.events, ...events],
});

/** What a touch says of what somebody does now; null where there is nothing to say. */
function eventOf(made: Assembled, act: Act, person: number, at: string): EveningEvent | null {
  switch (act.does) {
    case 'work':
    case 'open':
      return { kind: 'ended', at, person, ...placeOf(act) };
    case 'start':
      return { kind: 'begun', at, person, ...placeOf(act) };
    case 'set': {
      const of = made.machines[act.machine];
      if (!of) return null;
      const heatC = of.heats[act.setting] ?? null;
      const { id } = of.fitted[act.setting] ?? of.machine;
      return { kind: 'set', at, person, machineId: id, heatC };
    }
    case 'rest':
      return { kind: 'back', at, person };
    default:
      return null;
  }
}
const placeOf = ({ piece, block, step }: { piece: number; block: number; step: number }) => ({
  ...{ piece, block, step },
});

/** When a moment is, in s since an evening began. */
export const secondsAt = (run: Pick<EveningRun, 'startedAt'>, now: Date): number =>
  secondsIn(run, now.toISOString());

/**
 * What somebody is told now is done: hand work is, a machine is closed or opened, or set; a break is over. Hand work
 * that comes next is begun with it.
 */
export function touched(made: Assembled, run: EveningRun, person: number, now: Date): EveningRun {
  const at = now.toISOString();
  const act = guideAt(made, run, secondsAt(run, now)).now[person];
  const event = act ? eventOf(made, act, person, at) : null;
  return event ? takenUp(made, told(run, event), person, now) : run;
}

/** A machine is opened before its bell, or what is held is let go; whoever is told to do hand work next begins it. */
export function openedEarly(
  made: Assembled,
  run: EveningRun,
  clock: Place,
  person: number,
  now: Date,
): EveningRun {
  const event = { kind: 'ended' as const, at: now.toISOString(), person, ...placeOf(clock) };
  return takenUp(made, told(run, event), person, now);
}

/** Hand work that somebody is told to do now is begun. */
export function takenUp(made: Assembled, run: EveningRun, person: number, now: Date): EveningRun {
  const { now: acts, progress } = guideAt(made, run, secondsAt(run, now));
  const act = acts[person];
  if (act?.does !== 'work' || progress.pieces[act.piece]?.begunS !== null) return run;
  return told(run, { kind: 'begun', at: now.toISOString(), person, ...placeOf(act) });
}

/** What somebody is told now is passed over: it is not done. */
export function passedOver(
  made: Assembled,
  run: EveningRun,
  person: number,
  now: Date,
): EveningRun {
  const act = guideAt(made, run, secondsAt(run, now)).now[person];
  if (!act || !('piece' in act)) return run;
  const event = { kind: 'skipped' as const, at: now.toISOString(), person, ...placeOf(act) };
  return takenUp(made, told(run, event), person, now);
}

/** A photo of a job's print was held against its plan. */
export const lookedAt = (run: EveningRun, jobId: string, look: KeptLook, now: Date): EveningRun =>
  told(run, { kind: 'looked', jobId, ...look, at: now.toISOString() });

/** The moment of the last touch; null where there was none yet: what was wished before it began is none, nor is a look. */
export const lastTouch = ({ events, startedAt }: Pick<EveningRun, 'events' | 'startedAt'>) =>
  events.findLast(({ kind, at }) => at !== startedAt && kind !== 'looked')?.at ?? null;

/** Takes a touch back: all that it said, and what was begun with it. @param at its moment; the last one's where not told. */
export function takenBack(run: EveningRun, at = lastTouch(run)): EveningRun {
  if (at === null) return run;
  const stays = ({ kind, at: then }: EveningEvent) => then !== at || kind === 'looked';
  return { ...run, events: run.events.filter(stays) };
}

/** A machine's display says so many degrees. */
export const reads = (run: EveningRun, machineId: string, c: number, now: Date): EveningRun =>
  told(run, { kind: 'reads', at: now.toISOString(), machineId, c });

/** A piece has rested enough before what comes next: it is cool, by touch. */
export const hasRested = (run: EveningRun, piece: number, now: Date): EveningRun =>
  told(run, { kind: 'rested', at: now.toISOString(), piece });

/** A machine is as hot as it was set, or cold: somebody sees it. */
export const isReady = (run: EveningRun, machineId: string, now: Date): EveningRun =>
  told(run, { kind: 'ready', at: now.toISOString(), machineId });

/** A piece is not pressed this evening, nor is done what was to be done aside for it. */
export function dropped(made: Assembled, run: EveningRun, piece: number, now: Date): EveningRun {
  const aside = asideFor(made.evening.pieces[piece]);
  const at = now.toISOString();
  return told(
    run,
    ...[piece, ...aside].map((each) => ({ kind: 'dropped' as const, at, piece: each })),
  );
}

/** A break is looked for in steps of so many seconds, and no further than so many from now (own choice). */
const BREAK_STEP_S = 15;
const BREAK_WITHIN_S = 3600;

/** When somebody can go away for so long without missing a bell, s from now; null where that is not in the next hour. */
export function breakFrom(
  made: Assembled,
  run: EveningRun,
  person: number,
  lastsS: number,
  nowS: number,
): number | null {
  const progress = progressOf(made, run, nowS);
  const alone =
    run.people === 1 || progress.away.some((spans, other) => other !== person && spans.length > 0);
  if (!alone) return 0;
  const held = needsHeld(made, progress, nowS);
  for (let at = 0; at <= BREAK_WITHIN_S; at += BREAK_STEP_S) {
    const missed = held.some(
      ({ earliestS, latestS, slowS, mayWaitS }) =>
        at < latestS + slowS && earliestS + mayWaitS < at + lastsS,
    );
    if (!missed) return at;
  }
  return null;
}

/** Somebody goes away so many seconds from now. */
export const goesAway = (
  run: EveningRun,
  person: number,
  away: { readonly inS: number; readonly lastsS: number },
  now: Date,
): EveningRun => told(run, { kind: 'away', at: now.toISOString(), person, ...away });

/** Whether nothing is left to do. */
export const isFinished = ({ now }: Guide): boolean => now.every(({ does }) => does === 'finished');
