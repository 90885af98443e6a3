import type { Machine, Program } from '../model';
import { MACHINES, ROOM_C } from '../traits';
import type { WorkPart } from './blocks';
import type { MachineWork } from './problem';
import { changesAmong, changesOf, type Fitted, type Heat } from './settings';

/** What the machines of an evening are found by. */
interface Asked {
  readonly machines: readonly Machine[];
  readonly things: readonly { readonly program: Program }[];
  /** How many things stand free in an oven at once. */
  readonly standing: number;
}

/** A machine of the evening, and what its settings stand for. */
export interface MachineOf {
  /** The press that parts are put on; the machine itself where none are. */
  readonly machine: Machine;
  /** How hot each setting is. */
  readonly heats: readonly Heat[];
  /** What is on the press at each setting: itself, or a part. */
  readonly fitted: readonly Machine[];
  /** The setting that stands for off and cooled; null where no parts are changed. */
  readonly off: number | null;
}

/** The machines that the work needs, each with the heats it is set to, the coolest first. */
function fittedFor({ machines, things }: Asked, parts: readonly WorkPart[]): Fitted[] {
  return machines.flatMap((machine) => {
    const wanted = parts.flatMap(({ use }) => (use?.machineId === machine.id ? [use.heat] : []));
    if (wanted.length === 0) return [];
    const heats = [...new Set(wanted)].sort((a, b) => (a ?? 0) - (b ?? 0));
    return [{ machine, heats, warmUpS: toldWarmUp(things, machine.id) }];
  });
}

/** Parts of one press are one machine of the evening: it wears one at a time. */
export function machinesFor(
  input: Asked,
  parts: readonly WorkPart[],
): { of: MachineOf; work: MachineWork }[] {
  const presses = new Map<string, Fitted[]>();
  for (const each of fittedFor(input, parts)) {
    const press = each.machine.onPress ?? each.machine.id;
    presses.set(press, [...(presses.get(press) ?? []), each]);
  }
  return [...presses].map(([id, fitted]) => {
    const [first] = fitted as [Fitted, ...Fitted[]];
    const several = fitted.length > 1 || MACHINES[first.machine.kind].changes === 'part';
    const press = several
      ? (input.machines.find((each) => each.id === id) ?? first.machine)
      : first.machine;
    const off = several ? fitted.reduce((sum, { heats }) => sum + heats.length, 0) : null;
    const { batches } = MACHINES[first.machine.kind];
    return {
      of: {
        machine: press,
        heats: [...fitted.flatMap(({ heats }) => heats), ...(several ? [ROOM_C] : [])],
        fitted: [
          ...fitted.flatMap(({ machine, heats }) => heats.map(() => machine)),
          ...(several ? [press] : []),
        ],
        off,
      },
      work: {
        id: press.id,
        places: batches === 'standing free' ? Math.max(1, input.standing) : 1,
        ...{ freeFromS: 0, turning: null, taken: [], setTo: null, off },
        changes: several
          ? changesAmong(fitted)
          : changesOf(first.machine, first.heats, first.warmUpS),
      },
    };
  });
}

/** Everything of the shelf that machines of an evening are made of: parts, and the presses they are put on. */
export const machinesUsed = (machines: readonly MachineOf[]): Machine[] => [
  ...new Set(machines.flatMap(({ machine, fitted }) => [...fitted, machine])),
];

/** Which setting of which machine a heat of a machine is. */
export function settingOf(
  machines: readonly MachineOf[],
  { machineId, heat }: NonNullable<WorkPart['use']>,
): { machine: number; setting: number } {
  const machine = machines.findIndex(({ fitted }) => fitted.some(({ id }) => id === machineId));
  const { fitted = [], heats = [] } = machines[machine] ?? {};
  const setting = fitted.findIndex(({ id }, i) => id === machineId && heats[i] === heat);
  return { machine, setting: Math.max(0, setting) };
}

/** How long a machine warms up by the programs that use it, s; null where none says. */
function toldWarmUp(things: Asked['things'], machineId: string): number | null {
  const told = things.flatMap(({ program }) =>
    program.operations
      .filter(({ does, kind, pass }) => {
        const own = program.passes[pass]?.machineId === machineId;
        return own && kind === 'warm-up' && does !== 'reset-heat';
      })
      .map(({ lasts }) => lasts.usualS),
  );
  return told.length > 0 ? Math.max(...told) : null;
}
