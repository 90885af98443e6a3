'use client';

import TextField from '@mui/material/TextField';
import { failure, success } from '@/core/result';
import { chooseAll, useDraft } from './useDraft';

interface NumberProps {
  label: string;
  value: number;
  /** The number that text stands for, or null when it is none that can be. */
  read: (text: string) => number | null;
  /** What is asked for, told while the text is none. */
  asks: string;
  onValue: (value: number) => void;
}

/** A plain number; what is none in range is explained and changes nothing. */
export function NumberField({ label, value, read, asks, onValue }: NumberProps) {
  const { field, problem } = useDraft({
    text: String(value),
    read: (text) => {
      const number = read(text);
      return number === null ? failure(asks) : success(number);
    },
    onValue,
  });
  return (
    <TextField
      label={label}
      {...field}
      error={problem !== null}
      helperText={problem}
      onFocus={chooseAll}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
    />
  );
}
