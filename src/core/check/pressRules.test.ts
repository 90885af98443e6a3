import { toldOf } from '@tests/support/worded';
import { artwork, blankOf, findings, jobOn, shelf } from '@tests/support/jobs';
import type { Blank, HeatSettings, Job, Machine, Printer, Shelf, TransferKind } from '../model';
import { planJob } from '../plan';
import { fahrenheitToC, inches } from '../units';
import { applyFix } from '.';

interface Part {
  readonly by?: TransferKind;
  readonly heat?: Partial<HeatSettings>;
  readonly own?: Partial<HeatSettings['own']>;
  readonly made?: Partial<Blank['substrate']>;
  readonly both?: boolean;
}

const job = (blankId: string, machineId: string, part: Part = {}): Job => {
  const plain = jobOn(blankId, artwork());
  const placements = plain.placements.map((each) => ({
    ...each,
    sizing: {
      ...{ mode: 'exact' as const, locked: false },
      ...{ widthMm: inches(3), heightMm: inches(2) },
    },
  }));
  return {
    ...plain,
    transfer: part.by ?? 'sublimation',
    blank: { ...plain.blank, substrate: { ...plain.blank.substrate, ...part.made } },
    placements: part.both
      ? placements.flatMap((each) => [each, { ...each, id: 'p2', faceId: 'back' }])
      : placements,
    heat: {
      ...plain.heat,
      ...part.heat,
      machineId,
      own: { ...plain.heat.own, ...part.own },
    },
  };
};
const withMachine = (id: string, part: Partial<Machine>): Shelf => ({
  ...shelf,
  machines: shelf.machines.map((each) => (each.id === id ? { ...each, ...part } : each)),
});
const withPrinter = (part: Partial<Printer>): Shelf => ({
  ...shelf,
  printers: shelf.printers.map((each) => ({ ...each, ...part })),
});
const f = fahrenheitToC;
const smallPlate = { plate: { widthMm: 60, heightMm: 60 }, coolBorderMm: 0 };

type Case = readonly [id: string, level: string, says: RegExp, job: Job, on?: Shelf];

/** A plate that reads 12 °C less in its left third. */
const coolLeft: Partial<Machine> = {
  readings: {
    places: [40, 200, 360].flatMap((xMm) =>
      [40, 200, 360].map((yMm) => ({ xMm, yMm, displayC: 200, plateC: xMm < 100 ? 188 : 200 })),
    ),
    pressing: [],
  },
};

/** Each rule: what sets it off, and what its text must name. */
const LOUD: readonly Case[] = [
  ['polyester', 'stop', /Pure cotton/, job('tee', 'plate-press', { made: { polyesterShare: 0 } })],
  [
    'polyester',
    'warn',
    /about 50 % as strong/,
    job('tee', 'plate-press', { made: { polyesterShare: 0.5 } }),
  ],
  ['blank-colour', 'stop', /Dye is transparent/, job('tee-navy', 'plate-press')],
  [
    'blank-colour',
    'stop',
    /This paper is transparent/,
    job('tee-navy', 'plate-press', { by: 'light-paper' }),
  ],
  ['paper-kind', 'note', /about double/, job('tee', 'plate-press', { by: 'dark-paper' })],
  [
    'cracks',
    'stop',
    /crack under firm pressure/,
    job('medallion', 'plate-press', { own: { pressure: 'firm' } }),
  ],
  ['pad', 'warn', /no soft pad/, job('medallion', 'hand-press')],
  [
    'blank-limit',
    'stop',
    /400 °F is over what .* bears, 375 °F/,
    job('tee', 'plate-press', { made: { maxC: f(375) } }),
  ],
  [
    'tape-limit',
    'warn',
    /415 °F: Heat-rated tape/,
    job('tee', 'plate-press', { own: { temperatureC: f(415) } }),
  ],
  [
    'timer',
    'note',
    /99 \+ 99 \+ 52/,
    job('medallion', 'plate-press'),
    withMachine('plate-press', { timerMaxS: 99 }),
  ],
  [
    'machine-range',
    'stop',
    /150 °F is wanted; .* begins at 200 °F/,
    job('tee', 'hand-press', { by: 'vinyl', own: { temperatureC: f(150) } }),
  ],
  [
    'pressure-lacking',
    'warn',
    /gives light or medium pressure; firm/,
    job('tee-navy', 'hand-press', { by: 'dark-paper' }),
  ],
  [
    'plate-small',
    'stop',
    /in one go, both sides together/,
    job('medallion', 'plate-press', { both: true }),
    withMachine('plate-press', smallPlate),
  ],
  [
    'plate-uneven',
    'note',
    /evenly hot on .* only.*coolest place is 22 °F below/,
    job('tee', 'plate-press'),
    withMachine('plate-press', coolLeft),
  ],
  ['iron-dye', 'stop', /cool spots/, job('tee', 'iron')],
  ['print-side', 'warn', /which way up/, job('tee', 'plate-press'), withPrinter({ feedSide: '' })],
  [
    'spent-cover',
    'warn',
    /spent after one pressing/,
    job('tee', 'plate-press', { heat: { cover: 'used' } }),
  ],
  [
    'over-dye',
    'warn',
    /400 °F over finished dye/,
    job('tee', 'plate-press', { heat: { overDye: true } }),
  ],
  [
    'peel',
    'warn',
    /is peeled cold/,
    job('tee', 'plate-press', { by: 'film-clear', heat: { coolSchool: 'A' } }),
  ],
  ['food-oven', 'note', /food/, job('mug-12oz', 'oven')],
  ['unattended', 'note', /15 min is long enough/, job('mug-12oz', 'oven')],
  [
    'drop',
    'note',
    /on sequins: set it about 2 °F up/,
    job('wall-panel', 'plate-press', { made: { texture: 'sequin' } }),
  ],
  [
    'no-recipe',
    'stop',
    /Heat-transfer vinyl does not go on/,
    job('mug-12oz', 'mug-press', { by: 'vinyl' }),
  ],
  ['no-recipe', 'stop', /cannot press .* by sublimation print/, job('mug-12oz', 'plate-press')],
];

test.each(LOUD.map(([id, level, says, of, on]) => [id, level, says, of, on ?? shelf] as const))(
  '%s (%s) is told, with its figure and reason',
  (id, level, says, of, on) => {
    const check = toldOf(of, on).find((each) => each.id === id);
    expect(check?.text).toMatch(says);
    expect(check?.level).toBe(level);
  },
);

/** Each rule: the nearest thing that is right. */
const SILENT: readonly (readonly [id: string, job: Job, on?: Shelf])[] = [
  ['polyester', job('tee', 'plate-press', { by: 'vinyl', made: { polyesterShare: 0 } })],
  ['polyester', job('tee', 'plate-press', { made: { polyesterShare: 1 } })],
  ['blank-colour', job('tee-navy', 'plate-press', { by: 'film-white' })],
  ['paper-kind', job('tee-navy', 'plate-press', { by: 'dark-paper' })],
  ['cracks', job('medallion', 'plate-press')],
  ['cracks', job('tee', 'plate-press', { own: { pressure: 'firm' } })],
  ['pad', job('medallion', 'plate-press')],
  ['pad', job('medallion', 'hand-press', { heat: { pad: true } })],
  ['blank-limit', job('tee', 'plate-press', { made: { maxC: f(400) } })],
  ['tape-limit', job('tee', 'plate-press')],
  ['timer', job('medallion', 'plate-press')],
  ['machine-range', job('tee', 'hand-press', { by: 'vinyl' })],
  ['pressure-lacking', job('tee', 'hand-press')],
  ['plate-small', job('medallion', 'plate-press', { both: true })],
  ['plate-small', job('wall-panel', 'hand-press')],
  ['plate-uneven', job('tee', 'plate-press')],
  ['iron-dye', job('tee', 'iron', { by: 'light-paper' })],
  ['print-side', job('tee', 'plate-press')],
  ['print-side', job('tee', 'plate-press', { by: 'vinyl' }), withPrinter({ feedSide: '' })],
  ['spent-cover', job('tee', 'plate-press')],
  ['over-dye', job('tee', 'plate-press', { by: 'vinyl', heat: { overDye: true } })],
  ['peel', job('tee', 'plate-press', { by: 'film-clear', heat: { coolSchool: 'B' } })],
  ['food-oven', job('mug-12oz', 'mug-press')],
  ['unattended', job('tee', 'plate-press')],
  ['drop', job('wall-panel', 'plate-press')],
  [
    'drop',
    job('wall-panel', 'plate-press', { made: { texture: 'thick' } }),
    withMachine('plate-press', { dropC: 2 / 1.8 }),
  ],
  ['no-recipe', job('tee', 'iron', { by: 'light-paper' })],
  ['too-cool', job('tee', 'plate-press', { by: 'vinyl' })],
  ['ink', job('tee', 'plate-press', { by: 'vinyl' })],
];

test.each(SILENT.map(([id, of, on]) => [id, of, on ?? shelf] as const))(
  '%s stays silent where all is well',
  (id, of, on) => {
    expect(findings(of, on)).not.toContain(id);
  },
);

test.each(
  LOUD.flatMap(([id, , , of, on]) =>
    (planJob(of, on ?? shelf).checks.find((each) => each.id === id)?.fixes ?? []).map(
      (fix) => [id, fix.code, of, fix, on ?? shelf] as const,
    ),
  ),
)('%s: “%s” settles it', (id, _code, of, fix, on) => {
  expect(findings(applyFix(of, fix, on), on)).not.toContain(id);
});

test.each([
  // an iron is leaned on with both hands; the paper wants firm pressure, which a hand-held press does not give
  ['iron', 'iron'],
  ['hand-press', 'plate-press'],
])('a way out by another transfer brings printer and machine along: %s', (on, machineId) => {
  const navy = job('tee-navy', on);
  const made = planJob(navy, shelf)
    .checks.find(({ id }) => id === 'polyester')
    ?.fixes.map((fix) => applyFix(navy, fix, shelf))
    .find(({ transfer }) => transfer === 'dark-paper');
  expect(made).toMatchObject({ sheet: { printerId: 'ordinary-inkjet' }, heat: { machineId } });
});

test('mirrored twice or never is told for every kind; what is not mirrored is told to stay so', () => {
  const navy = { ...job('tee-navy', 'plate-press', { by: 'dark-paper' }) };
  expect(planJob(navy, shelf).mirror).toMatchObject({ needed: false, flips: 0, readsRight: true });
  const vinyl = job('tee', 'plate-press', { by: 'vinyl' });
  expect(planJob(vinyl, shelf).mirror).toMatchObject({ needed: true, readsRight: true });
  expect(blankOf('tee-navy').substrate.polyesterShare).toBeLessThan(1);
});
