import type { CautionCode, Layer, LayerNote, TransferKind } from '../model';
import type { CoolSchools, Task } from './recipe';

/** What lay-ups under a plate are made of. */
export const PLATE: Layer = { is: 'plate', role: 'heat' };

/** Uncoated paper catches dye gas and gives it back at the next heat. */
export const COVER: Layer = {
  is: 'cover-paper',
  role: 'protect',
  lasts: 'once',
  note: 'catches-gas',
};

/** Card in a shirt: keeps dye from the back, used once. */
export const CARD: Layer = { is: 'card', role: 'protect', lasts: 'once', note: 'catches-dye' };

/** A release sheet, used many times. */
export const RELEASE: Layer = { is: 'release-sheet', role: 'protect', lasts: 'many' };

/** A soft pad under thin hard blanks. */
export const PAD: Layer = { is: 'soft-pad', role: 'protect', lasts: 'many' };

/** The cloth that is pressed onto. */
export const CLOTH: Layer = { is: 'cloth', role: 'blank' };

/** A print, lying as `note` says. */
export const printLying = (note: LayerNote): Layer => ({ is: 'print', role: 'print', note });

/** The order between plate and table, for things laid print down on the blank. */
export const onTop = (blank: Layer): readonly Layer[] => [
  PLATE,
  COVER,
  printLying('ink-to-blank'),
  blank,
  CARD,
];

/** One way, and nobody does it otherwise. */
export const always = (task: Task): CoolSchools => ({ difference: null, A: task, B: task });

/** What is said beside every hot machine. */
export const cautionsAt = (surface: 'mat' | 'table'): readonly CautionCode[] => [
  `gloves-and-${surface}`,
  'never-leave-it-hot',
  'own-instructions-first',
];

/** What is said besides where dye turns to gas. */
export const DYE_CAUTION: CautionCode = 'air-the-room';

/** Work whose dye goes in by heat alone. */
export const DYE: readonly TransferKind[] = ['sublimation', 'dye-sheet', 'dye-pens'];
