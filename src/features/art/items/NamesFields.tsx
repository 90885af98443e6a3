'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import {
  heirsAmong,
  namesAsText,
  namesOf,
  partsOf,
  unknownSizes,
  withPlainRows,
  type Heir,
  type NameList,
  type RowPart,
} from '@/core/job';
import type { Job } from '@/core/model';
import { HEAVY_FROM } from '@/core/weight';
import { textOf } from '@/files/text';
import { LinesField } from '@/ui/fields/LinesField';
import { atRest } from '@/ui/atRest';
import { useJob } from '@/ui/job/jobContext';
import { useNotify, type Notice } from '@/ui/notify';
import { heirsWords, namesColumnWords, namesFaultWords } from '@/words/documents';
import { warmUpForLines, warmUpPlanner } from '@/workers';

/** Names as they were read, and what the list says of each besides. */
export interface NamesRead {
  readonly names: readonly string[];
  readonly parts: readonly RowPart[];
  /** Says what was taken, once the rows are called so. */
  readonly tell: () => void;
}

/** What is told of a list of names as it is taken: of which columns it is, and who takes the row of another; null for nothing. */
function noticeOf(job: Job, list: NameList, heirs: readonly Heir[]): Notice | null {
  const { names, each, sizes, column } = list;
  if (!column && heirs.length === 0) return null;
  const unknown = unknownSizes(job, list);
  const worn = job.blank.form.kind === 'garment' ? sizes : null;
  const columns = column ? namesColumnWords(column, names.length, each, worn, unknown) : '';
  const rows = heirs.length > 0 ? heirsWords(heirs) : '';
  const doubtful = heirs.length > 0 || unknown.length > 0 || (each && !each.copies);
  return { tone: doubtful ? 'warning' : 'info', text: [rows, columns].filter(Boolean).join(' ') };
}

/**
 * The list of a job's names as it is edited. `read` gives those that are in it, with what it says of each, or null where it
 * cannot be taken (the person has been told); a list that nobody touched is not read again, so that each name stays as it is.
 */
export function useNames() {
  const { job, editDesign } = useJob();
  const notify = useNotify();
  const [list, setText] = useState<string | null>(null);
  const names = namesOf(job).filter(Boolean);
  const text = list ?? namesAsText(names);

  const tell = (found: NameList, parts: readonly RowPart[]) => {
    const heirs = heirsAmong(job, found.names, parts);
    const notice = noticeOf(job, found, heirs);
    if (!notice) return;
    const anew = {
      label: 'Start anew',
      run: () => void editDesign((now) => withPlainRows(now, heirs)),
    };
    notify(heirs.length > 0 ? { ...notice, action: anew } : notice);
  };

  const read = async (): Promise<NamesRead | null> => {
    if (list === null && names.length > 0) return { names, parts: [], tell: () => undefined };
    const { readNames } = await import('@/files/names');
    const found = readNames(text);
    if (!found.ok) {
      notify({ tone: 'error', text: namesFaultWords(found.reason) });
      return null;
    }
    const parts = partsOf(job, found.value);
    return { names: found.value.names, parts, tell: () => tell(found.value, parts) };
  };
  return { text, setText, read, forget: () => setText(null) };
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
        helperText="Of a table with headings, the columns “Name”, “Copies” and “Size” are taken."
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
      <Button size="small" sx={{ alignSelf: 'flex-start' }} onClick={() => csv.current?.click()}>
        Take the names from a CSV file
      </Button>
    </Box>
  );
}
