import {
  assembledOf,
  decoderOf,
  fairLooks,
  feeding,
  lowerBound,
  oneAfterAnother,
  planEvening,
  prepareFirst,
  withSettings,
} from '@/core/evening';
import { EVENINGS, eveningCalled } from '@tests/support/demoEvenings';
import { timed } from './stats';

/** Plans looked at for a first plan. */
const FIRST = 60;

const minutes = (s: number): string => (s / 60).toFixed(1).padStart(7);

/** Evenings by the habits that people have, by the plan and beside the bound, in minutes; and how long planning takes. */
export async function benchEvening(): Promise<void> {
  console.log('evenings, minutes: in turn, prepare first, start what you can, plan, bound');
  // code that runs for the first time is slower than any other
  planEvening(assembledOf(eveningCalled({ 'demo-moons': 2 })).evening, { seed: 1, looks: 400 });
  for (const [name, wanted] of Object.entries(EVENINGS)) {
    const { evening } = assembledOf(eveningCalled(wanted));
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
