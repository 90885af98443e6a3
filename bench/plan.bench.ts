import { demoJobs, type DemoPictures } from '@/demo/jobs';
import type { Artwork } from '@/core/model';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { artwork } from '@tests/support/jobs';
import { ms, spreadOf, timed } from './stats';

const RUNS = 300;

/** `planJob` on every job of the demo: medians after a warm-up, and the slowest of them. */
export async function benchPlan(): Promise<void> {
  const keys = ['comet', 'moons', 'horizon', 'badge', 'back', 'star', 'chart'] as const;
  const pictures = Object.fromEntries(
    keys.map((key, i) => [key, artwork({ sha256: String(i).repeat(64), transparentShare: 0.5 })]),
  ) as DemoPictures<Artwork>;
  const spreads: { name: string; spread: ReturnType<typeof spreadOf> }[] = [];
  const demo = demoJobs(pictures, new Date());
  const edge = { style: 'torn', depthMm: 3 } as const;
  const torn = demo.slice(0, 1).map((job) => ({
    ...job,
    name: `${job.name} with torn edges`,
    wrap: { ...job.wrap, edge },
  }));
  for (const job of [...demo, ...torn]) {
    const times: number[] = [];
    for (let i = 0; i < RUNS; i++) times.push(await timed(() => planJob(job, BUILT_IN_SHELF)));
    spreads.push({ name: job.name, spread: spreadOf(times.slice(RUNS / 2)) });
  }
  const [slowest] = [...spreads].sort((a, b) => b.spread.median - a.spread.median);
  const typical = spreadOf(spreads.map(({ spread }) => spread.median));
  console.log(`planJob over the ${demo.length} demo jobs and one with torn edges: ${ms(typical)}`);
  if (slowest) console.log(`planJob, the slowest (“${slowest.name}”): ${ms(slowest.spread)}`);
}
