import { fahrenheitToC } from '../units';
import { flat } from './flatRecipes';
import type { CoolSchools, Layer, Recipe, Task } from './recipe';
import { always, cautionsOf, COVER, DYE_CAUTION, PLATE, printOn, RELEASE } from './recipeParts';

const CLOTH: Layer = { name: 'Cloth', role: 'blank' };
const PRINT = printOn('cloth');

const CAUTIONS = cautionsOf('table', 'the plate burns');
const DYE_CAUTIONS = [DYE_CAUTION, ...CAUTIONS];

const LINT: Task = { title: 'Lint off', detail: 'Lint and moisture make edges peel later.' };
const PRE_PRESS: Task = {
  title: 'Press it dry and flat',
  detail: 'A short press without the transfer.',
  durationS: 10,
};
const CUT_CLOSE: Task = {
  title: 'Cut close',
  detail: 'Unprinted paper left round the picture leaves a film.',
};
const FILM_OFF: Task = {
  title: 'Take the film’s carrier off',
  detail: 'The print goes on bare film.',
};
const LIGHT_PEEL: CoolSchools = {
  difference:
    'Peeled hot, after about 15 seconds, it comes out matt; peeled cold, after two minutes and more, glossy.',
  A: { title: 'Peel hot, for matt', detail: 'One movement, gloves on.', durationS: 15 },
  B: { title: 'Peel cold, for gloss', detail: 'Wait until it is fully cold.', durationS: 120 },
};
const CLOTHS = ['garment', 'cloth panel', 'thick cloth'] as const;

const film = (part: Parameters<typeof flat>[0]): Recipe =>
  flat({
    preparation: [],
    ready: [PRE_PRESS, LINT],
    layers: [
      PLATE,
      COVER,
      PRINT,
      { name: 'Film', role: 'protect', note: 'already on the cloth' },
      CLOTH,
    ],
    cautions: DYE_CAUTIONS,
    ...part,
  });

const lightPaper = (
  part: Pick<Recipe, 'name' | 'machines' | 'dwellS' | 'byArea'> & Partial<Recipe>,
) =>
  flat({
    transfers: ['light-paper'],
    works: CLOTHS,
    temperatureC: fahrenheitToC(320),
    pressure: 'firm',
    pressureNote: 'firm, even to the corners',
    origin: 'common practice',
    preparation: [CUT_CLOSE],
    ready: [PRE_PRESS, LINT],
    layers: [PLATE, PRINT, CLOTH],
    doneness: 'The corners hold when you try one with a nail.',
    cool: LIGHT_PEEL,
    cautions: CAUTIONS,
    ...part,
  });

/** Films, papers and vinyl: what sticks to cloth instead of going into it. */
export const STUCK_RECIPES: readonly Recipe[] = [
  flat({
    transfers: ['vinyl'],
    works: CLOTHS,
    name: 'Vinyl, over finished dye too',
    temperatureC: fahrenheitToC(305),
    dwellS: 15,
    pressure: 'medium',
    pressureNote: 'even over the whole plate (from memory)',
    origin: 'common practice',
    preparation: [{ title: 'Weed', detail: 'Lift what is not wanted off the carrier.' }],
    ready: [PRE_PRESS, LINT],
    layers: [PLATE, RELEASE, { name: 'Vinyl', role: 'print', note: 'carrier up' }, CLOTH],
    doneness: 'The weave shows faintly through the vinyl.',
    cool: always({
      title: 'Take the carrier off warm',
      detail: 'Low and slow; put back what lifts and press again.',
      durationS: 15,
    }),
    unwrap: {
      title: 'Look at the edges',
      detail: 'What lifts is pressed again under the release sheet.',
    },
    cautions: CAUTIONS,
  }),
  film({
    transfers: ['film-white'],
    works: CLOTHS,
    name: 'White film and dye print, dark cotton',
    temperatureC: fahrenheitToC(390),
    dwellS: 50,
    pressure: 'medium',
    pressureNote: 'medium (from memory)',
    origin: 'common practice',
    before: {
      task: {
        title: 'Press the film on',
        detail: 'Film to the cloth, carrier up. Cut exactly as large as the print: a rim shows.',
      },
      dwellS: 8,
      then: FILM_OFF,
    },
  }),
  film({
    transfers: ['film-clear'],
    works: CLOTHS,
    name: 'Clear film and dye print, light cotton',
    temperatureC: fahrenheitToC(395),
    dwellS: 50,
    pressure: 'medium',
    pressureNote: 'medium (from memory)',
    origin: 'common practice',
    before: {
      task: {
        title: 'Press the film on',
        detail:
          'As long as its maker says. Slightly larger than the print: print beyond the film is lost. It curls.',
      },
      dwellS: null,
      then: { ...FILM_OFF, title: 'Take the film’s carrier off cold' },
    },
  }),
  flat({
    transfers: ['dark-paper'],
    works: CLOTHS,
    name: 'Transfer paper, dark fabric',
    temperatureC: 165,
    dwellS: 25,
    pressure: 'firm',
    pressureNote: 'firm',
    origin: 'common practice',
    preparation: [CUT_CLOSE],
    ready: [
      PRE_PRESS,
      LINT,
      { title: 'Peel the backing off', detail: 'Lay it picture up; it is not mirrored.' },
    ],
    layers: [
      PLATE,
      { ...RELEASE, name: 'Cover sheet' },
      { name: 'Print', role: 'print', note: 'picture up' },
      CLOTH,
    ],
    doneness: 'The weave shows through the film and no edge lifts.',
    after: {
      task: {
        title: 'Press once more, if you like',
        detail: 'Under a release sheet: it fixes the edges.',
      },
      dwellS: 25,
      then: { title: 'Let it cool', detail: 'Flat, not folded.' },
    },
    cool: always({
      title: 'Cool fully before lifting',
      detail: 'Leave the cover sheet where it is.',
      durationS: 120,
    }),
    cautions: CAUTIONS,
  }),
  lightPaper({
    name: 'Transfer paper for light fabric',
    machines: ['plate-press', 'hand-press'],
    dwellS: 90,
    dwellRangeS: [60, 90],
    byArea: 'plate',
  }),
  lightPaper({
    name: 'Transfer paper for light fabric',
    machines: ['iron'],
    temperatureC: null,
    heatName: 'hottest cotton',
    dwellS: 180,
    dwellRangeS: [15, 180],
    byArea: 'iron',
    pressureNote: 'both hands',
    heatUp: {
      title: 'Heat the iron',
      detail:
        'Hottest cotton setting, dry, 1200 W or more, a few minutes’ warm-up. A hard table, no ironing board.',
      durationS: 180,
    },
    pressing: 'Tack a few seconds everywhere, then keep moving, the corners most.',
    after: {
      task: {
        title: 'A second pass, if you like',
        detail:
          'Lay its paper, or clean baking paper, back over the picture: never iron the bare film. Keep moving, the corners most.',
      },
      dwellS: 20,
      then: {
        title: 'Let it cool, then lift',
        detail: 'Flat, not folded; then take the paper off.',
      },
    },
  }),
];
