'use client';

import TextField from '@mui/material/TextField';
import { success } from '@/core/result';
import { useDraft } from './useDraft';

interface ColourProps {
  label: string;
  /** Six hexadecimal digits in lower case, after #. */
  value: string;
  onColour: (colour: string) => void;
}

/** A colour picked with the browser's own picker. */
export function ColourField({ label, value, onColour }: ColourProps) {
  const { field } = useDraft({
    text: value,
    read: (text) => success(text.toLowerCase()),
    onValue: onColour,
  });
  return <TextField type="color" label={label} {...field} />;
}
