import type { Layer, MachineKind } from '../model';
import { fahrenheitToC } from '../units';
import type { CoolSchools, RecipeFacts, Task } from './recipe';
import {
  always,
  CARD,
  cautionsAt,
  CLOTH,
  COVER,
  DYE,
  DYE_CAUTION,
  onTop,
  PAD,
  PLATE,
  printLying,
} from './recipeParts';

const PLATES: readonly MachineKind[] = ['hand-press', 'plate-press', 'cap-attachment'];

/** The print is cut out on its marks. */
export const TRIM: Task = { does: 'trim-to-marks' };
const LINT: Task = { does: 'lint-off' };
const LAY: Task = { does: 'lay-and-tape' };
const ROLL: Task = { does: 'roll-edges' };
const CAUTIONS = [DYE_CAUTION, ...cautionsAt('table')];

const PEEL: CoolSchools = {
  difference: 'peeled-hot',
  A: { does: 'peel-hot', withinS: 10 },
  B: { does: 'cool-fully', durationS: 120 },
};

/** What flat things under a plate have in common. */
export const flat = (
  part: Pick<RecipeFacts, 'works' | 'temperatureC' | 'dwellS' | 'pressure' | 'origin'> &
    Partial<RecipeFacts>,
): RecipeFacts => ({
  transfers: DYE,
  machines: PLATES,
  dwellRangeS: [part.dwellS, part.dwellS],
  schoolB: null,
  byArea: null,
  heatName: 'fixed',
  preparation: [TRIM],
  ready: [{ does: 'press-dry', durationS: 15 }, LINT, LAY],
  hotOff: null,
  switchOn: 'switch-on',
  warmUp: { does: 'warm-up-to-figure' },
  before: null,
  after: null,
  layers: onTop(CLOTH),
  pressing: 'press-flat',
  turn: null,
  needsPad: false,
  sides: 'in turn',
  cool: PEEL,
  unwrap: { does: 'paper-off' },
  cautions: CAUTIONS,
  ...part,
});

const BLANK: Layer = { is: 'hard-blank', role: 'blank' };

/** A hard, thin thing under a plate: its print below it, something soft under that. */
const HARD = {
  works: ['thin hard blank'],
  needsPad: true,
  sides: 'together',
  preparation: [TRIM, LINT, LAY],
  ready: [],
  layers: [PLATE, COVER, { ...BLANK, note: 'on-top-sharper' }, printLying('ink-up-below'), PAD],
  cautions: [...CAUTIONS, 'hard-blanks-hold-heat'],
} as const;

/** Dye on flat things under a plate. */
export const FLAT_RECIPES = {
  'dye-garment': flat({
    works: ['garment'],
    temperatureC: fahrenheitToC(400),
    dwellS: 60,
    pressure: 'medium',
    origin: 'common practice',
  }),
  'dye-panel': flat({
    works: ['cloth panel'],
    temperatureC: fahrenheitToC(380),
    dwellS: 60,
    pressure: 'light',
    origin: 'common practice',
    ready: [{ does: 'press-dry-each-section', durationS: 10 }, LINT, LAY],
    pressing: 'press-panel',
    cool: always({ does: 'cool-fully', durationS: 120 }),
  }),
  'dye-thick-cloth': flat({
    works: ['thick cloth'],
    temperatureC: fahrenheitToC(395),
    dwellS: 60,
    pressure: 'medium',
    origin: 'common practice',
    cool: always({ does: 'lift-soon', withinS: 30 }),
  }),
  'dye-socks': flat({
    works: ['socks'],
    temperatureC: fahrenheitToC(400),
    dwellS: 40,
    pressure: 'medium',
    origin: 'common practice',
    ready: [{ does: 'press-dry', durationS: 15 }, LINT, ROLL, LAY],
    layers: onTop({ is: 'sock-on-insert', role: 'blank' }),
    pressing: 'press-socks',
  }),
  'dye-hard-blank': flat({
    ...HARD,
    transfers: ['sublimation', 'dye-sheet'],
    temperatureC: fahrenheitToC(360),
    dwellS: 250,
    dwellRangeS: [240, 250],
    pressure: 'light',
    origin: 'common practice',
  }),
  'pens-hard-blank': flat({
    ...HARD,
    transfers: ['dye-pens'],
    temperatureC: fahrenheitToC(300),
    dwellS: 60,
    pressure: null,
    origin: 'common practice',
    schoolB: {
      temperatureC: fahrenheitToC(400),
      dwellS: 240,
      pressure: null,
      origin: 'from memory',
    },
    needsPad: false,
    layers: [
      PLATE,
      { ...CARD, note: 'above' },
      printLying('ink-to-blank'),
      BLANK,
      { ...CARD, note: 'below' },
    ],
  }),
} satisfies Readonly<Record<string, RecipeFacts>>;
