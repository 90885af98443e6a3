'use client';

import { NumberField } from './NumberField';

/** Most that is taken for a price, in any money. */
const MOST = 100_000;

function readPrice(text: string): number | null {
  const price = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && price >= 0 && price <= MOST ? price : null;
}

interface PriceProps {
  label: string;
  /** Null where it is not known. */
  value: number | null;
  onValue: (price: number) => void;
  onClear: () => void;
}

/** What something cost, in the person's own money. */
export function PriceField(props: PriceProps) {
  return <NumberField read={readPrice} asks="A figure in your own money, as 12.50." {...props} />;
}
