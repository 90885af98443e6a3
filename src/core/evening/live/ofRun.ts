import type { EveningEvent, EveningRun, Machine, Program, Run, RunEvent } from '../../model';
import type { Assembled } from '../assemble';
import { assembledOf, beginEvening, type NewThing } from './begin';
import type { Place } from './progress';

/** The events of a run: an older version told only how many steps it had gone through, and since when its clock ran. */
function eventsOf({ events, before, startedAt }: Run, { operations }: Program): RunEvent[] {
  if (!before) {
    const again = new Set(events.flatMap((e) => (e.kind === 'reopened' ? [e.operationId] : [])));
    const last = (id: string) =>
      events.findLastIndex(({ kind, operationId }) => kind === 'reopened' && operationId === id);
    return events.filter(
      ({ kind, operationId }, i) =>
        kind !== 'reopened' && !(again.has(operationId) && i < last(operationId)),
    );
  }
  // that version had no step of its own for switching on
  const gone = operations.slice(0, before.stepIndex === 0 ? 0 : before.stepIndex + 1);
  const at = operations[gone.length];
  const begun: RunEvent[] =
    at && before.countdownFrom
      ? [{ at: before.countdownFrom, kind: 'begun', operationId: at.id }]
      : [];
  return [
    ...gone.map(({ id }): RunEvent => ({ at: startedAt, kind: 'ended', operationId: id })),
    ...begun,
  ];
}

/** Where an operation stands in the plan; null where it is no step of it. */
function placeOf({ loads }: Assembled, operationId: string): Place | null {
  for (const [piece, { blocks }] of loads.entries())
    for (const [block, { steps }] of blocks.entries()) {
      const step = steps.findIndex(({ operation }) => operation === operationId);
      if (step >= 0) return { piece, block, step };
    }
  return null;
}

/** What a run's event is in an evening: a touch of a piece, or the machine was set, or is as hot as it was set. */
function touchOf(
  made: Assembled,
  program: Program,
  { at, kind, operationId }: RunEvent,
): EveningEvent[] {
  if (kind === 'reopened') return [];
  const place = placeOf(made, operationId);
  if (place) return [{ kind, at, person: 0, ...place }];
  const operation = program.operations.find(({ id }) => id === operationId);
  const machineId = program.passes[operation?.pass ?? 0]?.machineId ?? '';
  const of = made.machines.find(({ fitted }) => fitted.some(({ id }) => id === machineId));
  const isMachines = operation?.kind === 'switch-on' || operation?.kind === 'warm-up';
  if (!of || !isMachines || kind !== 'ended') return [];
  const own = of.heats.filter((_, i) => of.fitted[i]?.id === machineId && i !== of.off);
  const heatC = own.find((heat) => heat === operation.temperatureC) ?? own[0] ?? null;
  const set = { kind: 'set' as const, at, person: 0, machineId, heatC };
  if (operation.kind === 'switch-on') return [set];
  const hot = { kind: 'ready' as const, at, machineId };
  return operation.does === 'reset-heat' ? [set, hot] : [hot];
}

/**
 * A pressing as it was kept before a job's own was an evening: one piece of the whole job's program, as far as it had
 * come.
 * @param thing what is pressed, with the program of the moment: for a run that was not frozen yet.
 */
export function eveningOfRun(
  run: Run,
  thing: NewThing,
  machines: readonly Machine[],
  now: Date,
): EveningRun {
  const program = run.program ?? thing.program;
  const setUp = { machines, people: 1, standing: 1, before: [] };
  const begun = {
    ...beginEvening([{ ...thing, program }], setUp, null, now),
    startedAt: run.startedAt,
  };
  const made = assembledOf(begun);
  return {
    ...begun,
    events: eventsOf(run, program).flatMap((event) => touchOf(made, program, event)),
  };
}
