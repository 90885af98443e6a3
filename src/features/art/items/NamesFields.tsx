'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { HEAVY_FROM } from '@/core/weight';
import { textOf } from '@/files/text';
import { LinesField } from '@/ui/fields/LinesField';
import { atRest } from '@/ui/atRest';
import { useNotify } from '@/ui/notify';
import { namesColumnWords, namesFaultWords } from '@/words/documents';
import { warmUpForLines, warmUpPlanner } from '@/workers';

/**
 * Names from what was typed or pasted, as a function that tells the person why a list cannot be taken (then null), or of
 * which column it took them.
 */
export function useNames(): (text: string) => Promise<readonly string[] | null> {
  const notify = useNotify();
  return async (text) => {
    const { readNames } = await import('@/files/names');
    const read = readNames(text);
    if (!read.ok) notify({ tone: 'error', text: namesFaultWords(read.reason) });
    else if (read.value.column) notify({ tone: 'info', text: namesColumnWords(read.value) });
    return read.ok ? read.value.names : null;
  };
}

/** A job of so many names, each on a face with a picture, is planned beside the page. */
const MANY = HEAVY_FROM / 2;

/** A list of names to type, paste or read from a file. */
export function NamesFields({ text, onText }: { text: string; onText: (text: string) => void }) {
  const csv = useRef<HTMLInputElement>(null);
  const lines = text.split('\n').length;
  useEffect(
    () =>
      atRest(() => {
        warmUpForLines(lines);
        if (lines > MANY) warmUpPlanner();
      }),
    [lines],
  );
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      <LinesField
        rows={5}
        label="Names, one a line"
        value={text}
        onChange={({ target }) => onText(target.value)}
      />
      <input
        ref={csv}
        type="file"
        accept=".csv,text/csv,text/plain"
        hidden
        aria-label="Names as a CSV file"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void textOf(file).then(onText);
          target.value = '';
        }}
      />
      <Button size="small" onClick={() => csv.current?.click()}>
        Take the names from a CSV file
      </Button>
    </Box>
  );
}
