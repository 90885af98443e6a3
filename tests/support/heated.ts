import { setupOf, type Setup, type SetupChange } from '@/core/heat';
import { planJob } from '@/core/plan';
import { shelf } from './jobs';
import { jobFor, type Row } from './presses';

/** A pressing of the trade as its heat sees it. */
export function setupFor(row: Omit<Row, 'line'>): Setup {
  const job = jobFor({ ...row, line: '' });
  const [pass] = planJob(job, shelf).press.passes;
  if (!pass) throw new Error(`nothing is pressed on ${row.on}`);
  return setupOf(pass, job.blank);
}

/** The recipes of the trade that bring dye in. */
export const DYED: readonly (readonly [string, Omit<Row, 'line'>])[] = [
  ['polyester tee', { on: 'tee', with: 'plate-press' }],
  ['cloth panel', { on: 'tea-towel', with: 'hand-press' }],
  ['thick pillow', { on: 'pillow', with: 'plate-press', made: { texture: 'thick' } }],
  ['socks', { on: 'socks-m', with: 'hand-press' }],
  ['ceramic disc', { on: 'round-coaster', with: 'plate-press' }],
  [
    'pens, 6 mm ceramic coaster, 400 °F',
    {
      ...{ on: 'round-coaster', by: 'dye-pens', with: 'hand-press' },
      ...{ heat: { figureSchool: 'B' }, made: { thicknessMm: 6 } },
    },
  ],
  ['mug in the press', { on: 'mug-12oz', with: 'mug-press' }],
  ['mug in the attachment', { on: 'mug-12oz', with: 'mug-attachment' }],
  ['mug in the oven', { on: 'mug-12oz', with: 'oven' }],
  ['tumbler in the oven', { on: 'tumbler-20oz', with: 'oven' }],
  ['tumbler in the press', { on: 'tumbler-20oz', with: 'tumbler-press' }],
  ['white film', { on: 'tee', by: 'film-white', with: 'plate-press' }],
  ['clear film', { on: 'tee', by: 'film-clear', with: 'plate-press' }],
];

const tee = () => setupFor({ on: 'tee', with: 'plate-press' });
const disc = (): Setup => ({
  ...setupFor({ on: 'round-coaster', with: 'plate-press' }),
  thicknessMm: 3,
});
const mug = (machine: string): Setup => ({
  ...setupFor({ on: 'mug-12oz', with: machine }),
  thicknessMm: 4,
});
const attachment = () => mug('mug-attachment');
const cold = { roomC: 5, blankC: 5 };

/** One thing changed of a recipe, and the band of the dose in our own trial; null where that was not met and why is told. */
export const WHAT_IFS: readonly {
  readonly name: string;
  readonly of: () => Setup;
  readonly change: (of: Setup) => SetupChange;
  readonly trial: readonly [number, number];
  readonly met: boolean;
}[] = [
  {
    name: 'tee, two covers for one',
    of: tee,
    change: () => ({ covers: 2 }),
    trial: [0.62, 0.77],
    met: true,
  },
  {
    name: 'tee, plate 12 °C low',
    of: tee,
    change: ({ plateC }) => ({ plateC: plateC - 12 }),
    trial: [0.45, 0.55],
    met: true,
  },
  {
    name: 'disc, plate 12 °C low',
    of: disc,
    change: ({ plateC }) => ({ plateC: plateC - 12 }),
    trial: [0.42, 0.53],
    met: true,
  },
  { name: 'tee, 5 °C room', of: tee, change: () => cold, trial: [0.74, 0.9], met: true },
  {
    name: 'attachment, 5 °C room',
    of: attachment,
    change: () => cold,
    trial: [0.56, 0.81],
    met: true,
  },
  {
    name: 'attachment started cold',
    of: attachment,
    change: () => ({ start: 'cold' }),
    trial: [0.04, 0.43],
    met: true,
  },
  {
    name: 'attachment, two sleeves for one',
    of: attachment,
    change: () => ({ covers: 2 }),
    trial: [0.52, 0.74],
    met: true,
  },
  {
    name: 'disc 4 mm for 3 mm',
    of: disc,
    change: () => ({ thicknessMm: 4 }),
    trial: [0.63, 0.82],
    met: true,
  },
  {
    name: 'mug wall 5 mm for 4 mm',
    of: attachment,
    change: () => ({ thicknessMm: 5 }),
    trial: [0.43, 0.62],
    met: true,
  },
  {
    name: 'mug press started cold, of 6 min',
    of: () => ({ ...mug('mug-press'), dwellS: 360 }),
    change: () => ({ start: 'cold' }),
    trial: [0.37, 0.75],
    met: true,
  },
  {
    name: 'mug press started cold, of 7 min',
    of: () => mug('mug-press'),
    change: () => ({ start: 'cold' }),
    trial: [0.37, 0.75],
    met: false,
  },
  {
    name: 'disc, ceramic 3 mm for glass 4 mm',
    of: () => ({ ...disc(), material: 'glass', thicknessMm: 4 }),
    change: () => ({ material: 'ceramic', thicknessMm: 3 }),
    trial: [1.21, 1.65],
    met: true,
  },
  {
    name: 'mug, ceramic 3 mm for glass 4 mm',
    of: () => ({ ...attachment(), material: 'glass' }),
    change: () => ({ material: 'ceramic', thicknessMm: 3 }),
    trial: [1.21, 1.65],
    met: false,
  },
  {
    name: 'panel 1.0 mm for 0.5 mm',
    of: () => setupFor({ on: 'tea-towel', with: 'hand-press' }),
    change: () => ({ thicknessMm: 1 }),
    trial: [0.86, 0.99],
    met: true,
  },
];
