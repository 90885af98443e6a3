import {
  assembledOf,
  beginEvening,
  fairLooks,
  keptOrder,
  planEvening,
  progressOf,
  remainingOf,
  type NewThing,
} from '@/core/evening';
import type { EveningRun } from '@/core/model';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { goldenJobs } from './golden';

/** How many things of which demo job. */
export type Wanted = Readonly<Record<string, number>>;

/** Evenings that are planned and pressed again and again. */
export const EVENINGS: Readonly<Record<string, Wanted>> = {
  '4 oven mugs, 2 tees, tumbler': { 'demo-moons': 4, 'demo-layers': 2, 'demo-tumbler': 1 },
  '12 coasters, 4 a plate': { 'demo-coaster': 12 },
  '24 mugs, one mug press': { 'demo-comet': 24 },
  '5 tees, dye then vinyl': { 'demo-layers': 5 },
  'panel in 12 sections, 4 oven mugs': { 'demo-chart': 1, 'demo-moons': 4 },
  '6 pairs of socks': { 'demo-socks': 6 },
  '60 things on four machines': {
    ...{ 'demo-comet': 16, 'demo-moons': 12, 'demo-layers': 8 },
    ...{ 'demo-coaster': 12, 'demo-horizon': 12 },
  },
};

/** Things of demo jobs, each with the program of it alone. */
export function thingsCalled(wanted: Wanted): NewThing[] {
  const jobs = goldenJobs();
  return Object.entries(wanted).flatMap(([id, count]): NewThing[] => {
    const job = jobs.find((each) => each.id === id);
    const [row] = job?.items ?? [];
    if (!job || !row) throw new Error(`no ${id} in the demo`);
    const one = { ...job, items: [{ ...row, copies: 1 }] };
    const { program } = planJob(one, BUILT_IN_SHELF).press;
    return Array.from({ length: count }, (_, copy) => ({
      ...{ jobId: id, itemId: row.id, copy, program, jobName: job.name, called: '' },
    }));
  });
}

/** When demo evenings begin. */
export const SEVEN = new Date('2026-11-27T19:00:00Z');

/** An evening of demo jobs, begun with the machines of the built-in shelf. */
export const eveningCalled = (wanted: Wanted, people = 1): EveningRun =>
  beginEvening(
    thingsCalled(wanted),
    { machines: BUILT_IN_SHELF.machines, people, standing: 4, before: [] },
    null,
    SEVEN,
  );

/** An evening just begun as it is pressed by its best plan, with that plan. */
export function byBestPlan(begun: EveningRun) {
  const made = assembledOf(begun);
  const looks = fairLooks(made.evening);
  const plan = planEvening(made.evening, { seed: 1, looks });
  const remaining = remainingOf(made, progressOf(made, begun, 0), 0);
  return { made, plan, run: { ...begun, order: keptOrder(remaining, plan.order) } };
}
