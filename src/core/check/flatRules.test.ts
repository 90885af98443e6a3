import { toldOf } from '@tests/support/worded';
import { artwork, blankOf, findings, jobOn, mugJob, shelf, withForm } from '@tests/support/jobs';
import { withArt } from '../job';
import type { ArtFacts, Artwork, Blank, Job, Placement } from '../model';
import type { BlankForm } from '../form';
import { planJob } from '../plan';
import { inches } from '../units';
import { applyFix } from '.';

const FLAT: ArtFacts = {
  palette: [],
  whiteShare: 0,
  edgeMismatch: 0,
  turnedMismatch: 0.3,
  silhouette: [],
  neighbours: [],
  detail: { columns: 1, rows: 1, cells: [255] },
};
const square = (facts: Partial<ArtFacts> = {}, part: Partial<Artwork> = {}): Artwork =>
  artwork({
    name: 'moon.png',
    storedWidthPx: 3000,
    storedHeightPx: 3000,
    facts: { ...FLAT, ...facts },
    ...part,
  });
const placed = (job: Job, part: Partial<Placement>): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, ...part })),
});
const cover = (job: Job) => placed(job, { sizing: { mode: 'cover' } });
const exact = (widthMm: number): Partial<Placement> => ({
  sizing: { mode: 'exact', widthMm, heightMm: widthMm, locked: true },
});
const made = (job: Job, part: Partial<Blank['substrate']>): Job => ({
  ...job,
  blank: { ...job.blank, substrate: { ...job.blank.substrate, ...part } },
});
/** All detail in one cell of 32 × 32, at these shares of the picture. */
const detailAt = (u: number, v: number): ArtFacts['detail'] => {
  const cells = Array.from({ length: 32 * 32 }, () => 0);
  cells[Math.floor(v * 32) * 32 + Math.floor(u * 32)] = 255;
  return { columns: 32, rows: 32, cells };
};

const text = {
  words: 'Hollow Ridge',
  font: 'DM Mono',
  bold: false,
  colour: '#000000',
  capHeightMm: 5,
  arcRadiusMm: 0,
} as const;
const tumbler = (facts: Partial<ArtFacts>) =>
  cover(
    withForm(mugJob(square(facts, { storedWidthPx: 6000, storedHeightPx: 2000 })), {
      girthMm: inches(9.25),
      handleGapMm: 0,
    }),
  );
const pair = (facts: Partial<ArtFacts> = {}) =>
  cover(withArt(jobOn('medallion', square(facts)), square(facts), 'p2', 'back'));
const nominal = (id: string): Job => {
  const { form } = blankOf(id);
  const sold = form.kind === 'panel' ? (form.nominal ?? {}) : {};
  return jobOn(id, square(), sold as Partial<BlankForm>);
};

type Case = readonly [id: string, sets: Job, says: RegExp, level: string, silent: Job];

/** Each rule: a job that sets it off with its figure, and one like it that does not. */
const CASES: readonly Case[] = [
  [
    'polyester',
    made(jobOn('tee', square()), { polyesterShare: 0, material: 'cotton' }),
    /cotton does not hold dye/,
    'stop',
    jobOn('tee', square()),
  ],
  [
    'polyester',
    made(jobOn('tee', square()), { polyesterShare: 0.5, material: 'blend' }),
    /about 50 % as strong/,
    'warn',
    made(mugJob(), { polyesterShare: 0.5 }),
  ],
  [
    'blank-colour',
    jobOn('tee-navy', square()),
    /on navy .*disappears/,
    'stop',
    jobOn('tee', square()),
  ],
  [
    'nominal',
    nominal('garden-panel'),
    /12 × 18 in is the size it is sold as/,
    'note',
    jobOn('garden-panel', square()),
  ],
  [
    'keep-out-p1',
    placed(jobOn('medallion', square({ detail: detailAt(0.5, 0.11) })), {
      sizing: { mode: 'cover' },
    }),
    /100 % of the detail of “moon.png” lies on the hole, that is cut out/,
    'warn',
    cover(jobOn('medallion', square({ detail: detailAt(0.5, 0.5) }))),
  ],
  [
    'keep-out-p1',
    placed(jobOn('hoodie', square({ detail: detailAt(0.5, 0.97) })), exact(inches(12))),
    /lies on the pocket/,
    'warn',
    placed(jobOn('hoodie', square({ detail: detailAt(0.5, 0.2) })), exact(inches(6))),
  ],
  [
    'lettering-p1',
    placed(jobOn('round-coaster', square({}, { text })), exact(inches(3.9))),
    /% of the line “Hollow Ridge” stands in the edge zone/,
    'warn',
    placed(jobOn('round-coaster', square({}, { text })), exact(inches(2))),
  ],
  [
    'bleed-missing',
    { ...cover(jobOn('garden-panel', square())), bleedMm: 0 },
    /white line shows.*1\/4 in a side/,
    'warn',
    cover(jobOn('garden-panel', square())),
  ],
  [
    'paper-short',
    { ...jobOn('round-coaster', square()), bleedMm: 0.5 },
    /cut edge prints as a line.*0\.1 in a side/,
    'warn',
    jobOn('round-coaster', square()),
  ],
  [
    'joining-seam-p1',
    tumbler({ edgeMismatch: 0.4 }),
    /does not meet itself.*differ by 40 %/,
    'warn',
    tumbler({ edgeMismatch: 0.01 }),
  ],
  [
    'seam-detail-p1',
    {
      ...cover(mugJob(square({ detail: detailAt(0.5, 0.5) }))),
      wrap: { ...mugJob().wrap, parts: 'halves' },
    },
    /100 % of the detail .* where the two halves meet/,
    'warn',
    {
      ...cover(mugJob(square({ detail: detailAt(0.1, 0.5) }))),
      wrap: { ...mugJob().wrap, parts: 'halves' },
    },
  ],
  [
    'halves',
    { ...cover(mugJob()), wrap: { ...mugJob().wrap, parts: 'halves' } },
    /“left half” goes on the left; swapped/,
    'note',
    cover(mugJob()),
  ],
  [
    'upside-down-p1',
    jobOn('round-coaster', square({ turnedMismatch: 0.01 })),
    /almost the same upside down.*arrow/,
    'note',
    jobOn('round-coaster', square()),
  ],
  [
    'white-p1',
    made(jobOn('tee', square({ whiteShare: 0.3 })), { colour: '#f6d5dc', colourName: 'pale pink' }),
    /30 % of “moon.png” is white.*show pale pink/,
    'warn',
    jobOn('tee', square({ whiteShare: 0.3 })),
  ],
  [
    'two-pressings',
    pair(),
    /the first side fades.*3\/4 in apart/,
    'warn',
    { ...pair(), fold: { gapMm: inches(0.75) } },
  ],
  [
    'fold-gap',
    { ...pair(), bleedMm: 10, fold: { gapMm: 19 } },
    /fills the 3\/4 in between them/,
    'stop',
    { ...pair(), fold: { gapMm: inches(0.75) } },
  ],
  [
    'cutter-width',
    {
      ...placed(mugJob(square()), exact(50)),
      sheet: { ...mugJob().sheet, cutterId: 'small-cutter' },
      blank: blankOf('mug-15oz'),
      bleedMm: 5,
    },
    /9\.\d+ in long; “Small cutting machine” prints and cuts up to 9 1\/4 in/,
    'warn',
    mugJob(square()),
  ],
  [
    'no-recipe',
    { ...jobOn('tee', square()), heat: { ...mugJob().heat, machineId: 'mug-press' } },
    /cannot press “Tee, polyester”/,
    'stop',
    jobOn('tee', square()),
  ],
];

test.each(CASES)(
  '%s is found with its figure, and stays silent when it should',
  (id, sets, says, level, silent) => {
    const check = toldOf(sets).find((each) => each.id === id);
    expect(check?.text).toMatch(says);
    expect(check?.level).toBe(level);
    expect(findings(silent)).not.toContain(id);
  },
);

const fixable = CASES.flatMap(([id, sets]) => {
  const check = planJob(sets, shelf).checks.find((each) => each.id === id);
  return (check?.fixes ?? []).map((fix) => [id, fix.code, sets, fix] as const);
});

test.each(fixable)('%s: “%s” settles it', (id, _code, sets, fix) => {
  expect(findings(applyFix(sets, fix, shelf))).not.toContain(id);
});
