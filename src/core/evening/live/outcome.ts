import {
  isSameThing,
  MAX_LOOKS,
  type EveningEvent,
  type EveningRun,
  type KeptLook,
  type RunEvent,
} from '../../model';
import type { Pressing } from '../../press';
import type { Assembled } from '../assemble';
import { operationAt } from './progress';

/** What was done to one thing of an evening, as a pressing of its own: its program, and the events that are its. */
export function pressingOf(made: Assembled, run: EveningRun, nth: number): Pressing | null {
  const thing = run.things[nth];
  const program = thing && run.programs[thing.program];
  if (!thing || !program) return null;
  const events = run.events.flatMap((event): RunEvent[] => {
    if (event.kind !== 'begun' && event.kind !== 'ended' && event.kind !== 'skipped') return [];
    const load = made.loads[event.piece];
    const own = load?.things.findIndex((each) => isSameThing(each, thing));
    const meant = load?.blocks[event.block]?.thing ?? null;
    const operation = operationAt(made, event);
    if (own === undefined || own < 0 || (meant !== null && meant !== own) || !operation) return [];
    return [{ at: event.at, kind: event.kind, operationId: operation.id }];
  });
  return { program, events };
}

/** Photos of a job's prints that were held against the plan, each once: with the remedy, where one was gone for. */
export function looksOf(
  { events }: { readonly events: readonly EveningEvent[] },
  jobId: string,
): KeptLook[] {
  const looks = events.flatMap((event): KeptLook[] => {
    if (event.kind !== 'looked' || event.jobId !== jobId) return [];
    const { at, found, remedies } = event;
    return [{ at, found, remedies }];
  });
  const toldAgain = ({ found, remedies }: KeptLook, next?: KeptLook) =>
    remedies.length === 0 && !!next?.remedies.length && found.join() === next.found.join();
  return looks.filter((look, nth) => !toldAgain(look, looks[nth + 1])).slice(-MAX_LOOKS);
}

/** Whether a thing was left out of the evening before it was done. */
export function wasDropped(made: Assembled, run: EveningRun, nth: number): boolean {
  const thing = run.things[nth];
  const gone = new Set(
    run.events.flatMap((event) => (event.kind === 'dropped' ? [event.piece] : [])),
  );
  return made.loads.some(
    ({ things }, piece) =>
      thing !== undefined && gone.has(piece) && things.some((each) => isSameThing(each, thing)),
  );
}
