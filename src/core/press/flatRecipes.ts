import type { MachineKind } from '../model';
import { fahrenheitToC } from '../units';
import { OWN_INSTRUCTIONS, type CoolSchools, type Layer, type Recipe, type Task } from './recipe';

const PLATES: readonly MachineKind[] = ['hand-press', 'plate-press'];

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
  detail: 'Lift it straight up, without sliding.',
};
const CAUTIONS: readonly string[] = [
  'Air the room: dye fumes.',
  'Heat gloves and a heat-proof table; the plate burns.',
  'Never leave it hot with children or pets about.',
  OWN_INSTRUCTIONS,
];

const PLATE: Layer = { name: 'Plate', role: 'heat' };
const COVER: Layer = {
  name: 'Clean paper',
  role: 'protect',
  note: 'uncoated paper is spent after one pressing',
};
const PRINT: Layer = { name: 'Print', role: 'print', note: 'ink face to the blank' };
const CARD: Layer = {
  name: 'Card',
  role: 'protect',
  note: 'below; inside, where there is an inside',
};

const PEEL: CoolSchools = {
  difference:
    'One school peels hot and quick; the other lets it go fully cold, where a shift of the paper would ghost.',
  A: { title: 'Peel hot and quick', detail: 'One movement, straight up, gloves on.' },
  B: { title: 'Cool fully before lifting', detail: 'Leave the paper where it is.', durationS: 120 },
};

/** The order between plate and table, for things laid print down on the blank. */
const onTop = (blank: string): readonly Layer[] => [
  PLATE,
  COVER,
  PRINT,
  { name: blank, role: 'blank' },
  CARD,
];

const flat = (
  part: Pick<
    Recipe,
    'work' | 'name' | 'temperatureC' | 'dwellS' | 'pressure' | 'pressureNote' | 'origin'
  > &
    Partial<Recipe>,
): Recipe => ({
  machines: PLATES,
  dwellRangeS: [part.dwellS, part.dwellS],
  preparation: [LINT, TRIM, DRY, LAY],
  heatUp: HEAT_UP,
  layers: onTop('Cloth'),
  pressing: 'Straight down, hold still, straight up: sliding ghosts the edges.',
  cool: PEEL,
  unwrap: UNCOVER,
  cautions: CAUTIONS,
  ...part,
});

/** Sublimation on flat things under a plate. */
export const FLAT_RECIPES: readonly Recipe[] = [
  flat({
    work: 'garment',
    name: 'Sublimation garment',
    temperatureC: fahrenheitToC(400),
    dwellS: 60,
    pressure: 'medium',
    pressureNote: 'less if bulky',
    origin: 'common practice',
  }),
  flat({
    work: 'cloth panel',
    name: 'Sublimation fabric panel, a section at a time',
    temperatureC: fahrenheitToC(380),
    dwellS: 60,
    pressure: 'light',
    pressureNote: 'light to medium, every section alike',
    origin: 'common practice',
    preparation: [LINT, TRIM, { ...DRY, durationS: 10 }, LAY],
    pressing:
      'Every section one full time: the four corners clockwise, slightly overlapping, then the centre. Straight up and down.',
  }),
  flat({
    work: 'socks',
    name: 'Sublimation socks on inserts, one side',
    temperatureC: fahrenheitToC(400),
    dwellS: 40,
    pressure: 'medium',
    pressureNote: 'medium to firm; no two socks overlapping, none waiting on the hot plate',
    origin: 'common practice',
    layers: onTop('Sock on its insert'),
    pressing: 'One side, then turn over with fresh paper and press the other side as long.',
  }),
  flat({
    work: 'thin hard blank',
    name: 'Sublimation thin hard blank',
    temperatureC: fahrenheitToC(360),
    dwellS: 250,
    dwellRangeS: [240, 250],
    pressure: 'light',
    pressureNote: 'with a soft pad: firm pressure cracks it',
    origin: 'common practice',
    preparation: [LINT, TRIM, LAY],
    layers: [
      PLATE,
      COVER,
      { name: 'Blank', role: 'blank', note: 'on top: sharper for one side' },
      { ...PRINT, note: 'below, ink face up to the blank' },
      { name: 'Soft pad', role: 'protect' },
    ],
    cautions: [...CAUTIONS, 'Hard blanks hold heat: do not touch one straight from the press.'],
  }),
];
