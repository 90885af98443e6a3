import { wayS, type Evening, type MachineUse } from './problem';

/** One way the settings of the machines may follow each other, with what it entails. */
export interface Case {
  /** Before this nothing can use a machine as a block wants it, s. */
  readonly notBefore: (use: Pick<MachineUse, 'machine' | 'setting'>) => number;
  /** What a machine loses by changes of setting at least, besides getting to the first, s. */
  readonly changingS: (machine: number) => number;
}

/** More machines than this with two settings each are not told apart: there are three cases a machine. */
const MOST_SPLIT = 3;

const stepS = ({ machines }: Evening, machine: number, from: number, to: number): number => {
  const of = machines[machine];
  return of ? wayS(of, from, to) : 0;
};

/** The settings each machine is used at. */
const settingsUsed = ({ pieces, machines }: Evening): number[][] =>
  machines.map((_, i) => {
    const uses = pieces.flatMap(({ blocks }) => blocks.flatMap(({ use }) => use ?? []));
    return [...new Set(uses.filter((use) => use.machine === i).map(({ setting }) => setting))];
  });

/** The least that all changes of a machine with several settings come to: into each but the first, from wherever is nearest. */
function leastChanging(evening: Evening, machine: number, settings: readonly number[]): number {
  const into = settings
    .map((to) =>
      Math.min(
        ...settings.filter((from) => from !== to).map((from) => stepS(evening, machine, from, to)),
      ),
    )
    .sort((a, b) => a - b);
  return into.slice(0, -1).reduce((sum, s) => sum + s, 0);
}

/**
 * What going to and fro costs besides once there and once back: where every piece comes to the one setting first and
 * to the other last, a machine that went back has to go there again.
 */
function again(
  { pieces }: Evening,
  machine: number,
  [one, other]: readonly [number, number],
  there: number,
  back: number,
): number {
  const ways = pieces
    .map(({ blocks }) =>
      blocks.flatMap(({ use }) => (use?.machine === machine ? [use.setting] : [])),
    )
    .filter(({ length }) => length > 0);
  const all = (first: number, last: number) =>
    ways.every((way) => way[0] === first && way[way.length - 1] === last);
  if (all(one, other)) return there;
  return all(other, one) ? back : 0;
}

/** One way through the settings of one machine: before when each of them cannot be, and what changing costs, s. */
interface Way {
  readonly notBefore: readonly (readonly [setting: number, s: number])[];
  readonly changingS: number;
}

/** The ways one machine with two settings goes through them: one wholly before the other, or to and fro. */
function waysThrough(
  evening: Evening,
  machine: number,
  [one = 0, other = 0]: readonly number[],
  doneS: (machine: number, setting: number) => number,
): Way[] {
  const there = stepS(evening, machine, one, other);
  const back = stepS(evening, machine, other, one);
  return [
    { notBefore: [[other, doneS(machine, one) + there]], changingS: there },
    { notBefore: [[one, doneS(machine, other) + back]], changingS: back },
    { notBefore: [], changingS: there + back + again(evening, machine, [one, other], there, back) },
  ];
}

/**
 * All cases of an evening: every plan is of one of them, so the least of their bounds holds for all.
 * @param doneS when all that a machine does at a setting can be done at the earliest.
 */
export function casesOf(
  evening: Evening,
  doneS: (machine: number, setting: number) => number,
): Case[] {
  const settings = settingsUsed(evening);
  const two = settings.flatMap((used, i) => (used.length === 2 ? [i] : [])).slice(0, MOST_SPLIT);
  const base = settings.map((used, i) => (used.length < 2 ? 0 : leastChanging(evening, i, used)));
  const all = two.reduce<Readonly<Record<number, Way>>[]>(
    (cases, machine) => {
      const through = waysThrough(evening, machine, settings[machine] ?? [], doneS);
      return cases.flatMap((each) => through.map((way) => ({ ...each, [machine]: way })));
    },
    [{}],
  );
  return all.map((ways) => ({
    notBefore: ({ machine, setting }) =>
      ways[machine]?.notBefore.find(([of]) => of === setting)?.[1] ?? 0,
    changingS: (machine) => ways[machine]?.changingS ?? base[machine] ?? 0,
  }));
}
