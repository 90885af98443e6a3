/**
 * The jobs of the trade from job to program, in the demo's terms, and the mistakes crafters made at them, each found
 * before heat. Common practice, no source.
 */
import { artwork, covering, factsWith, jobOn, shelf, times, withForm } from '@tests/support/jobs';
import { applyFix, type CheckCode } from './check';
import { withArt } from './job';
import type { Job, Substrate, TaskCode } from './model';
import { planJob } from './plan';
import { withPass, withTransfer } from './shelf';
import { inches } from './units';

const square = artwork({ storedWidthPx: 2400, storedHeightPx: 2400 });
const wide = artwork({ storedWidthPx: 2600, storedHeightPx: 1100 });
const seeThrough = artwork({
  ...{ storedWidthPx: 2000, storedHeightPx: 2000, transparentShare: 0.5 },
  facts: factsWith({
    silhouette: [
      [
        [0.1, 0.1],
        [0.9, 0.2],
        [0.5, 0.9],
      ],
    ],
  }),
});

const on = (job: Job, machineId: string): Job => ({ ...job, heat: { ...job.heat, machineId } });
const as = (job: Job, part: Partial<Substrate>): Job => ({
  ...job,
  blank: { ...job.blank, substrate: { ...job.blank.substrate, ...part } },
});
const sized = (job: Job, inchesWide: number): Job => ({
  ...job,
  placements: job.placements.map((each) => ({
    ...each,
    sizing: {
      ...({ mode: 'exact', locked: true } as const),
      ...{ widthMm: inches(inchesWide), heightMm: inches(inchesWide) },
    },
  })),
});
const codes = (job: Job): CheckCode[] => planJob(job, shelf).checks.map(({ code }) => code);
const does = (job: Job): TaskCode[] =>
  planJob(job, shelf).press.program.operations.map((each) => each.does);

const mug = on(jobOn('mug-12oz', wide), 'mug-press');
const tumbler = on(jobOn('tumbler-20oz', wide), 'oven');
const tee = sized(on(jobOn('tee', square), 'plate-press'), 7);
const navy = sized(jobOn('tee-navy', seeThrough), 7);
const panel = covering(jobOn('garden-panel', square));
const twoSided = withArt(jobOn('medallion', square), square, 'p2', 'back');
const medallion: Job = { ...covering(twoSided), fold: { gapMm: inches(0.75) } };
const ironed = withTransfer(on(sized(jobOn('tee', square), 3), 'iron'), 'light-paper', shelf);
const film = withTransfer(on(navy, 'plate-press'), 'film-white', shelf);
const opaque = withTransfer(on(navy, 'plate-press'), 'dark-paper', shelf);

/** Each job: the tasks that make it what it is, in this order, and the seconds it is pressed. */
const JOBS: readonly (readonly [string, Job, readonly TaskCode[], number])[] = [
  ['a mug in its press', mug, ['clean-cup', 'wrap-and-tape', 'press-in-clamp', 'unwrap-cup'], 420],
  [
    'a mug in the oven, sleeved',
    on(mug, 'oven'),
    ['shrink-sleeve', 'warm-up-oven', 'press-mug-in-oven', 'sleeve-off-hot', 'cool-fully-cup'],
    900,
  ],
  ['a steel tumbler in the oven', tumbler, ['shrink-sleeve', 'press-tumbler-in-oven'], 300],
  [
    'a steel tumbler in its press, turned half round',
    on(tumbler, 'tumbler-press'),
    ['press-in-wrap', 'turn-half-round', 'press-in-wrap'],
    60,
  ],
  [
    'a polyester tee',
    tee,
    ['crease-centre', 'press-dry', 'lint-off', 'lay-and-tape', 'press-flat'],
    60,
  ],
  [
    'a fabric panel larger than the press, section by section',
    on(panel, 'hand-press'),
    ['press-dry-each-section', 'lint-off', 'press-panel', 'cool-fully'],
    60,
  ],
  [
    'a two-sided ornament, folded over a light',
    on(medallion, 'plate-press'),
    ['trim-to-marks', 'fold-over-light', 'press-flat'],
    250,
  ],
  ['socks on inserts', jobOn('socks-m', square), ['roll-edges', 'lay-and-tape', 'press-socks'], 40],
  [
    'pens on a hard coaster',
    on(withTransfer(jobOn('square-coaster', square), 'dye-pens', shelf), 'plate-press'),
    ['lint-off', 'lay-and-tape', 'press-flat'],
    60,
  ],
  [
    'light paper by household iron',
    ironed,
    ['cut-close', 'warm-up-iron', 'press-with-iron', 'press-with-iron-again'],
    17,
  ],
  [
    'opaque paper on a navy tee',
    opaque,
    ['press-dry-and-flat', 'backing-off', 'press-flat', 'press-edges-fast'],
    25,
  ],
  [
    'white film on a navy tee',
    film,
    [
      'cut-film',
      'lay-film',
      'press-film-on',
      'film-carrier-off',
      'lay-print-on-film',
      'press-flat',
    ],
    50,
  ],
];

test.each(JOBS)(
  '%s: its tasks in order, its seconds, nothing that stops',
  (_job, job, tasks, s) => {
    const { press, checks } = planJob(job, shelf);
    expect(checks.filter(({ level }) => level === 'stop')).toEqual([]);
    const done = press.program.operations.map((each) => each.does);
    let at = -1;
    for (const task of tasks) {
      const next = done.indexOf(task, at + 1);
      expect([task, next > at]).toEqual([task, true]);
      at = next;
    }
    expect(press.settings.dwellS).toBe(s);
  },
);

const vinylOver = withPass(tee, 'v', 'vinyl', shelf);
const glitter = artwork({ facts: factsWith({ palette: [{ colour: '#f4d6e0', share: 1 }] }) });

/** What went wrong for somebody, as the job stood then, and what says so before heat. */
const MISTAKES: readonly (readonly [string, Job, CheckCode])[] = [
  ['the diameter written down as the girth', withForm(mug, { girthMm: inches(3.34) }), 'measuring'],
  ['a shop mug without coating', as(mug, { coating: 'none' }), 'coating'],
  ['dye on cotton', as(tee, { polyesterShare: 0, material: 'cotton' }), 'polyester'],
  ['dye on a navy tee', jobOn('tee-navy', square), 'blank-colour'],
  [
    'pale art on pink glitter',
    as(jobOn('round-coaster', glitter), { finish: 'glitter' }),
    'on-glitter',
  ],
  [
    'paper cut close round the motif on a coaster',
    { ...jobOn('round-coaster', seeThrough), cut: { ...tee.cut, line: 'contour' } },
    'cut-edge-prints',
  ],
  [
    'no bleed where the art covers',
    { ...covering(jobOn('medallion', square)), bleedMm: 0 },
    'paper-short',
  ],
  ['both sides of a thin blank pressed in turn', covering(twoSided), 'two-pressings'],
  [
    'sheets that do not overlap',
    { ...panel, sheet: { ...panel.sheet, tile: { overlapMm: 0, trim: 'one' } } },
    'no-overlap',
  ],
  ['an 8.5 × 5 in picture forced into a wrap', forced(), 'stretch'],
  [
    'a coarse picture made large',
    sized(jobOn('tee', artwork({ storedWidthPx: 400, storedHeightPx: 400 })), 10),
    'resolution',
  ],
  [
    'a picture in the four inks of a press, it does not say which',
    sized(jobOn('tee', artwork({ coloursTold: false })), 8),
    'colours-untold',
  ],
  [
    'a drawing that came in without some of its pictures',
    sized(jobOn('tee', artwork({ lost: ['elsewhere'] })), 8),
    'came-otherwise',
  ],
  ['firm pressure on a thin disc', pressed(medallion, 'firm'), 'cracks'],
  ['an iron for dye', on(tee, 'iron'), 'iron-dye'],
  [
    'cover paper that caught dye before',
    { ...tee, heat: { ...tee.heat, cover: 'used' } },
    'spent-cover',
  ],
  ['the wrong ink', { ...tee, sheet: { ...tee.sheet, printerId: 'ordinary-inkjet' } }, 'ink'],
  [
    'straight cuts that leave a white box',
    { ...opaque, cut: { ...opaque.cut, line: 'edge' } },
    'white-box',
  ],
  [
    'opaque paper taped of several sheets',
    sized({ ...opaque, cut: { ...opaque.cut, line: 'edge' } }, 12),
    'opaque-tiled',
  ],
  ['a second heat over finished dye', { ...tee, heat: { ...tee.heat, overDye: true } }, 'over-dye'],
  ['a further transfer without a picture', vinylOver, 'pass-empty'],
  [
    'more time than the trade knows',
    { ...tee, heat: { ...tee.heat, own: { ...tee.heat.own, dwellS: 400 } } },
    'dwell',
  ],
];

function forced(): Job {
  const { placements } = mug;
  return {
    ...mug,
    placements: placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: inches(8.75), heightMm: inches(3.79), locked: false },
    })),
    arts: [
      {
        ...square,
        sha256: placements[0]?.artSha256 ?? '',
        storedWidthPx: 2550,
        storedHeightPx: 1500,
      },
    ],
  };
}

function pressed(job: Job, pressure: 'firm'): Job {
  const onPress = on(job, 'plate-press');
  return { ...onPress, heat: { ...onPress.heat, own: { ...onPress.heat.own, pressure } } };
}

test.each(MISTAKES)('%s is found before heat', (_what, job, code) => {
  expect(codes(job)).toContain(code);
});

test('what a mistake is told with settles it, wherever a way out is offered', () => {
  for (const [what, job, code] of MISTAKES) {
    const found = planJob(job, shelf).checks.find((check) => check.code === code);
    const [way] = found?.fixes ?? [];
    if (way) expect([what, codes(applyFix(job, way, shelf)).includes(code)]).toEqual([what, false]);
  }
});

test('four mugs: clean paper and prints for each, and every load of the press said', () => {
  const { press } = planJob(times(mug, 4), shelf);
  expect(press.supplies.find(({ is }) => is === 'print')?.count).toBe(4);
  expect(does(times(mug, 4)).filter((task) => task === 'press-in-clamp')).toHaveLength(4);
});
