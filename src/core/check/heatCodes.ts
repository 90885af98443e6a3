import type { Pressure, TransferKind } from '../model';
import type { Recipe } from '../press';
import type { Nothing, Size, Station } from './vocabulary';

/** Can this machine do it, is it hot and long enough, and what would spoil the blank? */
export interface HeatFacts {
  'machine-range': { wantedC: number; machine: string; limitC: number; tooHot: boolean };
  'too-cool': { temperatureC: number; leastC: number };
  'too-hot': { temperatureC: number; mostC: number };
  dwell: { dwellS: number; leastS: number; mostS: number; origin: Recipe['origin'] };
  /** `never` where the transfer does not go on the blank at all. */
  'no-recipe': { machine: string; blank: string; transfer: TransferKind; never: boolean };
  'tapered-in-straight': { machine: string };
  'food-oven': Nothing;
  cracks: { pressure: Pressure };
  pad: { machine: string };
  'blank-limit': { temperatureC: number; blank: string; mostC: number };
  'tape-limit': { temperatureC: number; holdsC: number; sleeved: boolean };
  timer: { dwellS: number; machine: string; runsS: readonly number[] };
  'pressure-lacking': { machine: string; has: readonly Pressure[]; wanted: Pressure };
  'plate-small': Size & { twoSides: boolean; machine: string; plate: Size };
  /** Part of the plate is not evenly hot: what is, from its left and back edge, mm; the coolest place, °C below. */
  'plate-uneven': {
    machine: string;
    even: Size;
    fromLeftMm: number;
    fromBackMm: number;
    coolerC: number;
  };
  'iron-dye': { machine: string; dyeC: number };
  'spent-cover': Nothing;
  /** Heat over dye that is finished. */
  'over-dye': { temperatureC: number };
  peel: { transfer: TransferKind };
  unattended: { dwellS: number; machine: string };
  drop: { sequins: boolean; machine: string };
  'too-many-sections': { machine: string; plate: Size; times: number; most: number };
  'too-many-presses': { presses: number; runs: number };
}

/** Where each of them is put right. */
export const HEAT_STATIONS = {
  'machine-range': 'heat',
  'too-cool': 'heat',
  'too-hot': 'heat',
  dwell: 'heat',
  'no-recipe': 'heat',
  'tapered-in-straight': 'heat',
  'food-oven': 'heat',
  cracks: 'heat',
  pad: 'heat',
  'blank-limit': 'heat',
  'tape-limit': 'heat',
  timer: 'heat',
  'pressure-lacking': 'heat',
  'plate-small': 'heat',
  'plate-uneven': 'heat',
  'iron-dye': 'heat',
  'spent-cover': 'heat',
  'over-dye': 'heat',
  peel: 'heat',
  unattended: 'heat',
  drop: 'heat',
  'too-many-sections': 'heat',
  'too-many-presses': 'heat',
} as const satisfies Record<keyof HeatFacts, Station>;
