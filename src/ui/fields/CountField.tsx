'use client';

import { plainlyTyped } from '@/words/units';
import { NumberField } from './NumberField';

interface CountProps {
  label: string;
  value: number | null;
  min: number;
  max: number;
  onValue: (value: number) => void;
  onClear?: () => void;
}

/** A whole number; what is no number in range is explained and changes nothing. */
export function CountField({ label, value, min, max, ...rest }: CountProps) {
  const read = (text: string) => {
    const plain = plainlyTyped(text);
    const number = Number(plain);
    return plain !== '' && Number.isInteger(number) && number >= min && number <= max
      ? number
      : null;
  };
  const asks = `A whole number from ${min} to ${max}.`;
  return <NumberField label={label} value={value} read={read} asks={asks} {...rest} />;
}
