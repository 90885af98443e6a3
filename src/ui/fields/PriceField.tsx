'use client';

import { readPrice } from '@/words/units';
import { NumberField } from './NumberField';

/** Most that is taken for a price, in any money. */
const MOST = 100_000;

const priceTo = (text: string): number | null => {
  const price = readPrice(text);
  return price !== null && price <= MOST ? price : null;
};

interface PriceProps {
  label: string;
  /** Null where it is not known. */
  value: number | null;
  onValue: (price: number) => void;
  onClear: () => void;
}

/** What something cost, in the person's own money. */
export function PriceField(props: PriceProps) {
  return <NumberField read={priceTo} asks="A figure in your own money, as 12.50." {...props} />;
}
