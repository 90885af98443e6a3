import { toldOf } from '@tests/support/worded';
import {
  artwork,
  covering,
  findings,
  mugJob,
  onLatteCup,
  shelf,
  withForm,
  jobOn,
  times,
} from '@tests/support/jobs';
import {
  TRANSFER_KINDS,
  type HeatSettings,
  type Job,
  type Placement,
  type Printer,
  type Shelf,
  type Substrate,
} from '../model';
import { planJob } from '../plan';
import { applyFix } from '.';
import { fahrenheitToC, inches } from '../units';
import { TRADE_UNITS, type UnitStyle } from '@/words/units';
import { withPass } from '../shelf';

const on = (job: Job, substrate: Partial<Substrate>): Job => ({
  ...job,
  blank: { ...job.blank, substrate: { ...job.blank.substrate, ...substrate } },
});
const sized = (widthIn: number, heightIn: number): Job =>
  mugJob(artwork(), {
    sizing: { mode: 'exact', widthMm: inches(widthIn), heightMm: inches(heightIn), locked: false },
  });
const heated = (machineId: string, own: Partial<HeatSettings['own']> = {}): Job => {
  const job = mugJob();
  return { ...job, heat: { ...job.heat, machineId, own: { ...job.heat.own, ...own } } };
};
const printedOn = (sheet: Partial<Job['sheet']>): Job => {
  const job = mugJob();
  return { ...job, sheet: { ...job.sheet, ...sheet } };
};
const withPrinter = (part: Partial<Printer>): Shelf => ({
  ...shelf,
  printers: shelf.printers.map((each) =>
    each.id === 'sublimation-inkjet' ? { ...each, ...part } : each,
  ),
});
const moved = (placement: Partial<Placement>) => mugJob(artwork(), placement);

/** Each rule: a job that sets it off, and what its text must name. */
const CASES: readonly (readonly [id: string, job: Job, says: RegExp, level: string])[] = [
  ['coating', on(mugJob(), { coating: 'none' }), /no coating for dye/, 'stop'],
  ['coating', on(mugJob(), { coating: 'unknown' }), /not known/, 'warn'],
  [
    'blank-colour',
    on(mugJob(), { colour: '#17181b', colourName: 'black' }),
    /on black .*disappears/,
    'stop',
  ],
  [
    'blank-colour',
    on(mugJob(), { colour: '#bcc2c6', colourName: 'silver' }),
    /tinted by silver/,
    'warn',
  ],
  ['measuring', withForm(mugJob(), { girthMeasuredAs: 'diameter' }), /bucket/, 'warn'],
  ['no-face-wrap', withForm(mugJob(), { handleGapMm: 300 }), /whole circumference/, 'stop'],
  [
    'no-face-wrap',
    withForm(mugJob(), { rimKeepOutMm: 60, baseKeepOutMm: 60 }),
    /leave nothing/,
    'stop',
  ],
  [
    'no-face-wrap',
    onLatteCup(mugJob(), { heightMm: 10 }),
    /No cup can have a wall of 0\.39 in/,
    'stop',
  ],
  ['bleed-over-handle', { ...mugJob(), bleedMm: 25 }, /handle gap of 1 1\/2 in/, 'stop'],
  ['no-art', { ...mugJob(), placements: [], arts: [] }, /no picture yet/, 'stop'],
  [
    'resolution-p1',
    mugJob(artwork({ storedWidthPx: 1350, storedHeightPx: 600 })),
    /pixels per inch.*soft/,
    'warn',
  ],
  [
    'resolution-p1',
    mugJob(artwork({ storedWidthPx: 675, storedHeightPx: 300 })),
    /pixels show/,
    'warn',
  ],
  ['stretch-p1', sized(8.75, 3.79 / 1.36), /40 % wider/, 'warn'],
  ['cut-off-p1', sized(10, 4.44), /cuts off/, 'warn'],
  [
    'cut-off-p1',
    moved({ at: { datum: 'opposite-handle', dxMm: 900, dyMm: 0 } }),
    /wholly off/,
    'stop',
  ],
  ['bleed-short-p1', sized(8.75, 3.79), /left, right, rim, base/, 'warn'],
  ['keep-out-p1', sized(4, 3.79), /8 % of the detail .* on the rim and base/, 'note'],
  ['ink', printedOn({ printerId: 'ordinary-inkjet' }), /only sublimation ink/, 'stop'],
  ['ink', printedOn({ printerId: 'laser' }), /laser toner/, 'stop'],
  ['paper-width', printedOn({ paperId: 'tabloid' }), /11 in wide.*up to 8 1\/2 in/, 'stop'],
  [
    'misfit-front-1',
    covering(jobOn('wall-panel', artwork(), { widthMm: 5000, heightMm: 5000 })),
    /too little to tile/,
    'stop',
  ],
  [
    'too-many',
    times(covering(jobOn('wall-panel')), 200),
    /2400 prints; one job is planned for up to 1000/,
    'stop',
  ],
  [
    'tiled-wrap-1',
    withForm(mugJob(), { girthMm: inches(14) }),
    /12 5\/8 × 3\.92 in .* 2 sheets of US letter, 1 × 2, .*US legal in the same printer/,
    'note',
  ],
  [
    'machine-range',
    heated('oven', { temperatureC: fahrenheitToC(500) }),
    /500 °F.*reaches 450 °F/,
    'stop',
  ],
  ['too-cool', heated('oven', { temperatureC: fahrenheitToC(330) }), /330 °F is cool/, 'warn'],
  ['too-hot', heated('oven', { temperatureC: fahrenheitToC(440) }), /440 °F is hot/, 'warn'],
  ['dwell', heated('oven', { dwellS: 300 }), /5 min is shorter than the usual 15 min/, 'warn'],
  ['taper', onLatteCup(mugJob()), /stand .* off at the rim/, 'note'],
  ['tapered-in-straight', onLatteCup(mugJob()), /needs a tapered element/, 'warn'],
  ['food-oven', heated('oven'), /not used for food/, 'note'],
];

test.each(CASES)('%s is found, with its figure', (id, job, says, level) => {
  const check = toldOf(job).find((each) => each.id === id);
  expect(check?.text).toMatch(says);
  expect(check?.level).toBe(level);
});

test('an ordinary job sets off none of them', () => {
  const plain = sized(6, 2.667);
  expect(findings(plain)).toEqual([]);
  const noted = new Set(findings(heated('mug-attachment')));
  CASES.forEach(([id]) => expect(noted.has(id)).toBe(false));
});

test('what the printer can do is taken into account', () => {
  const job = printedOn({ mirrorBy: 'driver' });
  expect(findings(job)).not.toContain('driver-cannot-mirror');
  expect(findings(job, withPrinter({ driverCanMirror: false }))).toContain('driver-cannot-mirror');
  expect(findings(job, withPrinter({ mirrorsOnItsOwn: true }))).toEqual([]);
  expect(
    findings(printedOn({ paperId: 'tabloid' }), withPrinter({ maxPaperWidthMm: 330 })),
  ).toEqual([]);
});

test('stops come first', () => {
  const levels = planJob(on(sized(8.75, 2), { coating: 'none' }), shelf).checks.map(
    ({ level }) => level,
  );
  const order = ['stop', 'warn', 'note'];
  expect(levels).toEqual([...levels].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
  expect(levels[0]).toBe('stop');
});

const fixOf = (id: string, job: Job) =>
  planJob(job, shelf).checks.find((each) => each.id === id)?.fixes?.[0];

test.each(CASES.filter(([id, job]) => fixOf(id, job)))(
  'the fix offered for %s settles it',
  (id, job) => {
    const fix = fixOf(id, job);
    expect(fix && findings(applyFix(job, fix, shelf))).not.toContain(id);
  },
);

test('who works in millimetres and °C is told nothing in inches or °F', () => {
  const metric: UnitStyle = { ...TRADE_UNITS, length: 'mm', temperature: '°C' };
  const said = shelf.blanks.flatMap((blank) =>
    TRANSFER_KINDS.flatMap((transfer) =>
      ['oven', 'hand-press', 'iron'].map((machineId) => {
        const job = jobOn(blank.id, artwork({ storedWidthPx: 300, storedHeightPx: 120 }));
        const named = { ...job, blank: { ...job.blank, name: 'It' }, transfer };
        const heat = { ...job.heat, machineId };
        return toldOf(withPass({ ...named, heat }, 'vinyl', 'vinyl', shelf), shelf, metric);
      }),
    ),
  );
  const texts = new Set(said.flat().flatMap(({ text, figure }) => [text, figure]));
  expect(texts.size).toBeGreaterThan(60);
  expect(
    [...texts].filter((text) =>
      /°F|\d in\b|\binch/.test(text.replace(/pixels per inch|A4 in the same/, '')),
    ),
  ).toEqual([]);
});
