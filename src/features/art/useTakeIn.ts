'use client';

import { startTransition, useState } from 'react';
import type { Room } from '@/core/art';
import { replaceArt, withArt } from '@/core/job';
import type { Artwork, TextSpec } from '@/core/model';
import { putArt, storageProblem } from '@/store';
import { drawText } from '@/ui/art/drawText';
import { countPages, drawPdfPage, drawSvg, kindOf, type Drawn } from '@/ui/art/vector';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/JobProvider';
import { useNotify } from '@/ui/notify';
import type { TaskRunner } from '@/ui/useTask';
import { letteringTask, takeInTask, type TakenIn } from '@/workers';
import type { Selection } from './useSelection';

/** A PDF of several pages, waiting for one to be chosen. */
export interface PageQuestion {
  readonly name: string;
  readonly pages: number;
  readonly answer: (page: number | null) => void;
}

export interface TakeIn {
  readonly task: TaskRunner;
  readonly question: PageQuestion | null;
  /** Adds a picture to the face. */
  readonly add: (file: File) => Promise<void>;
  /** Swaps the selected picture for another, in its place. */
  readonly replace: (file: File) => Promise<void>;
  /** Takes in and keeps a picture made here; null when it could not be (the person has been told). */
  readonly keep: (blob: Blob, name: string, more: Partial<Artwork>) => Promise<Artwork | null>;
  /** Sets and keeps a line of lettering, once or for each name; null as above. */
  readonly letter: (spec: TextSpec, names: readonly string[]) => Promise<Artwork[] | null>;
}

/** Brings picture files onto the job; what cannot be used is explained and changes nothing. */
export function useTakeIn(selection: Selection): TakeIn {
  const { db } = useBench();
  const { edit, incoming: task } = useJob();
  const notify = useNotify();
  const [question, setQuestion] = useState<PageQuestion | null>(null);

  const refuse = (text: string): null => {
    notify({ tone: 'error', text });
    return null;
  };

  async function store({ art, blob, preview }: TakenIn, more: Partial<Artwork>) {
    try {
      await putArt(db, { sha256: art.sha256, blob, preview });
      return { ...art, ...more };
    } catch (error) {
      return refuse(storageProblem(error));
    }
  }

  async function keep(blob: Blob, name: string, more: Partial<Artwork>) {
    const taken = await task.run((onProgress) => takeInTask(blob, name, onProgress));
    if (!taken) return null;
    return taken.ok ? store(taken.value, more) : refuse(taken.reason);
  }

  async function letter(spec: TextSpec, names: readonly string[]) {
    const lines = names.length > 0 ? names : [''];
    const taken = await task.run((onProgress) =>
      letteringTask(lines.length, (nth) => drawText(spec, lines[nth] ?? ''), onProgress),
    );
    if (!taken) return null;
    if (!taken.ok) return refuse(taken.reason);
    const arts: Artwork[] = [];
    for (const each of taken.value) {
      const art = await store(each, { text: spec });
      if (!art) return null;
      arts.push(art);
    }
    return arts;
  }

  const askPage = (name: string, pages: number) =>
    new Promise<number | null>((done) => {
      setQuestion({
        name,
        pages,
        answer: (page) => {
          setQuestion(null);
          done(page);
        },
      });
    });

  /** A drawing without pixels, drawn as large as the face could ever show it. */
  async function drawn(file: File, kind: 'svg' | 'pdf'): Promise<Drawn | null> {
    const { trim } = selection;
    const room: Room = { widthMm: trim?.width ?? 0, heightMm: trim?.height ?? 0 };
    const fail = (reason: string) => refuse(`“${file.name}”: ${reason}`);
    if (kind === 'svg') {
      const made = await drawSvg(await file.text(), room);
      return made.ok ? made.value : fail(made.reason);
    }
    const pages = await countPages(file);
    if (!pages.ok) return fail(pages.reason);
    const page = pages.value === 1 ? 1 : await askPage(file.name, pages.value);
    if (page === null) return null;
    const made = await drawPdfPage(file, page, room);
    return made.ok ? made.value : fail(made.reason);
  }

  async function take(file: File): Promise<Artwork | null> {
    const kind = await kindOf(file);
    if (kind === 'pixels') return keep(file, file.name, {});
    const made = await drawn(file, kind);
    return made && keep(made.blob, file.name, { realMm: made.realMm });
  }

  return {
    task,
    question,
    keep,
    letter,
    add: async (file) => {
      const art = await take(file);
      if (!art) return;
      const id = crypto.randomUUID();
      startTransition(() => {
        edit((job) => withArt(job, art, id, selection.face?.id));
        selection.choose(id);
      });
    },
    replace: async (file) => {
      const art = await take(file);
      const id = selection.selected?.placement.id;
      if (art && id) startTransition(() => edit((job) => replaceArt(job, id, art)));
    },
  };
}
