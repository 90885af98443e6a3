import type { TransferKind } from '../model';
import type { CoolSchools, Layer, Task } from './recipe';

/** What lay-ups under a plate are made of; names are the trade's. */
export const PLATE: Layer = { name: 'Plate', role: 'heat' };

/** Uncoated paper catches dye gas and gives it back at the next heat. */
export const COVER: Layer = {
  name: 'Clean paper',
  role: 'protect',
  lasts: 'once',
  note: 'uncoated; it catches the dye gas',
};

export const CARD: Layer = {
  name: 'Card',
  role: 'protect',
  lasts: 'once',
  note: 'below, or inside; it catches dye',
};

export const RELEASE: Layer = { name: 'Release sheet', role: 'protect', lasts: 'many' };

export const PAD: Layer = { name: 'Soft pad', role: 'protect', lasts: 'many' };

/** A print whose ink lies on something. */
export const printOn = (what: string): Layer => ({
  name: 'Print',
  role: 'print',
  note: `ink face to the ${what}`,
});

/** How a layer goes in and comes out, in words; null for what is not there to protect. */
export const wearOf = ({ lasts }: Layer): string | null =>
  lasts === 'once'
    ? 'clean in, spent after one pressing'
    : lasts === 'many'
      ? 'clean in, wiped and used again'
      : null;

/** The order between plate and table, for things laid print down on the blank. */
export const onTop = (blank: string): readonly Layer[] => [
  PLATE,
  COVER,
  printOn('blank'),
  { name: blank, role: 'blank' },
  CARD,
];

/** One way, and nobody does it otherwise. */
export const always = (task: Task): CoolSchools => ({ difference: '', A: task, B: task });

const OWN_INSTRUCTIONS = 'The blank’s and the machine’s own instructions outrank these figures.';

/** What is said beside every hot machine; `burns` names what must not be touched. */
export const cautionsOf = (surface: string, burns: string): readonly string[] => [
  `Heat gloves and a heat-proof ${surface}; ${burns}.`,
  'Never leave it hot with children or pets about.',
  OWN_INSTRUCTIONS,
];

/** What is said besides where dye turns to gas. */
export const DYE_CAUTION = 'Air the room: dye fumes.';

/** Work whose dye goes in by heat alone. */
export const DYE: readonly TransferKind[] = ['sublimation', 'dye-sheet', 'dye-pens'];
