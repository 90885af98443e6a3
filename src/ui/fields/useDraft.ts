'use client';

import { useState, type FocusEvent } from 'react';
import type { Result } from '@/core/result';

interface DraftOf<T> {
  /** The text that stands there while nothing is typed. */
  text: string;
  read: (text: string) => Result<T>;
  onValue: (value: T) => void;
}

/**
 * A text field that is typed in: every readable text counts at once; what cannot be read is
 * explained under the field and changes nothing. A text that is refused stays, with the reason, when
 * the field is left, and what counted before it was typed counts again; Escape brings the last good
 * text back.
 */
export function useDraft<T>({ text, read, onValue }: DraftOf<T>) {
  const [draft, setDraft] = useState<{ typed: string; before: string } | null>(null);
  const judged = draft === null ? null : read(draft.typed);
  const refused = judged !== null && !judged.ok;
  const drop = () => setDraft(null);
  const settle = () => {
    // what was only emptied shows its last good text again
    if (!refused || draft?.typed.trim() === '') return drop();
    const before = read(draft?.before ?? '');
    if (before.ok && draft?.before !== text) onValue(before.value);
  };
  return {
    problem: refused ? judged.reason : null,
    field: {
      value: draft?.typed ?? text,
      onChange: ({ target }: { target: { value: string } }) => {
        const typed = target.value;
        setDraft((old) => ({ typed, before: old?.before ?? text }));
        const next = read(typed);
        if (next.ok) onValue(next.value);
      },
      onBlur: settle,
      onKeyDown: ({ key }: { key: string }) => {
        if (key === 'Escape') drop();
        if (key === 'Enter') settle();
      },
    },
  };
}

/** A figure is mostly typed over: all of it is chosen when the field is entered. */
export const chooseAll = ({ target }: FocusEvent<HTMLInputElement | HTMLTextAreaElement>): void =>
  target.select();
