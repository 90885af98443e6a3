import {
  MOST_THINGS,
  same,
  type EveningRun,
  type Machine,
  type Program,
  type ThingId,
} from '../../model';
import { assemble, type Assembled } from '../assemble';
import { decoderOf } from '../decode';
import { feeding, withSettings, type Order } from '../orders';
import { keptOrder } from './order';
import { progressOf } from './progress';
import { remainingOf } from './remaining';

/** A thing to be pressed, as it is called. */
export interface NewThing extends ThingId {
  readonly jobName: string;
  readonly called: string;
  readonly program: Program;
}

/** An evening under way as it is planned with: its pieces never change their numbers. */
export function assembledOf(
  run: Pick<EveningRun, 'programs' | 'things' | 'machines' | 'standing' | 'people' | 'before'>,
): Assembled {
  const things = run.things.flatMap(({ jobId, itemId, copy, batch, program }) => {
    const own = run.programs[program];
    return own ? [{ jobId, itemId, copy, batch, program: own }] : [];
  });
  const people = Array.from({ length: run.people }, () => []);
  const { machines, standing, before } = run;
  return assemble({ things, machines, people, standing, before });
}

/** What things share of a program is kept once. */
function withThings(
  { programs, things }: Pick<EveningRun, 'programs' | 'things'>,
  added: readonly NewThing[],
): Pick<EveningRun, 'programs' | 'things'> {
  const all = [...programs];
  const batch = Math.max(-1, ...things.map((thing) => thing.batch)) + 1;
  const more = added.map(({ program, ...thing }) => {
    let at = all.findIndex((each) => same(each, program));
    if (at < 0) at = all.push(program) - 1;
    return { ...thing, program: at, batch };
  });
  return { programs: all, things: [...things, ...more].slice(0, MOST_THINGS) };
}

/** Begins an evening: programs and machines are frozen. @param order how it was planned, if it was. */
export function beginEvening(
  things: readonly NewThing[],
  setUp: {
    readonly machines: readonly Machine[];
    readonly people: number;
    readonly standing: number;
    readonly before: EveningRun['before'];
  },
  order: Order | null,
  now: Date,
): EveningRun {
  const run: EveningRun = {
    ...{
      ...setUp,
      machines: [...setUp.machines],
      order: [],
      events: [],
      told: [],
      simulated: null,
    },
    ...withThings({ programs: [], things: [] }, things),
    startedAt: now.toISOString(),
  };
  const made = assembledOf(run);
  const remaining = remainingOf(made, progressOf(made, run, 0), 0);
  const { evening } = remaining;
  const first = order ?? withSettings(evening, decoderOf(evening).soonest(feeding(evening)));
  return { ...run, order: keptOrder(remaining, first) };
}

/** Puts more things into an evening under way; what was planned keeps its turn. */
export function addThings(
  run: EveningRun,
  things: readonly NewThing[],
  machines: readonly Machine[],
): EveningRun {
  const known = new Set(run.machines.map(({ id }) => id));
  const more = machines.filter(({ id }) => !known.has(id));
  return { ...run, ...withThings(run, things), machines: [...run.machines, ...more] };
}
