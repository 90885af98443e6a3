import type { MachineKind } from '../model';
import { fahrenheitToC } from '../units';
import type { CoolSchools, Recipe, Task } from './recipe';
import {
  always,
  CARD,
  cautionsOf,
  COVER,
  DYE,
  DYE_CAUTION,
  onTop,
  PAD,
  PLATE,
  printOn,
} from './recipeParts';

const PLATES: readonly MachineKind[] = ['hand-press', 'plate-press', 'cap-attachment'];

const TRIM: Task = {
  title: 'Trim the print',
  detail: 'Cut on the marks, so that no mark and no label is left on the piece.',
};
const LINT: Task = {
  title: 'Lint off',
  detail: 'Roll or wipe it clean. Lint presses in as coloured specks.',
};
const DRY: Task = {
  title: 'Press it dry',
  detail: 'A short press without the print drives moisture and creases out. Card inside.',
  durationS: 15,
};
const LAY: Task = {
  title: 'Lay and tape the print',
  detail:
    'Ink side to the blank, on its marks. Heat-rated tape outside the picture, never over ink.',
};
const HEAT_UP: Task = {
  title: 'Let the press warm up',
  detail: 'Set it and wait until the display has reached the figure and holds it.',
};
const UNCOVER: Task = {
  title: 'Take the paper off',
  detail:
    'Lift it straight up, without sliding. Where a small piece lifts: paper back, press again, cool fully.',
};
const CAUTIONS = [DYE_CAUTION, ...cautionsOf('table', 'the plate burns')];

const PEEL: CoolSchools = {
  difference:
    'One school peels hot and quick; the other lets it go fully cold, where a shift of the paper would ghost.',
  A: { title: 'Peel hot and quick', detail: 'One movement, straight up, gloves on.' },
  B: { title: 'Cool fully before lifting', detail: 'Leave the paper where it is.', durationS: 120 },
};

/** What flat things under a plate have in common. */
export const flat = (
  part: Pick<
    Recipe,
    'works' | 'name' | 'temperatureC' | 'dwellS' | 'pressure' | 'pressureNote' | 'origin'
  > &
    Partial<Recipe>,
): Recipe => ({
  transfers: DYE,
  machines: PLATES,
  dwellRangeS: [part.dwellS, part.dwellS],
  schoolB: null,
  byArea: null,
  preparation: [TRIM],
  ready: [DRY, LINT, LAY],
  hotOff: null,
  heatUp: HEAT_UP,
  before: null,
  after: null,
  layers: onTop('Cloth'),
  pressing: 'Straight down, hold still, straight up: sliding ghosts the edges.',
  turn: null,
  needsPad: false,
  sides: 'in turn',
  doneness: 'The picture ghosts through the paper; clean cover paper just yellows.',
  cool: PEEL,
  unwrap: UNCOVER,
  cautions: CAUTIONS,
  ...part,
});

/** A hard, thin thing under a plate: its print below it, something soft under that. */
const HARD = {
  works: ['thin hard blank'],
  needsPad: true,
  sides: 'together',
  preparation: [TRIM, LINT, LAY],
  ready: [],
  layers: [
    PLATE,
    COVER,
    { name: 'Blank', role: 'blank', note: 'on top: sharper for one side' },
    { name: 'Print', role: 'print', note: 'below, ink face up to the blank' },
    PAD,
  ],
  cautions: [...CAUTIONS, 'Hard blanks hold heat: do not touch one straight from the press.'],
} as const;

/** Dye on flat things under a plate. */
export const FLAT_RECIPES: readonly Recipe[] = [
  flat({
    works: ['garment'],
    name: 'Dye on a garment',
    temperatureC: fahrenheitToC(400),
    dwellS: 60,
    pressure: 'medium',
    pressureNote: 'less if bulky',
    origin: 'common practice',
  }),
  flat({
    works: ['cloth panel'],
    name: 'Dye on a fabric panel, a section at a time',
    temperatureC: fahrenheitToC(380),
    dwellS: 60,
    pressure: 'light',
    pressureNote: 'light to medium, every section alike',
    origin: 'common practice',
    ready: [{ ...DRY, durationS: 10, detail: `${DRY.detail} Each section.` }, LINT, LAY],
    pressing: 'Straight down, hold still, straight up. The paper stays where it is throughout.',
    cool: always({
      title: 'Cool fully before lifting',
      detail: 'Leave the paper where it is.',
      durationS: 120,
    }),
  }),
  flat({
    works: ['thick cloth'],
    name: 'Dye on sequins or a thick pillow',
    temperatureC: fahrenheitToC(395),
    dwellS: 60,
    pressure: 'medium',
    pressureNote: 'sequins all turned one way first, light side up',
    origin: 'common practice',
    cool: always({ title: 'Lift the paper soon after', detail: 'Straight up, gloves on.' }),
  }),
  flat({
    works: ['socks'],
    name: 'Dye on socks on inserts, one side',
    temperatureC: fahrenheitToC(400),
    dwellS: 40,
    pressure: 'medium',
    pressureNote: 'medium to firm; no two socks overlapping, none waiting on the hot plate',
    origin: 'common practice',
    layers: onTop('Sock on its insert'),
    pressing: 'One side of the socks. None waits on the hot plate.',
  }),
  flat({
    ...HARD,
    transfers: ['sublimation', 'dye-sheet'],
    name: 'Dye on a thin hard blank',
    temperatureC: fahrenheitToC(360),
    dwellS: 250,
    dwellRangeS: [240, 250],
    pressure: 'light',
    pressureNote: 'with a soft pad: firm pressure cracks it',
    origin: 'common practice',
  }),
  flat({
    ...HARD,
    transfers: ['dye-pens'],
    name: 'Pens on a hard coaster',
    temperatureC: fahrenheitToC(300),
    dwellS: 60,
    pressure: null,
    pressureNote: 'the press’s own weight',
    origin: 'common practice',
    schoolB: {
      difference:
        'One school presses pens at 300 °F for a minute; the other as hot and long as a sheet, 400 °F for four minutes, which brings more colour and risks yellowing.',
      figures: {
        temperatureC: fahrenheitToC(400),
        dwellS: 240,
        pressure: null,
        origin: 'from memory',
      },
    },
    needsPad: false,
    layers: [
      PLATE,
      { ...CARD, note: 'above' },
      printOn('blank'),
      { name: 'Blank', role: 'blank' },
      { ...CARD, note: 'below' },
    ],
  }),
];
