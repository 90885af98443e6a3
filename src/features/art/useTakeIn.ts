'use client';

import { startTransition, useState } from 'react';
import type { Room } from '@/core/art';
import { replaceArt, withFirstSize } from '@/core/job';
import { MAX_ARTS, readAhead, type Artwork, type TextSpec } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { putArt, storageProblem, newId } from '@/store';
import { drawText } from '@/ui/art/drawText';
import { useFileIntake, type PageQuestion } from '@/ui/art/useFileIntake';
import { useBench } from '@/ui/bench/BenchProvider';
import { previewsOf } from '@/ui/bench/previews';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import type { TaskRunner } from '@/ui/useTask';
import { useWarmWorker } from '@/ui/useWarmWorker';
import { letteringTask, type TakenIn } from '@/workers';
import type { Selection } from './useSelection';

export interface TakeIn {
  readonly task: TaskRunner;
  readonly question: PageQuestion | null;
  /** Several files dropped at once, until it is said whether each is for a thing of its own; else none. */
  readonly many: readonly File[];
  /** Puts one picture on the face, or asks what several are for. */
  readonly offer: (files: readonly File[]) => void;
  /** Takes back the question what several files are for. */
  readonly forget: () => void;
  /** Takes in and keeps a picture file; null when it could not be (the person has been told). */
  readonly read: (file: File) => Promise<Artwork | null>;
  /** Adds pictures to the face, one after the other. */
  readonly add: (files: readonly File[]) => Promise<void>;
  /** Swaps the selected picture for another, in its place. */
  readonly replace: (file: File) => Promise<void>;
  /** Takes in and keeps a picture made here; null when it could not be (the person has been told). */
  readonly keep: (blob: Blob, name: string, more: Partial<Artwork>) => Promise<Artwork | null>;
  /** Sets and keeps a line of lettering, once or for each name; null as above. */
  readonly letter: (spec: TextSpec, names: readonly string[]) => Promise<Artwork[] | null>;
}

/** Brings picture files onto the job; what cannot be used is explained and changes nothing. */
export function useTakeIn(selection: Selection): TakeIn {
  const { store, shelf } = useBench();
  const { job, edit, incoming: task } = useJob();
  const notify = useNotify();
  const intake = useFileIntake(task);
  useWarmWorker(task, true);
  const [many, setMany] = useState<readonly File[]>([]);

  const refuse = (text: string): null => {
    notify({ tone: 'error', text });
    return null;
  };

  async function putAway({ art, blob, preview }: TakenIn): Promise<Result<Artwork>> {
    try {
      await putArt(store, { sha256: art.sha256, blob, preview });
      previewsOf(store).put(art.sha256, preview);
      readAhead(art);
      return success(art);
    } catch (error) {
      return failure(storageProblem(error));
    }
  }

  async function stored(taken: TakenIn | null): Promise<Artwork | null> {
    if (!taken) return null;
    const kept = await putAway(taken);
    return kept.ok ? kept.value : refuse(kept.reason);
  }

  const keep = async (blob: Blob, name: string, more: Partial<Artwork>) =>
    stored(await intake.readMade(blob, name, more));

  async function letter(spec: TextSpec, names: readonly string[]) {
    const lines = names.length > 0 ? names : [''];
    if (job.arts.length + lines.length > MAX_ARTS) {
      return refuse(
        `This line for ${lines.length} names and the ${job.arts.length} pictures there are would make ${job.arts.length + lines.length}; one job holds up to ${MAX_ARTS}. Split the list over two jobs.`,
      );
    }
    const taken = await task.run((onProgress) =>
      letteringTask(
        lines.length,
        (nth) => drawText(spec, lines[nth] ?? ''),
        (line) => putAway({ ...line, art: { ...line.art, text: spec } }),
        onProgress,
      ),
    );
    if (!taken) return null;
    if (!taken.ok) return refuse(taken.reason);
    return [...taken.value];
  }

  const take = async (file: File): Promise<Artwork | null> => {
    const { trim } = selection;
    const face: Room = { widthMm: trim?.width ?? 0, heightMm: trim?.height ?? 0 };
    return stored(await intake.read(file, face));
  };

  async function add(files: readonly File[]): Promise<void> {
    for (const file of files) {
      const art = await take(file);
      if (!art) continue;
      const id = newId();
      let added = false;
      startTransition(() => {
        added = edit((now) => withFirstSize(now, art, id, shelf, selection.face?.id));
        if (added) selection.choose(id);
      });
      if (!added) return; // the job holds no more, and the person has been told
    }
  }

  return {
    task,
    question: intake.question,
    ...{ keep, letter, many, add, read: take },
    offer: (files) => (files.length > 1 ? setMany(files) : void add(files)),
    forget: () => setMany([]),
    replace: async (file) => {
      const art = await take(file);
      const id = selection.selected?.placement.id;
      if (art && id) startTransition(() => void edit((now) => replaceArt(now, id, art)));
    },
  };
}
