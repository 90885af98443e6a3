import { readFileSync } from 'node:fs';
import { planJob } from '@/core/plan';
import { readJobDocument } from '@/files/jobFile';
import { ms, spreadOf, timed } from './stats';

const RUNS = 2000;

/** `planJob` on the demo's comet mug: one median after a warm-up. */
export async function benchPlan(): Promise<void> {
  const document = readJobDocument(
    JSON.parse(readFileSync('docs/examples/comet-mug.json', 'utf8')),
  );
  if (!document.ok) throw new Error(document.reason);
  const { job, shelf } = document.value;
  const times: number[] = [];
  for (let i = 0; i < RUNS; i++) times.push(await timed(() => planJob(job, shelf)));
  console.log(`planJob, demo comet mug: ${ms(spreadOf(times.slice(RUNS / 2)))}`);
}
