import { plainlyTyped } from './typed';

/** Signs and codes of money, and what parts thousands from hundreds besides a point or comma. */
const MONEY = /\p{Sc}|^[a-z]{3}|[a-z]{3}$|[\s']/gu;
const GROUPED = /^([1-9]\d{0,2}(?:[.,]\d{3})+)(?:[.,](\d{1,2}))?$/;
const PLAIN = /^(\d*)(?:[.,](\d*))?$/;

/**
 * Reads a price as it stands on a bill: `12.50`, `12,50 €`, `$1,299`, `1.299,00`. Three figures behind a point or comma are
 * thousands, since no price has so many behind it, but for those under one.
 * @returns null where it is none.
 */
export function readPrice(text: string): number | null {
  const plain = plainlyTyped(text).replace(MONEY, '');
  if (!/\d/.test(plain)) return null;
  const [, whole, part = ''] = GROUPED.exec(plain) ?? PLAIN.exec(plain) ?? [];
  return whole === undefined ? null : Number(`${whole.replace(/[.,]/g, '')}.${part}`);
}
