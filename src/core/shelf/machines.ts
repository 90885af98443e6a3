import { machineSchema, type Machine } from '../model';
import { fahrenheitToC, inches } from '../units';

type Known = Pick<Machine, 'id' | 'name' | 'kind' | 'origin'> & Partial<Machine>;

const machine = (known: Known): Machine => machineSchema.parse({ maxC: null, ...known });

const plateOf = (widthIn: number, heightIn: number) => ({
  widthMm: inches(widthIn),
  heightMm: inches(heightIn),
});

/** What both kinds of standing plate press have in common. */
const PLATE_PRESS = {
  kind: 'plate-press',
  maxC: fahrenheitToC(430),
  timerMaxS: 999,
  plate: plateOf(15, 15),
  coolBorderMm: inches(1 / 2),
  pad: true,
  warmUpS: 900,
  origin: 'from memory',
} as const;

/**
 * Ordinary home heat sources. Plate sizes, cool borders, timers and warm-up times are from memory
 * and meant to be put right from one's own; the mug press's fixed program is common practice.
 */
export const MACHINES: readonly Machine[] = [
  machine({
    id: 'mug-press',
    name: 'Automatic mug press',
    kind: 'mug-press',
    pressures: [],
    origin: 'common practice',
  }),
  machine({
    id: 'oven',
    name: 'Convection oven',
    kind: 'oven',
    maxC: fahrenheitToC(450),
    displayStep: 5,
    pressures: [],
    warmUpS: 900,
    origin: 'from memory',
  }),
  machine({
    id: 'mug-attachment',
    name: 'Press with mug attachment',
    kind: 'mug-attachment',
    maxC: fahrenheitToC(430),
    timerMaxS: 999,
    warmUpS: 600,
    origin: 'from memory',
  }),
  machine({
    id: 'hand-press',
    name: 'Hand-held press',
    kind: 'hand-press',
    minC: fahrenheitToC(200),
    maxC: fahrenheitToC(410),
    displayStep: 5,
    timerMaxS: 300,
    plate: plateOf(10, 10),
    pressures: ['light', 'medium'],
    warmUpS: 240,
    origin: 'from memory',
  }),
  machine({
    id: 'plate-press',
    name: 'Clamshell press',
    ...PLATE_PRESS,
  }),
  machine({
    id: 'swing-press',
    name: 'Swing-away press',
    ...PLATE_PRESS,
  }),
  machine({
    id: 'tumbler-press',
    name: 'Tumbler press',
    kind: 'tumbler-press',
    maxC: fahrenheitToC(430),
    timerMaxS: 999,
    pressures: [],
    warmUpS: 600,
    origin: 'from memory',
  }),
  machine({
    id: 'cap-attachment',
    name: 'Press with cap attachment',
    kind: 'cap-attachment',
    maxC: fahrenheitToC(430),
    timerMaxS: 999,
    plate: plateOf(6, 3.5),
    warmUpS: 600,
    origin: 'from memory',
  }),
  machine({
    id: 'iron',
    name: 'Household iron',
    kind: 'iron',
    maxC: null,
    pressures: ['firm'],
    warmUpS: 180,
    origin: 'common practice',
  }),
];
