'use client';

import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface CountProps {
  label: string;
  value: number;
  min: number;
  max: number;
  onValue: (value: number) => void;
}

/** A whole number; what is no number in range is explained and changes nothing. */
export function CountField({ label, value, min, max, onValue }: CountProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const read = (text: string) => {
    const number = Number(text);
    return text.trim() !== '' && Number.isInteger(number) && number >= min && number <= max
      ? number
      : null;
  };
  const wrong = draft !== null && read(draft) === null;
  return (
    <TextField
      label={label}
      value={draft ?? String(value)}
      error={wrong}
      helperText={wrong ? `A whole number from ${min} to ${max}.` : undefined}
      onFocus={(event) => event.target.select()}
      onChange={({ target }) => {
        setDraft(target.value);
        const number = read(target.value);
        if (number !== null) onValue(number);
      }}
      onBlur={() => setDraft(null)}
      slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }}
    />
  );
}
