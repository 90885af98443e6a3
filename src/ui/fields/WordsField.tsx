'use client';

import TextField from '@mui/material/TextField';
import { failure, success } from '@/core/result';
import { LinesField } from './LinesField';
import { useDraft } from './useDraft';

interface WordsProps {
  label: string;
  value: string;
  /** The most letters it takes; more are not typed. */
  most: number;
  /** What to say when nothing stands there; absent where that is fine. */
  needed?: string;
  helperText?: string;
  /** How many lines are in sight, where it takes several. */
  rows?: number;
  onWords: (words: string) => void;
}

/** A name or a note; one that is needed and left empty is explained and changes nothing. */
export function WordsField({ value, most, needed, onWords, helperText, rows, label }: WordsProps) {
  const { field, problem } = useDraft({
    text: value,
    read: (text) => (needed && text.trim() === '' ? failure(needed) : success(text.slice(0, most))),
    onValue: onWords,
  });
  const shown = {
    ...{ ...field, label, error: problem !== null, helperText: problem ?? helperText },
    slotProps: { htmlInput: { maxLength: most, autoComplete: 'off' } },
  };
  return rows === undefined ? (
    <TextField {...shown} />
  ) : (
    <LinesField {...shown} rows={rows} onKeyDown={undefined} />
  );
}
