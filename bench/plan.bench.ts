import { demoJobs, type DemoPictures } from '@/demo/jobs';
import { plainItem, type Artwork, type Job } from '@/core/model';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { planTogether } from '@/core/together';
import { artwork } from '@tests/support/jobs';
import { ms, spreadOf, timed } from './stats';

/** Plans of each job: the first half is before V8 has settled, as a few seconds of dragging are. */
const RUNS = 800;

/** What is measured of a picture full of detail: an outline of its own and no flat place. */
const CELLS = 32;
const busy: NonNullable<Artwork['facts']> = {
  ...{
    palette: [],
    whiteShare: 0.1,
    edgeMismatch: 0.3,
    turnedMismatch: 0.3,
    silhouette: [],
    neighbours: [],
  },
  detail: {
    columns: CELLS,
    rows: CELLS,
    cells: Array.from({ length: CELLS * CELLS }, (_, i) => (i * 37) % 256),
  },
};

/** A job after an edit, as a plan is asked for: its pictures a hair further on, everything else as it was. */
const nudged = (job: Job, by: number): Job => ({
  ...job,
  placements: job.placements.map((placement) => ({
    ...placement,
    at: { ...placement.at, dxMm: placement.at.dxMm + by / 1000 },
  })),
});

/** `planJob` on every job of the demo, edited before each: medians after a warm-up, and one job with torn edges. */
export async function benchPlan(): Promise<void> {
  const keys = ['comet', 'moons', 'horizon', 'badge', 'back', 'star', 'chart'] as const;
  const pictures = Object.fromEntries(
    keys.map((key, i) => [
      key,
      artwork({ sha256: String(i).repeat(64), transparentShare: 0.5, facts: busy }),
    ]),
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
    for (let i = 0; i < RUNS; i++) {
      const edited = nudged(job, i);
      times.push(await timed(() => planJob(edited, BUILT_IN_SHELF)));
    }
    spreads.push({ name: job.name, spread: spreadOf(times.slice(RUNS / 2)) });
  }
  const [mug] = demo;
  if (!mug) throw new Error('the demo has no job');
  // twenty-four mugs, a picture for each
  const arts = Array.from({ length: 24 }, (_, i) =>
    artwork({ sha256: (i + 1).toString(16).padStart(64, '0'), facts: busy }),
  );
  const rows = arts.map(({ sha256 }, i) => ({
    ...plainItem(`mug-${i}`),
    pictures: mug.placements.map(({ id }) => ({ placementId: id, artSha256: sha256 })),
  }));
  const many = { ...mug, arts: [...mug.arts, ...arts], items: rows };
  const took = async (runs: number, work: (run: number) => unknown) => {
    const times: number[] = [];
    for (let i = 0; i < runs; i++) times.push(await timed(() => work(i)));
    return ms(spreadOf(times.slice(runs / 2)));
  };
  const six = demo.slice(0, 6);
  const typical = spreadOf(spreads.map(({ spread }) => spread.median));
  console.log(`planJob over the ${demo.length} demo jobs and one with torn edges: ${ms(typical)}`);
  for (const { name, spread } of spreads) console.log(`  “${name}”: ${ms(spread)}`);
  console.log(
    `planJob of 24 mugs with 24 pictures: ${await took(60, (i) => planJob(nudged(many, i), BUILT_IN_SHELF))}`,
  );
  console.log(
    `six jobs printed together: ${await took(40, () => planTogether(six, BUILT_IN_SHELF))}`,
  );
}
