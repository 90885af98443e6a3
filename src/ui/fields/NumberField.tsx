'use client';

import TextField from '@mui/material/TextField';
import { failure, success, type Result } from '@/core/result';
import { chooseAll, useDraft } from './useDraft';

interface NumberProps {
  label: string;
  /** Null where it is not known; then the field is empty. */
  value: number | null;
  /** The number that text stands for, or null when it is none that can be. */
  read: (text: string) => number | null;
  /** What is asked for, told while the text is none. */
  asks: string;
  onValue: (value: number) => void;
  /** Takes the number away; absent where there has to be one. */
  onClear?: () => void;
}

/** A plain number; what is none in range is explained and changes nothing. */
export function NumberField({ label, value, read, asks, onValue, onClear }: NumberProps) {
  const { field, problem } = useDraft({
    text: value === null ? '' : String(value),
    read: (text): Result<number | null> => {
      if (onClear && text.trim() === '') return success(null);
      const number = read(text);
      return number === null ? failure(asks) : success(number);
    },
    onValue: (number: number | null) => (number === null ? onClear?.() : onValue(number)),
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
