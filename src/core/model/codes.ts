/**
 * Codes of what is done, laid and minded at the press. They are kept in runs and records, so that a code
 * is never taken away again; `words/` says each of them to a person.
 */
import { keysOf } from '../keys';
import { LAYER_TRAITS } from '../traits';

/** What is done in one operation. */
export const TASKS = [
  // made ready on the table
  'look-at-print',
  'clean-cup',
  'trim-to-ticks',
  'trim-to-marks',
  'wrap-and-tape',
  'shrink-sleeve',
  'lay-and-tape',
  'crease-centre',
  'bundle-up',
  'fold-over-light',
  'roll-edges',
  'mask-on',
  'mask-off',
  'cut-close',
  'cut-film',
  'cut-film-larger',
  'lay-film',
  'lay-print-on-film',
  'weed',
  'lint-off',
  'lint-off-or-peels',
  'backing-off',
  // a second heat
  'see-that-paper-holds',
  'cover-what-lifts',
  // the machine
  'fit-attachment',
  'attachment-off',
  'switch-on',
  'switch-on-fixed',
  'switch-on-oven',
  'switch-on-iron',
  'warm-up-to-light',
  'warm-up-oven',
  'warm-up-attachment',
  'warm-up-to-figure',
  'warm-up-iron',
  'reset-heat',
  // short presses before the main one
  'press-dry',
  'press-dry-each-section',
  'press-dry-and-flat',
  'press-film-on',
  'press-film-on-as-maker-says',
  'film-carrier-off',
  'film-carrier-off-cold',
  // the stack and the press
  'check-stack',
  'turn-over-and-stack',
  'press-in-clamp',
  'press-in-attachment',
  'press-mug-in-oven',
  'press-tumbler-in-oven',
  'press-in-wrap',
  'turn-half-round',
  'press-flat',
  'press-panel',
  'press-socks',
  'press-both-socks',
  'press-with-iron',
  'press-edges-fast',
  'press-with-iron-again',
  // cooling, peeling, unwrapping
  'sleeve-off-hot',
  'cool-to-handle',
  'cool-fully-cup',
  'cool-fully',
  'cool-fully-cover-on',
  'cool-fully-for-gloss',
  'peel-hot',
  'peel-hot-for-matt',
  'lift-soon',
  'carrier-off-warm',
  'unwrap-cup',
  'paper-off',
  'look-at-edges',
  'cool-flat',
  'cool-then-lift',
  'unroll-and-iron',
] as const;
/** One task. */
export type TaskCode = (typeof TASKS)[number];

/** What a lay-up is made of. */
export const LAYER_MATERIALS = keysOf(LAYER_TRAITS);
/** What one layer of the lay-up is made of. */
export type LayerMaterial = (typeof LAYER_MATERIALS)[number];

/** How a layer lies, or what it is there for. */
export const LAYER_NOTES = [
  'closed-by-clamp',
  'fan-on',
  'catches-gas',
  'catches-dye',
  'one-to-three-layers',
  'tight-over-print',
  'above',
  'below',
  'on-cloth-already',
  'ink-to-cup',
  'ink-to-blank',
  'ink-to-cloth',
  'ink-down-to-blank',
  'ink-up-to-blank',
  'ink-up-below',
  'picture-up',
  'carrier-up',
  'on-top-sharper',
  'between-its-prints',
] as const;
/** What is to be known of one layer. */
export type LayerNote = (typeof LAYER_NOTES)[number];

/** What can hurt someone or spoil something else, said where it arises. */
export const CAUTIONS = [
  'air-the-room',
  'gloves-and-mat',
  'gloves-and-table',
  'never-leave-it-hot',
  'own-instructions-first',
  'no-food-in-that-oven',
  'hard-blanks-hold-heat',
  'gloves-on',
] as const;
/** One caution. */
export type CautionCode = (typeof CAUTIONS)[number];

/** How a heat is called that is not set in degrees. */
export const HEAT_NAMES = ['fixed', 'hottest-cotton'] as const;
/** What a heat is for. */
export type HeatName = (typeof HEAT_NAMES)[number];
