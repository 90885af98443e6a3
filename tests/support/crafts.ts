import fc from 'fast-check';
import { onBothSides, withArt, withBlank } from '@/core/job';
import { TRANSFER_KINDS, type Artwork, type Job } from '@/core/model';
import { withTransfer } from '@/core/shelf';
import { artwork, factsWith, jobOn, shelf } from './jobs';

const busy = factsWith({
  palette: [{ colour: '#1f2a44', share: 1 }],
  whiteShare: 0.1,
  edgeMismatch: 0.2,
  turnedMismatch: 0.3,
  detail: { columns: 8, rows: 8, cells: Array.from({ length: 64 }, (_, i) => (i * 37) % 256) },
});

/** Pictures as crafters bring them: wide, tall, with and without see-through edges, lettering. */
const pictures: readonly Artwork[] = [
  artwork({ facts: busy }),
  artwork({ storedWidthPx: 900, storedHeightPx: 1800, facts: busy }),
  artwork({
    transparentShare: 0.5,
    facts: {
      ...busy,
      silhouette: [
        [
          [0.5, 0],
          [1, 0.5],
          [0.5, 1],
          [0, 0.5],
        ],
      ],
    },
  }),
  artwork({
    realMm: { widthMm: 60, heightMm: 12 },
    text: {
      ...({ words: 'Star Party', font: 'DM Mono', bold: false } as const),
      ...{ colour: '#000000', capHeightMm: 8, arcRadiusMm: 0 },
    },
    facts: busy,
  }),
];

/** One thing a crafter does to a job, or slips at. */
const steps: readonly ((job: Job, mm: number) => Job)[] = [
  (job, mm) => ({ ...job, bleedMm: mm / 20 }),
  (job, mm) => placed(job, (each) => ({ ...each, at: { ...each.at, dxMm: mm, dyMm: -mm / 2 } })),
  (job, mm) =>
    placed(job, (each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: mm * 2, heightMm: mm, locked: false },
    })),
  (job) => placed(job, (each) => ({ ...each, sizing: { mode: 'cover' } })),
  (job) => placed(job, (each) => ({ ...each, at: { ...each.at, datum: 'right-holder' } })),
  (job) => onBothSides(job, 'p1', 'p1-twin'),
  (job) => ({ ...job, cut: { ...job.cut, line: 'contour' } }),
  (job) => ({ ...job, wrap: { ...job.wrap, parts: 'halves' } }),
  (job, mm) => ({ ...job, fold: { gapMm: mm / 10 } }),
  (job, mm) => ({
    ...job,
    heat: { ...job.heat, own: { temperatureC: 150 + mm, dwellS: 10 + 4 * mm, pressure: 'firm' } },
  }),
  (job) => ({ ...job, heat: { ...job.heat, coolSchool: 'A', cover: 'used' } }),
  (job) => ({ ...job, sheet: { ...job.sheet, paperId: 'a4', cutterId: 'small-cutter' } }),
  (job, mm) => ({ ...job, sheet: { ...job.sheet, tile: { overlapMm: mm / 100, trim: 'both' } } }),
  (job) => ({ ...job, sheet: { ...job.sheet, mirrorBy: 'driver', printerId: 'laser' } }),
  (job, mm) => {
    const machine = shelf.machines[Math.floor(mm) % shelf.machines.length];
    return { ...job, heat: { ...job.heat, machineId: machine?.id ?? 'oven' } };
  },
  (job, mm) => {
    const blank = shelf.blanks[Math.floor(mm) % shelf.blanks.length];
    return blank ? withBlank(job, blank, shelf) : job;
  },
  (job, mm) => {
    const kind = TRANSFER_KINDS[Math.floor(mm) % TRANSFER_KINDS.length];
    return kind ? withTransfer(job, kind, shelf) : job;
  },
  (job) => withArt(job, { ...artwork({ facts: busy }), sha256: 'b'.repeat(64) }, 'p2', 'back'),
];

const placed = (job: Job, change: (each: Job['placements'][0]) => Job['placements'][0]): Job => ({
  ...job,
  placements: job.placements.map((each, i) => (i === 0 ? change(each) : each)),
});

/** Jobs as crafters make them, slips included: a blank, a picture, a few things done to it. */
export const anyCraft: fc.Arbitrary<Job> = fc
  .record({
    blank: fc.constantFrom(...shelf.blanks.map(({ id }) => id)),
    picture: fc.constantFrom(...pictures),
    done: fc.array(
      fc.record({ nth: fc.nat(steps.length - 1), mm: fc.integer({ min: 1, max: 140 }) }),
      {
        maxLength: 4,
      },
    ),
  })
  .map(({ blank, picture, done }) =>
    done.reduce((job, { nth, mm }) => steps[nth]?.(job, mm) ?? job, jobOn(blank, picture)),
  );
