import { fahrenheitToC } from '../units';
import type { CoolSchools, Layer, Recipe, Task } from './recipe';
import { cautionsOf, DYE, DYE_CAUTION, printOn } from './recipeParts';

const COMMON_PREPARATION: readonly Task[] = [
  {
    title: 'Clean the cup',
    detail: 'Wipe it with a lint-free cloth and let it dry. Lint presses in as coloured specks.',
  },
  {
    title: 'Trim the print',
    detail: 'Cut on the trim ticks, so that no tick and no label is left on the piece.',
  },
  {
    title: 'Wrap and tape',
    detail:
      'Ink side to the cup, base flush, pulled tight, the same distance to the rim at both ends. Heat-rated tape at ' +
      'rim, base{handle: , handle side} and seam, never over ink.',
  },
];

const MUG: Layer = { name: 'Cup', role: 'blank' };
const PRINT = printOn('cup');
const PAPER_SLEEVE: Layer = {
  name: 'Clean paper sleeve',
  role: 'protect',
  lasts: 'once',
  note: 'one to three layers',
};

const COOL: CoolSchools = {
  difference:
    'One school handles the mug after about 5 minutes, still gloved; the other waits until it is fully cold.',
  A: {
    title: 'Cool about 5 minutes, gloves on',
    detail: 'Set it on the heat-proof mat. Keep the gloves on: it still burns.',
    durationS: 5 * 60,
  },
  B: {
    title: 'Cool until fully cold',
    detail: 'Leave it 12–15 minutes on the heat-proof mat and do not touch it before.',
    durationS: 15 * 60,
  },
};

const UNWRAP: Task = {
  title: 'Unwrap',
  detail: 'Take paper and tape off. Do not scratch the coating picking at tape.',
};

const COMMON_CAUTIONS = [DYE_CAUTION, ...cautionsOf('mat', 'plate, oven and mug burn')];

const SHRINK: Task = {
  title: 'Shrink the sleeve',
  detail:
    'Cut it to length{handle: , snip for the handle}. Warm the seams first, then all round, evenly; too much heat tears it.',
};
const OVEN_HEAT_UP: Task = {
  title: 'Pre-heat the oven',
  detail: 'Convection on, parchment on the rack, oven thermometer inside: trust it over the dial.',
  durationS: 15 * 60,
};
const SLEEVED: readonly Layer[] = [
  { name: 'Oven air', role: 'heat', note: 'fan on' },
  {
    name: 'Shrink sleeve',
    role: 'protect',
    lasts: 'once',
    note: 'tight and without folds over the print',
  },
  PRINT,
  MUG,
];
const SLEEVE_OFF: Task = {
  title: 'Take the sleeve off, hot',
  detail:
    'Straight from the oven, gloves on: it comes off easier while hot. The paper stays on until the cup is warm.',
};
const NO_FOOD = 'An oven used for dye is not used for food again.';

const cup = (
  part: Pick<
    Recipe,
    'works' | 'name' | 'machines' | 'temperatureC' | 'dwellS' | 'pressureNote' | 'origin'
  > &
    Pick<Recipe, 'heatUp' | 'layers' | 'pressing'> &
    Partial<Recipe>,
): Recipe => ({
  transfers: DYE,
  dwellRangeS: [part.dwellS, part.dwellS],
  pressure: null,
  schoolB: null,
  byArea: null,
  preparation: COMMON_PREPARATION,
  ready: [],
  hotOff: null,
  before: null,
  after: null,
  turn: null,
  needsPad: false,
  sides: 'in turn',
  doneness: 'The picture ghosts through the paper; clean cover paper just yellows.',
  cool: COOL,
  unwrap: UNWRAP,
  cautions: COMMON_CAUTIONS,
  ...part,
});

/** What an oven with a shrink sleeve has in common, whatever stands in it. */
const SLEEVE = {
  machines: ['oven'],
  pressureNote: 'the shrunk sleeve presses',
  origin: 'common practice',
  preparation: [...COMMON_PREPARATION, SHRINK],
  heatUp: OVEN_HEAT_UP,
  layers: SLEEVED,
  doneness: 'The sleeve is tight and clear, and the picture shows through the paper.',
  hotOff: SLEEVE_OFF,
  cautions: [...COMMON_CAUTIONS, NO_FOOD],
} as const;

/** Dye on cups, by machine. Schools for the cool-down: common practice. */
export const CUP_RECIPES: readonly Recipe[] = [
  cup({
    works: ['cup'],
    name: 'Mug',
    machines: ['mug-press'],
    temperatureC: null,
    dwellS: 7 * 60,
    dwellRangeS: [6 * 60, 7 * 60],
    pressureNote: 'the clamp sets it',
    origin: 'common practice',
    heatUp: {
      title: 'Let the press warm up',
      detail: 'Switch it on and wait for its ready light. Its temperature is fixed.',
    },
    layers: [
      { name: 'Press wrap', role: 'heat', note: 'closed by the clamp' },
      PAPER_SLEEVE,
      PRINT,
      MUG,
    ],
    pressing:
      'Put the mug in{handle:  with the handle centred in the opening} and close the clamp.',
  }),
  cup({
    ...SLEEVE,
    works: ['cup'],
    name: 'Mug in a shrink sleeve',
    temperatureC: fahrenheitToC(400),
    dwellS: 15 * 60,
    pressing: 'Stand the mug on the parchment and close the door. No turning needed.',
  }),
  cup({
    works: ['cup'],
    name: 'Mug',
    machines: ['mug-attachment'],
    temperatureC: fahrenheitToC(400),
    dwellS: 180,
    dwellRangeS: [150, 240],
    pressure: 'medium',
    pressureNote: 'snug all round: the cover paper must not turn by hand',
    origin: 'from memory',
    heatUp: {
      title: 'Heat the attachment',
      detail: 'Set it and wait until the display has reached the figure and holds it.',
    },
    layers: [{ name: 'Heating wrap', role: 'heat' }, PAPER_SLEEVE, PRINT, MUG],
    pressing:
      'Put the mug in{handle: , handle in the opening}, and close until it is snug all round.',
  }),
  cup({
    ...SLEEVE,
    works: ['steel cup'],
    name: 'Steel tumbler in a shrink sleeve',
    temperatureC: fahrenheitToC(370),
    dwellS: 5 * 60,
    pressing: 'Stand the tumbler on a silicone mat: a sleeve that touches metal melts.',
  }),
  cup({
    works: ['steel cup', 'cup'],
    name: 'Tumbler, turned half round',
    machines: ['tumbler-press'],
    temperatureC: fahrenheitToC(400),
    dwellS: 60,
    pressureNote: 'the clamp sets it; its opening presses less, so turn it half round',
    origin: 'common practice',
    heatUp: {
      title: 'Let the press warm up',
      detail: 'Set it and wait until the display has reached the figure and holds it.',
    },
    layers: [{ name: 'Heating wrap', role: 'heat' }, PAPER_SLEEVE, PRINT, MUG],
    pressing: 'Put it in, the seam away from the opening, and close the clamp.',
    turn: {
      title: 'Turn it half round',
      detail: 'Gloves on. The opening presses less: what lay there comes to the back now.',
    },
  }),
];
