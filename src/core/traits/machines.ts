import { recordsOf } from '../keys';

/** A room in the evening, °C (own choice). */
export const ROOM_C = 21;
/** What a machine without degrees (a fixed program, an iron) is as hot as, for reckoning only, °C (a guess: nobody tells). */
export const UNTOLD_C = 195;

/** What heats: a body of so many J/m²K with so many W/m² at most, behind so many mm of silicone. */
export interface HeatingElement {
  readonly mass: number;
  readonly powerWm2: number;
  readonly skinMm: number;
}

/** What every machine of a kind has in common. */
export interface MachineTraits {
  /** Whether a person holds it all the while, or only opens and closes it. */
  readonly hands: 'busy' | 'at-ends';
  /** How more than one thing goes in: side by side on the plate, as many as stand free, or one by one. */
  readonly batches: 'side by side' | 'standing free' | 'one by one';
  /** Whether what is in it presses by a sleeve shrunk round it. */
  readonly sleeved: boolean;
  /** Whether it could be taken for something to cook with. */
  readonly cooks: boolean;
  /** Whether its element closes round straight walls only. */
  readonly straightOnly: boolean;
  /** Whether its heat is even and steady enough for dye. */
  readonly steady: boolean;
  /** Whether it is a part that is put on a press first, or the press that takes such parts; null for neither. */
  readonly changes: 'part' | 'press' | null;
  /** Whether it is shaped for caps and nothing else. */
  readonly capsOnly: boolean;
  /** What lies below what is laid under it: the press's own pad, the padded mat of a hand press, the hard table under an iron. */
  readonly below: 'pad' | 'mat' | 'table';
  /** What heats; null where it is air. Guesses, from memory. */
  readonly element: HeatingElement | null;
}

/** 12 mm of aluminium; 1 800 W on 380 × 380 mm. */
const PLATE: HeatingElement = { mass: 30_000, powerWm2: 12_500, skinMm: 0 };
/** A foil in 3 mm of silicone, 1 mm of it towards the mug; 300 W round the mug's 220 cm². */
const BAND: HeatingElement = { mass: 4_700, powerWm2: 14_000, skinMm: 1 };

const PRESS: MachineTraits = {
  ...{ hands: 'at-ends', batches: 'side by side', sleeved: false, cooks: false },
  ...{ straightOnly: false, steady: true, changes: null, capsOnly: false },
  ...{ below: 'pad', element: PLATE },
};
const WRAP: MachineTraits = { ...PRESS, batches: 'one by one', element: BAND };

/** One record for each kind of machine. Common practice. */
export const MACHINES = recordsOf<MachineTraits>()({
  'mug-press': { ...WRAP, straightOnly: true },
  oven: { ...PRESS, batches: 'standing free', sleeved: true, cooks: true, element: null },
  'mug-attachment': { ...WRAP, straightOnly: true, changes: 'part' },
  'cap-attachment': { ...WRAP, changes: 'part', capsOnly: true, element: PLATE },
  'tumbler-press': WRAP,
  'hand-press': { ...PRESS, hands: 'busy', below: 'mat' },
  'plate-press': { ...PRESS, changes: 'press' },
  iron: {
    ...{ ...PRESS, hands: 'busy', batches: 'one by one', steady: false },
    below: 'table',
    element: { mass: 25_000, powerWm2: 55_000, skinMm: 0 },
  },
});
