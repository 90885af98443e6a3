import { isSameThing, type Machine, type Program, type ThingId } from '../model';
import { MACHINES } from '../traits';
import { partsOf, type WorkPart, type WorkParts } from './blocks';
import { machinesFor, settingOf, type MachineOf } from './machines';
import type { Block, Evening, PieceWork, Span } from './problem';
import { withRecovery } from './recovery';
import { layingAll, seamsOf, timelineOf, type Step } from './steps';

/** One thing to be pressed in the evening, with the program of that thing alone. */
export interface EveningThing {
  readonly jobId: string;
  readonly itemId: string;
  /** Which copy of its row, from 0. */
  readonly copy: number;
  readonly program: Program;
  /** Which time things were put in: those of one time are planned in loads of their own. */
  readonly batch?: number;
}

/** What an evening is put together from. */
export interface EveningInput {
  readonly things: readonly EveningThing[];
  readonly machines: readonly Machine[];
  /** When each person is away, s from now; one list a person. */
  readonly people: readonly (readonly Span[])[];
  /** How many things stand free in an oven at once. */
  readonly standing: number;
  /** What is to go into its machine before what: a thing, and the one it goes before. */
  readonly before?: readonly (readonly [ThingId, ThingId])[];
}

/** What a block of the plan stands for. */
export interface BlockOf {
  /** The operations of the program it is made of, one after another. */
  readonly steps: readonly Step[];
  /** Which thing of the load they are for; null for all of them. */
  readonly thing: number | null;
}

/** A piece of the plan: one thing, or the things of one load, with what its blocks stand for. */
export interface LoadOf {
  readonly things: readonly EveningThing[];
  readonly blocks: readonly BlockOf[];
}

/** An evening to plan, and what its numbers stand for. */
export interface Assembled {
  readonly evening: Evening;
  readonly loads: readonly LoadOf[];
  readonly machines: readonly MachineOf[];
}

/** Things that lie on a plate together, as evenly as can be: none is left for a load of its own at the end. */
function evenLoads<T>(things: readonly T[], most: number): T[][] {
  const count = Math.ceil(things.length / Math.max(1, most));
  const sizes = Array.from({ length: count }, (_, i) =>
    Math.floor((things.length + i) / Math.max(1, count)),
  );
  let from = 0;
  return sizes.map((size) => things.slice(from, (from += size)));
}

/** How many things of a program one load takes: as many as its plate with the least room. */
function mostAtOnce({ passes }: Program, machines: ReadonlyMap<string, Machine>): number {
  const room = passes.map(({ machineId, perLoad }) => {
    const machine = machines.get(machineId);
    return machine && MACHINES[machine.kind].batches === 'side by side' ? perLoad : 1;
  });
  return Math.max(1, Math.min(...room));
}

/** Things of a job that are pressed alike, in loads. */
function loadsOf({ things, machines }: EveningInput): EveningThing[][] {
  const known = new Map(machines.map((machine) => [machine.id, machine]));
  const alike = new Map<string, EveningThing[]>();
  for (const thing of things) {
    const { passes, operations } = thing.program;
    const key = JSON.stringify([
      thing.batch ?? 0,
      thing.jobId,
      passes,
      operations.map(({ id, lasts }) => [id, lasts]),
    ]);
    alike.set(key, [...(alike.get(key) ?? []), thing]);
  }
  return [...alike.values()].flatMap((group) =>
    evenLoads(group, group[0] ? mostAtOnce(group[0].program, known) : 1),
  );
}

/** A part of the work on a load of several things as blocks: by hand one after another, on the machine at once. */
function blocksOf(
  { steps: own, waitS, restS, use, mayPause }: WorkPart,
  count: number,
  machineOf: (use: NonNullable<WorkPart['use']>) => { machine: number; setting: number },
): { block: Omit<Block, 'id'>; of: BlockOf }[] {
  const apart = use === null && own.length > 0;
  const steps = apart ? own : layingAll(own, count);
  const { lastsS, hands, machineToS } = timelineOf(steps);
  const block = {
    ...{ lastsS: lastsS + restS, hands, mayPause, after: null, behind: [] },
    seams: mayPause ? seamsOf(steps) : [],
    use: use && { ...machineOf(use), fromS: 0, toS: machineToS },
  };
  return Array.from({ length: apart ? count : 1 }, (_, thing) => ({
    block: { ...block, waitS: thing === 0 ? waitS : 0 },
    of: { steps, thing: apart ? thing : null },
  }));
}

const NO_PARTS: WorkParts = { main: [], aside: [] };

/** A load as pieces: its own, then one for all that is done aside before each of its further passes. */
function piecesOf(
  things: readonly EveningThing[],
  { main, aside }: WorkParts,
  at: number,
  machineOf: Parameters<typeof blocksOf>[2],
): { piece: PieceWork; load: LoadOf }[] {
  const made = (nth: number, blocks: readonly { block: Omit<Block, 'id'>; of: BlockOf }[]) => ({
    piece: {
      id: String(at + nth),
      readyS: 0,
      blocks: blocks.map(({ block }, i) => ({ ...block, id: `${at + nth}.${i}` })),
    },
    load: { things, blocks: blocks.map(({ of }) => of) },
  });
  const own = main.flatMap((part, i) => {
    const waits = aside.findIndex(({ before }) => before === i);
    return blocksOf(part, things.length, machineOf).map((each, nth) => ({
      ...each,
      block: { ...each.block, after: waits >= 0 && nth === 0 ? at + 1 + waits : null },
    }));
  });
  return [
    made(0, own),
    ...aside.map(({ part }, nth) => made(nth + 1, blocksOf(part, things.length, machineOf))),
  ];
}

/** The piece of a thing; null where it is not among the loads. */
export function pieceOf(
  { loads }: { readonly loads: readonly Pick<LoadOf, 'things'>[] },
  thing: ThingId | null,
): number | null {
  if (!thing) return null;
  const at = loads.findIndex(({ things }) => things.some((each) => isSameThing(each, thing)));
  return at < 0 ? null : at;
}

/** Which pieces go into their machine only after which: wishes that go round in a circle end with the last that did not. */
function behindOf(
  loads: readonly LoadOf[],
  before: NonNullable<EveningInput['before']>,
): ReadonlyMap<number, readonly number[]> {
  const behind = new Map<number, readonly number[]>();
  const isBehind = (piece: number, other: number): boolean =>
    piece === other || (behind.get(piece) ?? []).some((each) => isBehind(each, other));
  for (const [first, then] of before) {
    const [one, other] = [pieceOf({ loads }, first), pieceOf({ loads }, then)];
    if (one === null || other === null || isBehind(one, other)) continue;
    behind.set(other, [...new Set([...(behind.get(other) ?? []), one])]);
  }
  return behind;
}

/** A piece whose first use of a machine comes behind those of others. */
function goingBehind(piece: PieceWork, behind: readonly number[]): PieceWork {
  const at = piece.blocks.findIndex(({ use }) => use !== null);
  return {
    ...piece,
    blocks: piece.blocks.map((block, i) => (i === at ? { ...block, behind } : block)),
  };
}

/** Puts an evening together from the programs of what is to be pressed. */
export function assemble(input: EveningInput): Assembled {
  const loads = loadsOf(input);
  const parts = withRecovery(
    loads.map(([first]) => (first ? partsOf(first.program) : NO_PARTS)),
    input.machines,
  );
  const machines = machinesFor(
    input,
    parts.flatMap(({ main }) => main),
  );
  const known = machines.map(({ of }) => of);
  const machineOf = (use: NonNullable<WorkPart['use']>) => settingOf(known, use);
  const made: { piece: PieceWork; load: LoadOf }[] = [];
  loads.forEach((things, i) =>
    made.push(...piecesOf(things, parts[i] ?? NO_PARTS, made.length, machineOf)),
  );
  const behind = behindOf(
    made.map(({ load }) => load),
    input.before ?? [],
  );
  return {
    evening: {
      pieces: made.map(({ piece }, i) => goingBehind(piece, behind.get(i) ?? [])),
      machines: machines.map(({ work }) => work),
      people: input.people,
    },
    loads: made.map(({ load }) => load),
    machines: known,
  };
}
