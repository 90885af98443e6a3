'use client';

import { useState } from 'react';
import type { Blank } from '@/core/model';
import { storageProblem } from '@/store';
import { useFileIntake } from '@/ui/art/useFileIntake';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import type { TaskRunner } from '@/ui/useTask';
import { isBackupTask, unpackJobTask, type TakenIn } from '@/workers';
import type { FiguresQuestion } from './FiguresDialog';
import { blankFaces, jobFiles } from './parts';

const isZip = (file: File): boolean => /\.zip$/i.test(file.name) || file.type === 'application/zip';

/** A picture's file name as the name of a job: without its ending. */
const jobNameOf = ({ name }: File): string =>
  name
    .replace(/\.[a-z0-9]{1,5}$/i, '')
    .trim()
    .slice(0, 120) || 'New job';

interface Into {
  readonly task: TaskRunner;
  /** The blank that a dropped picture goes onto: the one used last. */
  readonly blank: Blank | undefined;
  readonly create: (
    blank: Blank | undefined,
    name: string,
    picture?: TakenIn,
  ) => Promise<string | null>;
  readonly refresh: () => Promise<void>;
  readonly open: (id: string, station: string) => void;
  readonly backup: (file: File) => Promise<void>;
}

/** Takes files dropped on the bench: job files, backups, and pictures, each of which begins a job. */
export function useIntake({ task, blank, create, refresh, open, backup }: Into) {
  const bench = useBench();
  const notify = useNotify();
  const intake = useFileIntake(task);
  const [figures, setFigures] = useState<FiguresQuestion | null>(null);

  const ask = (clashes: FiguresQuestion['clashes']) =>
    new Promise<'mine' | 'as sent' | null>((done) =>
      setFigures({
        clashes,
        answer: (choice) => {
          setFigures(null);
          done(choice);
        },
      }),
    );

  async function takeZip(file: File): Promise<void> {
    const whole = await task.run((onProgress) => isBackupTask(file, onProgress));
    if (whole !== null) await (whole ? backup(file) : takeJob(file));
  }

  async function takeJob(file: File): Promise<void> {
    const read = await task.run((onProgress) => unpackJobTask(file, onProgress));
    if (!read) return;
    if (!read.ok) return notify({ tone: 'error', text: read.reason });
    try {
      const { importJob } = await jobFiles();
      const taken = await importJob(bench, read.value, ask);
      if (!taken.ok) return notify({ tone: 'error', text: taken.reason });
      await refresh();
      if (taken.value) notify({ tone: 'success', text: `“${taken.value.name}” is on the bench.` });
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  /** One picture opens its job; of several, each begins one and they stay on the bench. */
  async function takePictures(files: readonly File[]): Promise<void> {
    const { facesOf } = await blankFaces();
    const [face] = blank ? facesOf(blank) : [];
    const room = { widthMm: face?.widthMm ?? 0, heightMm: face?.heightMm ?? 0 };
    const made: string[] = [];
    for (const file of files) {
      const picture = await intake.read(file, room);
      const id = picture && (await create(blank, jobNameOf(file), picture));
      if (id) made.push(id);
    }
    const [id] = made;
    if (!id) return;
    const on = `“${blank?.name ?? ''}”, the blank used last`;
    if (files.length === 1) {
      notify({
        tone: 'success',
        text: `The picture is on ${on}. Choose another at the Blank station.`,
      });
      return open(id, 'art');
    }
    notify({
      tone: made.length === files.length ? 'success' : 'warning',
      text: `${made.length} of ${files.length} pictures are jobs on the bench now, each on ${on}.`,
    });
  }

  return {
    figures,
    pages: intake.question,
    take: async (files: readonly File[]): Promise<void> => {
      for (const file of files.filter(isZip)) await takeZip(file);
      const pictures = files.filter((file) => !isZip(file));
      if (pictures.length > 0) await takePictures(pictures);
    },
  };
}
