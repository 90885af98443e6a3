import { compare, equalDwell, heated, PRIOR } from '@/core/heat';
import { DYED, setupFor, WHAT_IFS } from '@tests/support/heated';
import { ms, spreadOf, timed } from './stats';

const RUNS = 60;

/** A pressing by conduction, a search for the time that makes up, and a whole what-if with its band; medians after a warm-up. */
export async function benchHeat(): Promise<void> {
  const took = async (work: () => unknown) => {
    const times: number[] = [];
    for (let i = 0; i < RUNS; i++) times.push(await timed(work));
    return spreadOf(times.slice(RUNS / 2));
  };
  console.log('\nheat under the stack:');
  const medians: number[] = [];
  for (const [name, row] of DYED) {
    const setup = setupFor(row);
    const spread = await took(() => heated(setup));
    medians.push(spread.median);
    console.log(`  ${name.padEnd(36)} ${ms(spread)}`);
  }
  console.log(`  median of all: ${ms(spreadOf(medians))} (asked: 3 ms)`);
  for (const { name, of, change } of WHAT_IFS) {
    const setup = of();
    const changed = { ...setup, ...change(setup) };
    const doseS = heated(setup)?.doseS ?? 0;
    const search = await took(() => equalDwell(changed, doseS, PRIOR));
    const whole = await took(() => compare(setup, change(setup), 'sublimation'));
    console.log(`  ${name.padEnd(36)} equal dose ${ms(search)}, with its band ${ms(whole)}`);
  }
}
