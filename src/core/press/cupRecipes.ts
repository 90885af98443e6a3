import type { Layer } from '../model';
import { fahrenheitToC } from '../units';
import type { CoolSchools, RecipeFacts, Task } from './recipe';
import { cautionsAt, DYE, DYE_CAUTION, printLying } from './recipeParts';

const COMMON_PREPARATION: readonly Task[] = [
  { does: 'clean-cup' },
  { does: 'trim-to-ticks' },
  { does: 'wrap-and-tape' },
];

const CUP: Layer = { is: 'cup', role: 'blank' };
const PRINT = printLying('ink-to-cup');
const PAPER_SLEEVE: Layer = {
  is: 'paper-sleeve',
  role: 'protect',
  lasts: 'once',
  note: 'one-to-three-layers',
};
const HEATING_WRAP: Layer = { is: 'heating-wrap', role: 'heat' };

const COOL: CoolSchools = {
  difference: 'handled-early',
  A: { does: 'cool-to-handle', durationS: 5 * 60 },
  B: { does: 'cool-fully-cup', durationS: 15 * 60 },
};

const COMMON_CAUTIONS = [DYE_CAUTION, ...cautionsAt('mat')];

const SLEEVED: readonly Layer[] = [
  { is: 'oven-air', role: 'heat', note: 'fan-on' },
  { is: 'shrink-sleeve', role: 'protect', lasts: 'once', note: 'tight-over-print' },
  PRINT,
  CUP,
];

const cup = (
  part: Pick<
    RecipeFacts,
    'works' | 'machines' | 'temperatureC' | 'dwellS' | 'origin' | 'warmUp' | 'layers'
  > &
    Pick<RecipeFacts, 'pressing'> &
    Partial<RecipeFacts>,
): RecipeFacts => ({
  transfers: DYE,
  dwellRangeS: [part.dwellS, part.dwellS],
  pressure: null,
  schoolB: null,
  byArea: null,
  heatName: 'fixed',
  switchOn: 'switch-on',
  preparation: COMMON_PREPARATION,
  ready: [],
  hotOff: null,
  before: null,
  after: null,
  turn: null,
  needsPad: false,
  sides: 'in turn',
  cool: COOL,
  unwrap: { does: 'unwrap-cup' },
  cautions: COMMON_CAUTIONS,
  ...part,
});

/** What an oven with a shrink sleeve has in common, whatever stands in it. */
const SLEEVE = {
  machines: ['oven'],
  origin: 'common practice',
  preparation: [...COMMON_PREPARATION, { does: 'shrink-sleeve' }],
  switchOn: 'switch-on-oven',
  warmUp: { does: 'warm-up-oven', durationS: 15 * 60 },
  layers: SLEEVED,
  hotOff: { does: 'sleeve-off-hot', withinS: 60 },
  cautions: [...COMMON_CAUTIONS, 'no-food-in-that-oven'],
} as const;

/** Dye on cups, by machine. Schools for the cool-down: common practice. */
export const CUP_RECIPES = {
  'mug-in-press': cup({
    works: ['cup'],
    machines: ['mug-press'],
    temperatureC: null,
    dwellS: 7 * 60,
    dwellRangeS: [6 * 60, 7 * 60],
    origin: 'common practice',
    switchOn: 'switch-on-fixed',
    warmUp: { does: 'warm-up-to-light' },
    layers: [{ is: 'press-wrap', role: 'heat', note: 'closed-by-clamp' }, PAPER_SLEEVE, PRINT, CUP],
    pressing: 'press-in-clamp',
  }),
  'mug-in-sleeve': cup({
    ...SLEEVE,
    works: ['cup'],
    temperatureC: fahrenheitToC(400),
    dwellS: 15 * 60,
    pressing: 'press-mug-in-oven',
  }),
  'mug-in-attachment': cup({
    works: ['cup'],
    machines: ['mug-attachment'],
    temperatureC: fahrenheitToC(400),
    dwellS: 180,
    dwellRangeS: [150, 240],
    pressure: 'medium',
    origin: 'from memory',
    warmUp: { does: 'warm-up-attachment' },
    layers: [HEATING_WRAP, PAPER_SLEEVE, PRINT, CUP],
    pressing: 'press-in-attachment',
  }),
  'tumbler-in-sleeve': cup({
    ...SLEEVE,
    works: ['steel cup'],
    temperatureC: fahrenheitToC(370),
    dwellS: 5 * 60,
    pressing: 'press-tumbler-in-oven',
  }),
  'tumbler-in-wrap': cup({
    // a minute a side is told of steel; thick ceramic would hardly be warm, and nobody gives a figure for it
    works: ['steel cup'],
    machines: ['tumbler-press'],
    temperatureC: fahrenheitToC(400),
    dwellS: 60,
    origin: 'common practice',
    warmUp: { does: 'warm-up-to-figure' },
    layers: [HEATING_WRAP, PAPER_SLEEVE, PRINT, CUP],
    pressing: 'press-in-wrap',
    turn: { does: 'turn-half-round' },
  }),
} satisfies Readonly<Record<string, RecipeFacts>>;
