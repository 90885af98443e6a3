import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  jobSchema,
  machineSchema,
  MAX_PLACEMENTS,
  plainItem,
  type Job,
  type Shelf,
} from '@/core/model';
import { HARD_RINGS } from './corners';
import { artwork, blankOf, factsWith, jobOn, mugJob, shelf, times } from './jobs';

const outlined = (rings: [number, number][][], job: Job = jobOn('medallion', artwork())): Job => ({
  ...job,
  blank: { ...blankOf('medallion'), form: { kind: 'outline', rings, edgeKeepOutMm: 2, sides: 2 } },
});
/** A picture cut along an edge as fine as a silhouette may be. */
const fine = artwork({
  transparentShare: 0.5,
  facts: factsWith({
    silhouette: [(HARD_RINGS.star?.(2400, 1) ?? []).map(([x, y]): [number, number] => [x, y])],
  }),
});
export const repeated = (job: Job, count: number, stepMm: number): Job => {
  const [first] = job.placements;
  if (!first) throw new Error('no placement');
  const repeat = {
    ...({ pattern: 'brick', atEdge: 'whole only' } as const),
    ...{ stepXMm: stepMm, stepYMm: stepMm },
  };
  return {
    ...job,
    placements: Array.from({ length: count }, (_, i) => ({ ...first, id: `p${i}`, repeat })),
  };
};
const GUESTS = 200;
const hex = (n: number) => n.toString(16).padStart(64, '0');
/** A picture of its own for each of many guests. */
export const named = (job: Job): Job => ({
  ...job,
  arts: job.arts.flatMap((art) => [
    art,
    ...Array.from({ length: GUESTS }, (_, i) => ({ ...art, sha256: hex(i + 1) })),
  ]),
  items: Array.from({ length: GUESTS }, (_, i) => ({
    ...{ ...plainItem(`guest-${i + 1}`), name: `Guest ${i + 1}` },
    pictures: job.placements.map(({ id }) => ({ placementId: id, artSha256: hex(i + 1) })),
  })),
});
export const press = (part: object): Shelf => ({
  ...shelf,
  machines: [
    machineSchema.parse({ ...shelf.machines.find(({ id }) => id === 'hand-press'), ...part }),
  ],
});

/** A line of pixels made to cover a disc, so that it is hundreds of kilometres long, in tiny steps. */
function elongated(atEdge: 'cut' | 'whole only'): Job {
  const line = artwork({ storedWidthPx: 65_535, storedHeightPx: 1 });
  const job = repeated(jobOn('garden-panel', line, { widthMm: 5000, heightMm: 5000 }), 5, 1);
  return {
    ...job,
    placements: job.placements.map((each) => ({
      ...each,
      sizing: { mode: 'cover' as const },
      repeat: each.repeat && { ...each.repeat, atEdge },
    })),
  };
}

/** Such a line cut along its edge and ironed onto a tee: hundreds of kilometres, for which nobody has the time. */
function ironed(): Job {
  const line = artwork({ storedWidthPx: 1, storedHeightPx: 65_535 });
  const job = jobOn('tee', line, { widthMm: 5000 });
  return {
    ...job,
    transfer: 'dark-paper',
    placements: job.placements.map((each) => ({
      ...each,
      ...{ sizing: { mode: 'cover' as const }, at: { ...each.at, dxMm: 0, dyMm: 0 } },
    })),
    heat: { ...job.heat, machineId: 'iron' },
  };
}

/** A corner of the schema that a campaign once found to take long, with its shelf; what jobs say since then is added. */
function foundOnce(file: string): { job: Job; shelf: Shelf } {
  const path = join('tests/fixtures/corners', `${file}.json`);
  const { job, shelf: on } = JSON.parse(readFileSync(path, 'utf8')) as { job: Job; shelf: Shelf };
  return { job: jobSchema.parse(job), shelf: on };
}
const noWall = foundOnce('repeat-on-no-wall');
const necklines = foundOnce('necklines');

/** Jobs the schema admits and that are hard to plan: what, the job, its shelf, and the stop expected. */
export const HARD_JOBS: readonly (readonly [string, Job, Shelf, RegExp | null])[] = [
  [
    'a plate of 20 × 20 mm under a panel of 5 × 5 m',
    jobOn('garden-panel', artwork(), { widthMm: 5000, heightMm: 5000 }),
    press({ plate: { widthMm: 20, heightMm: 20 }, coolBorderMm: 0 }),
    /too-many-sections|misfit/,
  ],
  [
    'a timer of 5 s for two hours, section by section',
    {
      ...jobOn('garden-panel', artwork(), { widthMm: 1000, heightMm: 1500 }),
      heat: {
        ...jobOn('garden-panel').heat,
        own: { temperatureC: null, dwellS: 7200, pressure: null },
      },
    },
    press({ timerMaxS: 5 }),
    /too-many-presses/,
  ],
  [
    'a picture 65 535 times as high as wide covers a tee 5 m wide, ironed for its size, on a timer of 5 s',
    ironed(),
    { ...shelf, machines: shelf.machines.map((each) => ({ ...each, timerMaxS: 5 })) },
    /cut-off/,
  ],
  [
    'as many repeats as there may be, whole only, in steps of a millimetre',
    repeated(jobOn('garden-panel', artwork()), MAX_PLACEMENTS, 1),
    shelf,
    null,
  ],
  ...(['cut', 'whole only'] as const).map(
    (atEdge) =>
      [
        `a picture 65 535 times as wide as high, covering, repeated every millimetre, ${atEdge}`,
        elongated(atEdge),
        shelf,
        atEdge === 'cut' ? null : /no-motif/,
      ] as const,
  ),
  [
    'an edge of 2400 points round 1500 motifs',
    { ...repeated(jobOn('tote', fine), 1, 5), cut: { ...mugJob().cut, line: 'contour' } },
    shelf,
    null,
  ],
  ...Object.entries(HARD_RINGS).map(
    ([name, ring]) =>
      [
        `200 names on a ${name} of 3900 points`,
        named(outlined([ring(3900, 90)])),
        shelf,
        null,
      ] as const,
  ),
  [
    '30 further sizes of a repeat',
    {
      ...repeated(jobOn('tee', artwork()), 20, 3),
      items: Array.from({ length: 31 }, (_, i) => ({
        ...plainItem(`size-${i}`),
        size: { name: `S${i}`, widthMm: 400 + i },
      })),
    },
    shelf,
    null,
  ],
  ['a picture 328 km high, repeated where there is no room', noWall.job, noWall.shelf, null],
  ['300 copies of a neckline kilometres deep', necklines.job, necklines.shelf, null],
  [
    '1000 prints of an outline',
    times(named(outlined([HARD_RINGS.circle?.(3900, 40) ?? []])), 5),
    shelf,
    null,
  ],
];
