import { casesOf, type Case } from './boundCases';
import { settingBy, takenByHand, type Taken } from './boundHands';
import { preemptive, shared, type Load } from './boundLoads';
import { rowOf, type Evening, type MachineWork, type Span } from './problem';

/** A use of a machine, as it is to be set. */
interface MachineLoad extends Load {
  readonly setting: number;
}

/** The least a machine needs from how it is now until it is set so, by whatever settings between, s from now. */
function firstSet(machine: MachineWork | undefined, setting: number): number {
  if (!machine) return 0;
  const { changes, setTo, places, taken, turning } = machine;
  const busyToS = places > 1 ? [] : taken.map(({ toS }) => toS);
  const readyS = Math.max(machine.freeFromS, ...busyToS);
  if (setTo === setting) return readyS;
  // on its way it can be turned at once
  const freeFromS = turning ? Math.max(0, ...busyToS) : readyS;
  const from = changes[rowOf(setTo)] ?? [];
  const least = from.map((step, to) => Math.min(stepS(step), stepS(turning?.[to])));
  // the shortest way between settings (Bellman & Ford)
  for (let round = 1; round < least.length; round++)
    least.forEach((_, to) =>
      least.forEach((s, by) => {
        least[to] = Math.min(least[to] ?? Infinity, s + stepS(changes[rowOf(by)]?.[to]));
      }),
    );
  return freeFromS + (least[setting] ?? 0);
}
const stepS = (change: { handsS: number; thenS: number } | null | undefined): number =>
  change ? change.handsS + change.thenS : Infinity;

/** Earliest starts and what must follow, of every block of every piece, s. */
interface Ways {
  readonly heads: readonly (readonly number[])[];
  readonly tails: readonly (readonly number[])[];
  /** What each takes of a person's time. */
  readonly taken: ReturnType<typeof takenByHand>;
}

/** The earliest start of every block, and what must follow its end, by its piece alone and no earlier than told. */
function waysOf(
  { pieces, machines }: Evening,
  taken: Ways['taken'],
  notBefore: Case['notBefore'],
): Ways {
  const heads = pieces.map(({ readyS, blocks }) => {
    let at = readyS;
    return blocks.map(({ waitS, lastsS, use }) => {
      at += waitS;
      if (use) {
        const set = firstSet(machines[use.machine], use.setting);
        at = Math.max(at, Math.max(set, notBefore(use)) - use.fromS);
      }
      const head = at;
      at += lastsS;
      return head;
    });
  });
  const tails = pieces.map(({ blocks }) => {
    const left: number[] = [];
    for (let i = blocks.length - 1; i >= 0; i--) {
      const after = blocks[i + 1];
      left[i] = after ? after.waitS + after.lastsS + (left[i + 1] ?? 0) : 0;
    }
    return left;
  });
  return { heads, tails, taken };
}

/** What people and machines have to do, with earliest starts and what must follow. */
function loadsOf(evening: Evening, { heads, tails, taken }: Ways) {
  const byMachine = evening.machines.map((): MachineLoad[] => []);
  const byHand: Load[] = [];
  let longest = 0;
  evening.pieces.forEach(({ blocks }, p) =>
    blocks.forEach(({ lastsS, use }, b) => {
      const headS = heads[p]?.[b] ?? 0;
      const tailS = tails[p]?.[b] ?? 0;
      longest = Math.max(longest, headS + lastsS + tailS);
      const part = ({ fromS, toS, lastsS: boundS = toS - fromS }: Span & Partial<Taken>): Load => ({
        headS: headS + fromS,
        lastsS: boundS,
        tailS: tailS + lastsS - toS,
      });
      byHand.push(...(taken[p]?.[b] ?? []).map(part));
      if (use) byMachine[use.machine]?.push({ ...part(use), setting: use.setting });
    }),
  );
  byMachine.forEach((loads, machine) => byHand.push(...settingLoads(evening, machine, loads)));
  return { byMachine, byHand, longest };
}

/** What hands do to set a machine as its work wants it, once for each setting. */
function settingLoads(evening: Evening, machine: number, loads: readonly MachineLoad[]): Load[] {
  return [...new Set(loads.map(({ setting }) => setting))].flatMap((setting) => {
    const by = settingBy(evening, machine, setting);
    if (!by) return [];
    const own = loads.filter((load) => load.setting === setting);
    const then = Math.min(...own.map(({ lastsS, tailS }) => lastsS + tailS));
    return { headS: 0, lastsS: by.handsS, tailS: by.thenS + then };
  });
}

const handsBound = (people: Evening['people'], byHand: readonly Load[]): number => {
  const [away, ...others] = people;
  if (byHand.length === 0) return 0;
  return others.length === 0 ? preemptive(byHand, away ?? []) : shared(byHand, people.length);
};

/** What loads on a machine come to at least: one after another with what changing its setting costs, or shared by its places. */
function machineBound({ places }: MachineWork, loads: readonly Load[], changingS: number): number {
  if (loads.length === 0) return 0;
  if (places > 1) return shared(loads, places);
  const sum = loads.reduce((total, { lastsS }) => total + lastsS, 0);
  const heads = Math.min(...loads.map(({ headS }) => headS));
  const tails = Math.min(...loads.map(({ tailS }) => tailS));
  return Math.max(preemptive(loads, []), heads + sum + tails + changingS);
}

/** What hands have to do until a piece is done with a machine at a setting, or up to when it gets it the last time. */
function handsUntil(
  { heads, taken }: Ways,
  p: number,
  { blocks }: Evening['pieces'][number],
  last: number,
  lastOfAll: boolean,
): Load[] {
  return blocks.slice(0, last + 1).flatMap(({ use, lastsS }, b) => {
    const usedTo = lastOfAll ? use?.fromS : use?.toS;
    // what hands do after the machine is free again does not hold it up
    const endS = b === last ? (usedTo ?? lastsS) : lastsS;
    return (taken[p]?.[b] ?? [])
      .filter(({ fromS }) => fromS < endS)
      .map((span) => ({
        headS: (heads[p]?.[b] ?? 0) + span.fromS,
        lastsS: Math.max(0, span.lastsS - Math.max(0, span.toS - endS)),
        tailS: 0,
      }));
  });
}

/**
 * When all that a machine does at one setting can be done at the earliest: by itself, and by the hands that it and
 * what comes before it need. Where it takes one thing at a time, all that comes before the others is done when it takes
 * the last.
 */
function settingDone(evening: Evening, ways: Ways, machine: number, setting: number): number {
  const { pieces, machines, people } = evening;
  const loads = loadsOf(evening, ways).byMachine[machine] ?? [];
  const own = loads.filter((load) => load.setting === setting);
  const lasts = pieces.map(({ blocks }) =>
    blocks.findLastIndex(({ use }) => use?.machine === machine && use.setting === setting),
  );
  const until = pieces.map((piece, p) => handsUntil(ways, p, piece, lasts[p] ?? -1, false));
  const set = settingLoads(evening, machine, own).map((load) => ({ ...load, tailS: 0 }));
  const byAllHands = handsBound(people, [...set, ...until.flat()]);
  if (machines[machine]?.places !== 1) return byAllHands;
  const whicheverIsLast = lasts.flatMap((last, p) => {
    const piece = pieces[p];
    const use = piece?.blocks[last]?.use;
    if (!piece || !use) return [];
    const before = until.with(p, handsUntil(ways, p, piece, last, true)).flat();
    return handsBound(people, [...set, ...before]) + use.toS - use.fromS;
  });
  const bare = own.map((load) => ({ ...load, tailS: 0 }));
  return Math.max(preemptive(bare, []), byAllHands, Math.min(...whicheverIsLast));
}

/** The bound in one case of how the settings of machines follow each other. */
function boundIn(evening: Evening, taken: Ways['taken'], { notBefore, changingS }: Case): number {
  const { byMachine, byHand, longest } = loadsOf(evening, waysOf(evening, taken, notBefore));
  const ofMachines = evening.machines.map((machine, i) =>
    machineBound(machine, byMachine[i] ?? [], changingS(i)),
  );
  return Math.max(longest, handsBound(evening.people, byHand), ...ofMachines);
}

/**
 * A time that no plan of an evening ends before: the longest piece, all that one person or machine has to do, in the
 * best of all ways that the settings of the machines can follow each other. Proved, not estimated.
 */
export function lowerBound(evening: Evening): number {
  const taken = takenByHand(evening);
  const ways = waysOf(evening, taken, () => 0);
  const cases = casesOf(evening, (machine, setting) =>
    settingDone(evening, ways, machine, setting),
  );
  return Math.min(...cases.map((each) => boundIn(evening, taken, each)));
}
