import { inches } from '../units';
import type { CareCode } from './care';
import type { MaterialTraits } from './materials';

/** Kinds of work that are pressed alike. */
export type Work =
  'cup' | 'steel cup' | 'garment' | 'cloth panel' | 'thick cloth' | 'socks' | 'thin hard blank';

/** What every blank of a form has in common, whatever its measures. */
export interface FormTraits {
  /** How it is pressed, by what it is made of. */
  readonly work: Readonly<Record<MaterialTraits['kind'], Work>>;
  /** How far art is usually made larger than it, a side, of hard things and of cloth, mm. */
  readonly bleedMm: { readonly hard: number; readonly cloth: number };
  /** Whether both faces of a thin hard one may be printed on one strip and folded over. */
  readonly folds: boolean;
  /** Whether a frame cut to its outline holds it in its place. */
  readonly nests: boolean;
  /** Whether one design is made for several sizes of it. */
  readonly sized: boolean;
  /** How it is looked after, whatever it is of; null where that goes by its material. */
  readonly care: readonly CareCode[] | null;
}

/** Enough to cover a shaky cut at a wrap's edges (from memory). */
const WRAP_BLEED_MM = inches(1 / 16);
/** Overall half an inch on fabric panels, 0.1 in a side on hard discs: common practice. */
const CLOTH_BLEED_MM = inches(1 / 4);
const HARD_BLEED_MM = inches(0.1);

/** A wall that is wrapped. */
export const CUP_TRAITS: FormTraits = {
  work: { hard: 'cup', metal: 'steel cup', cloth: 'cup' },
  bleedMm: { hard: WRAP_BLEED_MM, cloth: WRAP_BLEED_MM },
  ...{ folds: false, nests: false, sized: false },
  care: ['cup-by-hand', 'cup-no-scouring', 'food-as-maker-says'],
};

/** A flat thing, printed to its edge. */
export const FLAT_TRAITS: FormTraits = {
  work: { hard: 'thin hard blank', metal: 'thin hard blank', cloth: 'cloth panel' },
  bleedMm: { hard: HARD_BLEED_MM, cloth: CLOTH_BLEED_MM },
  ...{ folds: true, nests: true, sized: false, care: null },
};

/** Worn things: the picture has an edge of its own, and nothing is cut at the blank's. */
export const wornTraits = (work: Work): FormTraits => ({
  work: { hard: work, metal: work, cloth: work },
  bleedMm: { hard: 0, cloth: 0 },
  ...{ folds: false, nests: false, sized: false, care: null },
});
