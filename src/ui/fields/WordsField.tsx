'use client';

import TextField from '@mui/material/TextField';
import { failure, success } from '@/core/result';
import { useDraft } from './useDraft';

interface WordsProps {
  label: string;
  value: string;
  /** The most letters it takes; more are not typed. */
  most: number;
  /** What to say when nothing stands there; absent where that is fine. */
  needed?: string;
  helperText?: string;
  multiline?: boolean;
  rows?: number;
  onWords: (words: string) => void;
}

/** A name or a note; one that is needed and left empty is explained and changes nothing. */
export function WordsField({ value, most, needed, onWords, helperText, ...rest }: WordsProps) {
  const { field, problem } = useDraft({
    text: value,
    read: (text) => (needed && text.trim() === '' ? failure(needed) : success(text.slice(0, most))),
    onValue: onWords,
  });
  return (
    <TextField
      {...rest}
      {...field}
      error={problem !== null}
      helperText={problem ?? helperText}
      onKeyDown={rest.multiline ? undefined : field.onKeyDown}
      slotProps={{ htmlInput: { maxLength: most, autoComplete: 'off' } }}
    />
  );
}
