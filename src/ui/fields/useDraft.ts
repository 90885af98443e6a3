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
 * explained under the field and changes nothing. Leaving the field, Enter or Escape bring the last
 * good text back.
 */
export function useDraft<T>({ text, read, onValue }: DraftOf<T>) {
  const [draft, setDraft] = useState<string | null>(null);
  const judged = draft === null ? null : read(draft);
  const drop = () => setDraft(null);
  return {
    problem: judged && !judged.ok ? judged.reason : null,
    field: {
      value: draft ?? text,
      onChange: ({ target }: { target: { value: string } }) => {
        setDraft(target.value);
        const next = read(target.value);
        if (next.ok) onValue(next.value);
      },
      onBlur: drop,
      onKeyDown: ({ key }: { key: string }) => (key === 'Escape' || key === 'Enter') && drop(),
    },
  };
}

/** A figure is mostly typed over: all of it is chosen when the field is entered. */
export const chooseAll = ({ target }: FocusEvent<HTMLInputElement | HTMLTextAreaElement>): void =>
  target.select();
