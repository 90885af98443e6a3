import type { MachineKind, Origin, Pressure } from '../model';
import { fahrenheitToC } from '../units';

/** One thing in the lay-up, named from the heat inwards. */
export interface Layer {
  readonly name: string;
  readonly role: 'heat' | 'protect' | 'print' | 'blank';
  readonly note?: string;
}

/** A line to do, without heat. */
export interface Task {
  readonly title: string;
  readonly detail: string;
  /** How long it takes, s, where that is known. */
  readonly durationS?: number;
}

/** Both ways the trade does a thing, and how they differ in a sentence. */
export interface CoolSchools {
  readonly difference: string;
  readonly A: Task;
  readonly B: Task;
}

/** How one kind of machine presses one kind of work. */
export interface Recipe {
  readonly work: string;
  readonly machine: MachineKind;
  /** °C of plate or oven air; null where the machine's program is fixed. */
  readonly temperatureC: number | null;
  readonly dwellS: number;
  /** Least and most seconds the trade names, where it names a range. */
  readonly dwellRangeS: readonly [number, number];
  readonly pressure: Pressure | null;
  readonly pressureNote: string;
  readonly origin: Origin;
  readonly preparation: readonly Task[];
  readonly heatUp: Task;
  /** From outside in. */
  readonly layers: readonly Layer[];
  readonly pressing: string;
  readonly cool: CoolSchools;
  readonly unwrap: Task;
  readonly cautions: readonly string[];
}

const COMMON_PREPARATION: readonly Task[] = [
  {
    title: 'Clean the mug',
    detail: 'Wipe it with a lint-free cloth and let it dry. Lint presses in as coloured specks.',
  },
  {
    title: 'Trim the print',
    detail: 'Cut on the trim ticks, so that no tick and no label is left on the piece.',
  },
  {
    title: 'Wrap and tape',
    detail:
      'Ink side to the mug, base flush, pulled tight, the same distance to the rim at both ends. Heat-rated tape at ' +
      'rim, base, handle side and seam, never over ink.',
  },
];

const MUG: Layer = { name: 'Mug', role: 'blank' };
const PRINT: Layer = { name: 'Print', role: 'print', note: 'ink face to the mug' };
const PAPER_SLEEVE: Layer = {
  name: 'Clean paper sleeve',
  role: 'protect',
  note: 'one to three layers; spent after one pressing',
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

const COMMON_CAUTIONS: readonly string[] = [
  'Air the room: dye fumes.',
  'Heat gloves and a heat-proof mat; plate, oven and mug burn.',
  'Never leave it hot with children or pets about.',
  'The mug’s and the machine’s own instructions outrank these figures.',
];

/** Sublimation on a straight mug, by machine. Schools for the cool-down: common practice. */
export const MUG_RECIPES: Record<MachineKind, Recipe> = {
  'mug-press': {
    work: 'Sublimation mug, automatic mug press',
    machine: 'mug-press',
    temperatureC: null,
    dwellS: 7 * 60,
    dwellRangeS: [6 * 60, 7 * 60],
    pressure: null,
    pressureNote: 'the clamp sets it',
    origin: 'common practice',
    preparation: COMMON_PREPARATION,
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
    pressing: 'Put the mug in with the handle centred in the opening and close the clamp.',
    cool: COOL,
    unwrap: UNWRAP,
    cautions: COMMON_CAUTIONS,
  },
  oven: {
    work: 'Sublimation mug, convection oven with shrink sleeve',
    machine: 'oven',
    temperatureC: fahrenheitToC(400),
    dwellS: 15 * 60,
    dwellRangeS: [15 * 60, 15 * 60],
    pressure: null,
    pressureNote: 'the shrunk sleeve presses',
    origin: 'common practice',
    preparation: [
      ...COMMON_PREPARATION,
      {
        title: 'Shrink the sleeve',
        detail:
          'Cut it to length, snip for the handle. Warm the seams first, then all round, evenly; too much heat tears it.',
      },
    ],
    heatUp: {
      title: 'Pre-heat the oven',
      detail:
        'Convection on, parchment on the rack, oven thermometer inside: trust it over the dial.',
      durationS: 15 * 60,
    },
    layers: [
      { name: 'Oven air', role: 'heat', note: 'fan on' },
      { name: 'Shrink sleeve', role: 'protect', note: 'tight and without folds over the print' },
      PRINT,
      MUG,
    ],
    pressing: 'Stand the mug on the parchment and close the door. No turning needed.',
    cool: COOL,
    unwrap: {
      title: 'Take the sleeve off',
      detail:
        'With gloves; it comes off easier while hot. Do not scratch the coating picking at tape.',
    },
    cautions: [...COMMON_CAUTIONS, 'An oven used for dye is not used for food again.'],
  },
  'mug-attachment': {
    work: 'Sublimation mug, press with mug attachment',
    machine: 'mug-attachment',
    temperatureC: fahrenheitToC(400),
    dwellS: 180,
    dwellRangeS: [150, 240],
    pressure: 'medium',
    pressureNote: 'snug all round: the cover paper must not turn by hand',
    origin: 'from memory',
    preparation: COMMON_PREPARATION,
    heatUp: {
      title: 'Heat the attachment',
      detail: 'Set it and wait until the display has reached the figure and holds it.',
    },
    layers: [{ name: 'Heating wrap', role: 'heat' }, PAPER_SLEEVE, PRINT, MUG],
    pressing: 'Put the mug in, handle in the opening, and close until it is snug all round.',
    cool: COOL,
    unwrap: UNWRAP,
    cautions: COMMON_CAUTIONS,
  },
};
