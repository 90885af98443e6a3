import { rowOf, type Evening, type MachineWork, type Span } from './problem';
import { casesOf, type Case } from './boundCases';

/** One piece of work for one worker or machine: earliest start, length, and what must follow it, s. */
interface Load {
  readonly headS: number;
  readonly lastsS: number;
  readonly tailS: number;
}

/** A moment after a worker was away as long as he was up to then. */
function afterAway(away: readonly Span[], atS: number): number {
  let at = atS;
  for (const { fromS, toS } of away) if (fromS <= at && at < toS) at = toS;
  return at;
}

/**
 * The earliest end of all loads on one worker that may lay any of them aside at any time, the one with the longest
 * tail first (Jackson's preemptive rule; Carlier & Pinson 1989): no plan ends sooner.
 */
function preemptive(loads: readonly Load[], away: readonly Span[]): number {
  const waiting = [...loads].sort((a, b) => a.headS - b.headS);
  const open: { left: number; tailS: number }[] = [];
  let at = 0;
  let end = 0;
  while (waiting.length > 0 || open.length > 0) {
    if (open.length === 0) at = Math.max(at, waiting[0]?.headS ?? at);
    at = afterAway(away, at);
    while ((waiting[0]?.headS ?? Infinity) <= at) {
      const load = waiting.shift();
      if (load) open.push({ left: load.lastsS, tailS: load.tailS });
    }
    const most = open.reduce(
      (best, each) => (each.tailS > best.tailS ? each : best),
      open[0] ?? none,
    );
    const leaves = away.find(({ fromS }) => fromS > at)?.fromS ?? Infinity;
    const until = Math.min(at + most.left, waiting[0]?.headS ?? Infinity, leaves);
    most.left -= until - at;
    at = until;
    if (most.left > 0) continue;
    end = Math.max(end, at + most.tailS);
    open.splice(open.indexOf(most), 1);
  }
  return end;
}
const none = { left: 0, tailS: 0 };

/** Loads shared by several workers: what is to be done in all, over their number, and nothing shorter than a load. */
function shared(loads: readonly Load[], workers: number): number {
  const sorted = [...loads].sort((a, b) => a.headS - b.headS);
  let most = 0;
  // those that begin late all end after the earliest of them, and are followed by the shortest tail
  for (let i = 0; i < sorted.length; i++) {
    const late = sorted.slice(i);
    const sum = late.reduce((total, { lastsS }) => total + lastsS, 0);
    const tail = Math.min(...late.map(({ tailS }) => tailS));
    most = Math.max(most, (sorted[i]?.headS ?? 0) + Math.ceil(sum / workers) + tail);
  }
  return Math.max(most, ...loads.map(({ headS, lastsS, tailS }) => headS + lastsS + tailS));
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
}

/** The earliest start of every block, and what must follow its end, by its piece alone and no earlier than told. */
function waysOf({ pieces, machines }: Evening, notBefore: Case['notBefore']): Ways {
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
  return { heads, tails };
}

/** What people and machines have to do, with earliest starts and what must follow. */
function loadsOf(evening: Evening, ways: Ways) {
  const byMachine = evening.machines.map((): (Load & { setting: number })[] => []);
  const byHand: Load[] = [];
  let longest = 0;
  evening.pieces.forEach(({ blocks }, p) =>
    blocks.forEach(({ lastsS, hands, use }, b) => {
      const headS = ways.heads[p]?.[b] ?? 0;
      const tailS = ways.tails[p]?.[b] ?? 0;
      longest = Math.max(longest, headS + lastsS + tailS);
      const part = ({ fromS, toS }: Span): Load => ({
        headS: headS + fromS,
        lastsS: toS - fromS,
        tailS: tailS + lastsS - toS,
      });
      byHand.push(...hands.map(part));
      if (use) byMachine[use.machine]?.push({ ...part(use), setting: use.setting });
    }),
  );
  return { byMachine, byHand, longest };
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

/**
 * When all that a machine does at one setting can be done at the earliest: by itself, and by the hands that it and
 * what comes before it need.
 */
function settingDone(evening: Evening, ways: Ways, machine: number, setting: number): number {
  const loads = loadsOf(evening, ways).byMachine[machine] ?? [];
  const own = loads.filter((load) => load.setting === setting);
  const until: Load[] = [];
  evening.pieces.forEach(({ blocks }, p) => {
    const last = blocks.findLastIndex(
      ({ use }) => use?.machine === machine && use.setting === setting,
    );
    blocks.slice(0, last + 1).forEach(({ hands, use, lastsS }, b) => {
      // what hands do after the machine is free again does not hold it up
      const endS = b === last ? (use?.toS ?? lastsS) : lastsS;
      for (const { fromS, toS } of hands.filter((span) => span.fromS < endS))
        until.push({
          headS: (ways.heads[p]?.[b] ?? 0) + fromS,
          lastsS: Math.min(toS, endS) - fromS,
          tailS: 0,
        });
    });
  });
  const one = evening.machines[machine]?.places === 1;
  const bare = own.map((load) => ({ ...load, tailS: 0 }));
  return Math.max(one ? preemptive(bare, []) : 0, handsBound(evening.people, until));
}

/** The bound in one case of how the settings of machines follow each other. */
function boundIn(evening: Evening, { notBefore, changingS }: Case): number {
  const { byMachine, byHand, longest } = loadsOf(evening, waysOf(evening, notBefore));
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
  const ways = waysOf(evening, () => 0);
  const cases = casesOf(evening, (machine, setting) =>
    settingDone(evening, ways, machine, setting),
  );
  return Math.min(...cases.map((each) => boundIn(evening, each)));
}
