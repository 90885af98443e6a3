import { workOf } from '../blank';
import type { Blank, Layer, Pressure, Substrate } from '../model';
import type { Pass } from '../press';
import {
  BELOW,
  LAYER_TRAITS,
  MACHINES,
  MATERIAL_TRAITS,
  ROOM_C,
  UNTOLD_C,
  type Thermal,
  type Work,
} from '../traits';

/** A pressing as its heat sees it: what a person can change of it. */
export interface Setup {
  readonly layers: readonly Layer[];
  readonly machine: Pass['machine']['kind'];
  readonly work: Work;
  readonly material: Substrate['material'];
  /** How thick the blank is where it is pressed; null where nobody measured. mm. */
  readonly thicknessMm: number | null;
  /** What the plate is really as hot as, °C. */
  readonly plateC: number;
  /** Whether that is told, not guessed. */
  readonly plateTold: boolean;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
  /** How long it stays between its papers once it is out, s. */
  readonly peelAfterS: number;
  /** Whether the machine is as hot as it is set when it closes. */
  readonly start: 'hot' | 'cold';
  readonly roomC: number;
  readonly blankC: number;
  /** How often the sheet next to the heat lies there, and what it is; null where none lies there. */
  readonly covers: number;
  readonly cover: Layer['is'] | null;
  readonly pad: boolean;
  /** Whether what lies below is heated too, to the same. */
  readonly heatedBelow: boolean;
  /** For how long the machine is opened in the middle of it, s. */
  readonly openedS: number;
}

/** What is not peeled by a clock is soon (own choice), s. */
const SOON_S = 10;

/** A pressing of a pass as its program has it. */
export function setupOf(pass: Pass, blank: Blank): Setup {
  const { recipe, settings, layers, machine, coolSchool } = pass;
  const cool = recipe.hotOff ?? recipe.cool[coolSchool];
  const { material, thicknessMm } = blank.substrate;
  return {
    ...{ layers, machine: machine.kind, work: workOf(blank), material, thicknessMm },
    plateC: settings.temperatureC ?? UNTOLD_C,
    plateTold: settings.temperatureC !== null,
    ...{ dwellS: settings.dwellS, pressure: settings.pressure },
    peelAfterS: cool.withinS ?? cool.durationS ?? SOON_S,
    ...{ start: 'hot', roomC: ROOM_C, blankC: ROOM_C, covers: 1 },
    cover: coverOf({ layers })?.is ?? null,
    pad: layers.some(({ is }) => is === 'soft-pad'),
    ...{ heatedBelow: false, openedS: 0 },
  };
}

/** How thick a thing is where nobody measured, mm (from memory). */
const USUAL_MM: Readonly<Record<Work, number>> = {
  cup: 4,
  'steel cup': 0.5,
  garment: 0.4,
  'cloth panel': 0.5,
  'thick cloth': 1,
  socks: 0.8,
  'thin hard blank': 3,
};
/** Metal plates are thinner. */
const METAL_MM = 0.6;

/** How thick things are that a recipe is told of, mm. */
export function usualMm({ work, material }: Pick<Setup, 'work' | 'material'>): number {
  const isMetal = MATERIAL_TRAITS[material].kind === 'metal';
  return isMetal && work === 'thin hard blank' ? METAL_MM : USUAL_MM[work];
}

/** How thick the blank is taken to be, mm. */
export const blankMm = (setup: Setup): number =>
  setup.thicknessMm === null ? usualMm(setup) : Math.max(0.05, setup.thicknessMm);

/** From this share on, a blank is another than recipes are told of (own choice). */
const OTHER_SHARE = 0.2;

/** Whether a blank was measured to be of another thickness than recipes like its own are told of. */
export const isOtherThickness = (setup: Setup): boolean =>
  Math.abs(blankMm(setup) / usualMm(setup) - 1) > OTHER_SHARE;

/** A layer with what it is to the heat. */
export interface Conducts extends Thermal {
  readonly is: Layer['is'] | 'base';
  /** What it is there for; `base`: the press itself below what is laid. */
  readonly role: Layer['role'] | 'base';
  readonly thicknessMm: number;
}

/** Whether something goes round a cup, with air in it. */
export const isRound = ({ work }: Setup): boolean => work === 'cup' || work === 'steel cup';

/** The sheet next to the heat that more or fewer can lie of; null where there is none. */
const coverOf = ({ layers }: Pick<Setup, 'layers'>): Layer | null =>
  layers.find(({ role }, i) => role === 'protect' && layers[i - 1]?.role === 'heat') ?? null;

/** What lies next to the heat instead, one for another: sheets under a plate, sleeves round a cup. */
const COVERS: readonly (readonly Layer['is'][])[] = [
  ['cover-paper', 'card', 'release-sheet', 'cover-sheet'],
  ['paper-sleeve', 'shrink-sleeve'],
];

/** What could lie next to the heat, what lies there among it; nothing where nothing does. */
export const coversFor = ({ cover }: Setup): readonly Layer['is'][] =>
  COVERS.find((kinds) => cover !== null && kinds.includes(cover)) ?? [];

/** The layers that conduct, from the heat inwards, down to what a press has below. */
export function conducting(setup: Setup): readonly Conducts[] {
  const { layers, covers, pad } = setup;
  const blank = { ...MATERIAL_TRAITS[setup.material].thermal, thicknessMm: blankMm(setup) };
  const cover = coverOf(setup);
  const own = layers.flatMap((layer): Conducts[] => {
    const { role } = layer;
    if (role === 'blank') return [{ ...blank, is: layer.is, role }];
    const is = layer === cover ? (setup.cover ?? layer.is) : layer.is;
    const { thermal } = LAYER_TRAITS[is];
    if (!thermal || (is === 'soft-pad' && !pad)) return [];
    const count = layer === cover ? covers : 1;
    return Array.from({ length: count }, () => ({ ...thermal, is, role }));
  });
  // a second plate is right below what is laid
  if (isRound(setup) || setup.heatedBelow) return own;
  const below = (is: keyof typeof BELOW) => ({ ...BELOW[is], role: 'base' as const });
  const padded = pad && !layers.some(({ is }) => is === 'soft-pad');
  return [
    ...own,
    ...(padded ? [{ ...below('pad'), is: 'soft-pad' as const }] : []),
    { ...below(MACHINES[setup.machine].below), is: 'base' },
  ];
}

/** The joint where dye goes over, or an adhesive takes hold: the layer before it; null where there is no print. */
export function faceAfter(layers: readonly Conducts[]): number | null {
  const print = layers.findIndex(({ role }) => role === 'print');
  const blank = layers.findIndex(({ role }) => role === 'blank');
  if (print < 0 || blank < 0) return null;
  return print < blank ? print : print - 1;
}

/** What the machine's element is; null where it is air. */
export const elementOf = ({ machine }: Pick<Setup, 'machine'>) => MACHINES[machine].element;
