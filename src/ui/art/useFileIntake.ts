'use client';

import { useState } from 'react';
import type { Room } from '@/core/art';
import type { Artwork } from '@/core/model';
import { textOf } from '@/files/text';
import { takeInTask, type TakenIn } from '@/workers';
import { useNotify } from '../notify';
import type { TaskRunner } from '../useTask';
import { kindOf } from './fileKind';
import type { Drawn } from './vector';

/** A PDF of several pages, waiting for one to be chosen. */
export interface PageQuestion {
  readonly name: string;
  readonly pages: number;
  readonly answer: (page: number | null) => void;
}

export interface FileIntake {
  readonly question: PageQuestion | null;
  /**
   * Reads a picture file: pixels, an SVG drawing or a page of a PDF, drawings as large as `room` could
   * ever show them. Null when it could not be or was stopped (the person has been told).
   */
  readonly read: (file: File, room: Room) => Promise<TakenIn | null>;
  /** Reads a picture made here. */
  readonly readMade: (blob: Blob, name: string, more: Partial<Artwork>) => Promise<TakenIn | null>;
}

/** Reading drawings, loaded with the first. */
const vector = () => import('./vector');

/** Takes picture files in, wherever they are dropped. */
export function useFileIntake(task: TaskRunner): FileIntake {
  const notify = useNotify();
  const [question, setQuestion] = useState<PageQuestion | null>(null);

  const refuse = (text: string): null => {
    notify({ tone: 'error', text });
    return null;
  };

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

  async function drawn(file: File, kind: 'svg' | 'pdf', room: Room): Promise<Drawn | null> {
    const fail = (reason: string) => refuse(`“${file.name}”: ${reason}`);
    const { countPages, drawPdfPage, drawSvg } = await vector();
    if (kind === 'svg') {
      const made = await drawSvg(await textOf(file), room);
      return made.ok ? made.value : fail(made.reason);
    }
    const pages = await countPages(file);
    if (!pages.ok) return fail(pages.reason);
    const page = pages.value === 1 ? 1 : await askPage(file.name, pages.value);
    if (page === null) return null;
    const made = await drawPdfPage(file, page, room);
    return made.ok ? made.value : fail(made.reason);
  }

  async function readMade(blob: Blob, name: string, more: Partial<Artwork>) {
    const taken = await task.run((onProgress) => takeInTask(blob, name, onProgress));
    if (!taken) return null;
    if (!taken.ok) return refuse(taken.reason);
    return { ...taken.value, art: { ...taken.value.art, ...more } };
  }

  async function read(file: File, room: Room) {
    const kind = await kindOf(file);
    if (kind === 'pixels') return readMade(file, file.name, {});
    const made = await drawn(file, kind, room);
    if (!made) return null;
    const { blob, realMm, strokes, lost } = made;
    return readMade(blob, file.name, { realMm, strokes, lost: [...lost] });
  }

  return { question, read, readMade };
}
