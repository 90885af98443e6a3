import {
  assemble,
  decoderOf,
  fairLooks,
  feeding,
  lowerBound,
  oneAfterAnother,
  planEvening,
  prepareFirst,
  withSettings,
  type Assembled,
  type EveningThing,
} from '@/core/evening';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { goldenJobs } from '@tests/support/golden';
import { timed } from './stats';

/** Six evenings: how many things of which demo job. */
const EVENINGS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
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
/** Plans looked at for a first plan. */
const FIRST = 60;

function eveningOf(wanted: Readonly<Record<string, number>>): Assembled {
  const jobs = goldenJobs();
  const things = Object.entries(wanted).flatMap(([id, count]): EveningThing[] => {
    const job = jobs.find((each) => each.id === id);
    const [row] = job?.items ?? [];
    if (!job || !row) throw new Error(`no ${id} in the demo`);
    const one = { ...job, items: [{ ...row, copies: 1 }] };
    const { program } = planJob(one, BUILT_IN_SHELF).press;
    return Array.from({ length: count }, (_, copy) => ({
      ...{ jobId: id, itemId: row.id, copy, program },
    }));
  });
  return assemble({ things, machines: BUILT_IN_SHELF.machines, people: [[]], standing: 4 });
}

const minutes = (s: number): string => (s / 60).toFixed(1).padStart(7);

/** Evenings by the habits that people have, by the plan and beside the bound, in minutes; and how long planning takes. */
export async function benchEvening(): Promise<void> {
  console.log('evenings, minutes: in turn, prepare first, start what you can, plan, bound');
  // code that runs for the first time is slower than any other
  planEvening(eveningOf({ 'demo-moons': 2 }).evening, { seed: 1, looks: 400 });
  for (const [name, wanted] of Object.entries(EVENINGS)) {
    const { evening } = eveningOf(wanted);
    const decoder = decoderOf(evening);
    const prepared = decoder.schedule(withSettings(evening, prepareFirst(evening))).endS;
    const soonest = decoder.schedule(withSettings(evening, decoder.soonest(feeding(evening)))).endS;
    const bound = lowerBound(evening);
    let end = 0;
    const first = await timed(() => planEvening(evening, { seed: 1, looks: FIRST }));
    const good = await timed(() => {
      end = planEvening(evening, { seed: 1, looks: fairLooks(evening) }).schedule.endS;
    });
    const figures = [oneAfterAnother(evening), prepared, soonest, end, bound].map(minutes);
    const gap = (100 * (end - bound)) / bound;
    console.log(
      `  ${name.padEnd(36)}${figures.join('')}  gap ${gap.toFixed(1)} %, ` +
        `first plan ${first.toFixed(0)} ms, good plan ${good.toFixed(0)} ms`,
    );
  }
}
