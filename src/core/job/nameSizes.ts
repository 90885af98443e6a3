import type { ItemSize, Job } from '../model';
import { TEE_WIDTHS_IN } from '../shelf';
import { inches } from '../units';
import type { RowPart } from './nameRows';
import type { NameList } from './names';

/** How people write the usual sizes of a garment besides their letters. */
const WRITTEN: Readonly<Record<string, string>> = {
  SMALL: 'S',
  MEDIUM: 'M',
  LARGE: 'L',
  XLARGE: 'XL',
  EXTRALARGE: 'XL',
  XXL: '2XL',
  '2X': '2XL',
  XXXL: '3XL',
  '3X': '3XL',
};
const letters = (size: string): string => {
  const plain = size.toUpperCase().replace(/[\s.-]/g, '');
  return WRITTEN[plain] ?? plain;
};

/**
 * The size a cell says: one of the usual ones, or null for the blank's own; undefined for one that is not known here.
 * @param own what the blank's own size is called.
 */
export function sizeCalled(cell: string, own: string): ItemSize | null | undefined {
  const name = letters(cell);
  if (name === letters(own)) return null;
  const acrossIn = Object.hasOwn(TEE_WIDTHS_IN, name) ? TEE_WIDTHS_IN[name] : undefined;
  return acrossIn === undefined ? undefined : { name, widthMm: inches(acrossIn) };
}

/** What a list says of each row: its copies, and where the blank is a garment its size; an empty cell says no size. */
export function partsOf({ blank }: Job, { names, each, sizes }: NameList): RowPart[] {
  const { form } = blank;
  return names.map((_, i) => {
    const copies = each?.copies?.[i];
    const cell = sizes?.cells[i] ?? '';
    const size = form.kind === 'garment' && cell ? sizeCalled(cell, form.size) : undefined;
    return { ...(copies !== undefined && { copies }), ...(size !== undefined && { size }) };
  });
}

/** Of whom a list says a size that is not known. */
export interface UnknownSize {
  readonly name: string;
  readonly size: string;
}

/** Who in a list has a size of a garment that is not known; their rows stay in the size they have. */
export function unknownSizes({ blank }: Job, { names, sizes }: NameList): UnknownSize[] {
  const { form } = blank;
  if (form.kind !== 'garment' || !sizes) return [];
  return sizes.cells.flatMap((size, i) =>
    size && sizeCalled(size, form.size) === undefined ? [{ name: names[i] ?? '', size }] : [],
  );
}
