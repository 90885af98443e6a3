import type { Layer } from './recipe';

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
