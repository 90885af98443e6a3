import { fahrenheitToC } from '../units';
import { flat, TRIM } from './flatRecipes';
import type { CoolSchools, RecipeFacts, Task } from './recipe';
import {
  always,
  cautionsAt,
  CLOTH,
  COVER,
  DYE_CAUTION,
  PLATE,
  printLying,
  RELEASE,
} from './recipeParts';

const PRINT = printLying('ink-to-cloth');
const CAUTIONS = cautionsAt('table');
const DYE_CAUTIONS = [DYE_CAUTION, ...CAUTIONS];

const LINT: Task = { does: 'lint-off-or-peels' };
const PRE_PRESS: Task = { does: 'press-dry-and-flat', durationS: 10 };
const LIGHT_PEEL: CoolSchools = {
  difference: 'matt-or-gloss',
  A: { does: 'peel-hot-for-matt', durationS: 15, withinS: 5 },
  B: { does: 'cool-fully-for-gloss', durationS: 120 },
};
const CLOTHS = ['garment', 'cloth panel', 'thick cloth'] as const;

const LAY_FILM = { lay: { does: 'lay-film' }, next: { does: 'lay-print-on-film' } } as const;

const film = (part: Parameters<typeof flat>[0]): RecipeFacts =>
  flat({
    ready: [PRE_PRESS, LINT],
    layers: [PLATE, COVER, PRINT, { is: 'film', role: 'protect', note: 'on-cloth-already' }, CLOTH],
    cautions: DYE_CAUTIONS,
    ...part,
  });

const lightPaper = (
  part: Pick<RecipeFacts, 'machines' | 'dwellS' | 'byArea'> & Partial<RecipeFacts>,
): RecipeFacts =>
  flat({
    transfers: ['light-paper'],
    works: CLOTHS,
    temperatureC: fahrenheitToC(320),
    pressure: 'firm',
    origin: 'common practice',
    preparation: [{ does: 'cut-close' }],
    ready: [PRE_PRESS, LINT],
    layers: [PLATE, PRINT, CLOTH],
    cool: LIGHT_PEEL,
    cautions: CAUTIONS,
    ...part,
  });

const DARK_PAPER = {
  transfers: ['dark-paper'],
  works: CLOTHS,
  temperatureC: 165,
  dwellS: 25,
  pressure: 'firm',
  origin: 'common practice',
  preparation: [{ does: 'cut-close' }],
  ready: [PRE_PRESS, LINT, { does: 'backing-off' }],
  layers: [PLATE, { ...RELEASE, is: 'cover-sheet' }, printLying('picture-up'), CLOTH],
  after: {
    task: { does: 'press-edges-fast' },
    dwellS: 25,
    then: { does: 'cool-flat' },
  },
  cool: always({ does: 'cool-fully-cover-on', durationS: 120 }),
  cautions: CAUTIONS,
} satisfies Partial<Parameters<typeof flat>[0]>;

/** Films, papers and vinyl: what sticks to cloth instead of going into it. */
export const STUCK_RECIPES = {
  vinyl: flat({
    transfers: ['vinyl'],
    works: CLOTHS,
    temperatureC: fahrenheitToC(305),
    dwellS: 15,
    pressure: 'medium',
    origin: 'common practice',
    preparation: [{ does: 'weed' }],
    ready: [PRE_PRESS, LINT],
    layers: [PLATE, RELEASE, { is: 'vinyl', role: 'print', note: 'carrier-up' }, CLOTH],
    cool: always({ does: 'carrier-off-warm', durationS: 15, withinS: 5 }),
    unwrap: { does: 'look-at-edges' },
    cautions: CAUTIONS,
  }),
  'film-white': film({
    transfers: ['film-white'],
    works: CLOTHS,
    temperatureC: fahrenheitToC(390),
    dwellS: 50,
    pressure: 'medium',
    origin: 'common practice',
    preparation: [TRIM, { does: 'cut-film' }],
    before: {
      ...LAY_FILM,
      task: { does: 'press-film-on' },
      dwellS: 8,
      then: { does: 'film-carrier-off' },
    },
  }),
  'film-clear': film({
    transfers: ['film-clear'],
    works: CLOTHS,
    temperatureC: fahrenheitToC(395),
    dwellS: 50,
    pressure: 'medium',
    origin: 'common practice',
    preparation: [TRIM, { does: 'cut-film-larger' }],
    before: {
      ...LAY_FILM,
      task: { does: 'press-film-on-as-maker-says' },
      dwellS: null,
      then: { does: 'film-carrier-off-cold' },
    },
  }),
  'dark-paper': flat(DARK_PAPER),
  'dark-paper-iron': flat({
    ...DARK_PAPER,
    machines: ['iron'],
    temperatureC: null,
    heatName: 'hottest-cotton',
    dwellS: 180,
    dwellRangeS: [15, 180],
    byArea: 'iron',
    // makers' tables differ more than for light paper: theirs comes first
    origin: 'from memory',
    layers: [
      { is: 'iron-sole', role: 'heat' },
      { ...RELEASE, is: 'cover-sheet' },
      printLying('picture-up'),
      CLOTH,
    ],
    switchOn: 'switch-on-iron',
    warmUp: { does: 'warm-up-iron', durationS: 180 },
    pressing: 'press-with-iron',
    after: null,
  }),
  'light-paper-plate': lightPaper({
    machines: ['plate-press', 'hand-press'],
    dwellS: 90,
    dwellRangeS: [60, 90],
    byArea: 'plate',
  }),
  'light-paper-iron': lightPaper({
    machines: ['iron'],
    temperatureC: null,
    heatName: 'hottest-cotton',
    dwellS: 180,
    dwellRangeS: [15, 180],
    byArea: 'iron',
    layers: [{ is: 'iron-sole', role: 'heat' }, PRINT, CLOTH],
    switchOn: 'switch-on-iron',
    warmUp: { does: 'warm-up-iron', durationS: 180 },
    pressing: 'press-with-iron',
    after: {
      task: { does: 'press-with-iron-again' },
      dwellS: 20,
      then: { does: 'cool-then-lift' },
    },
  }),
} satisfies Readonly<Record<string, RecipeFacts>>;
