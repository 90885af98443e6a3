'use client';

import TextField from '@mui/material/TextField';
import { startTransition, useState } from 'react';

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
  const [draft, setDraft] = useState<string | null>(null);
  const wrong = draft !== null && read(draft) === null;
  return (
    <TextField
      label={label}
      value={draft ?? String(value)}
      error={wrong}
      helperText={wrong ? asks : undefined}
      onFocus={(event) => event.target.select()}
      onChange={({ target }) => {
        setDraft(target.value);
        const number = read(target.value);
        if (number !== null) startTransition(() => onValue(number));
      }}
      onBlur={() => startTransition(() => setDraft(null))}
      slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
    />
  );
}
