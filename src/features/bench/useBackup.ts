'use client';

import { useState } from 'react';
import { SHELF_KINDS, SHELF_LISTS, type DocumentKind, type Job, type Shelf } from '@/core/model';
import { mergeOf, type Clash, type Here, type Readable } from '@/files/backup';
import {
  keepAside,
  picturesKept,
  putArt,
  saveDocuments,
  storageProblem,
  survey,
  type AsideDocument,
  newId,
  type Write,
} from '@/store';
import { packedBench } from '@/ui/bench/backupFile';
import { useBench } from '@/ui/bench/BenchProvider';
import { download } from '@/ui/files';
import { useNotify } from '@/ui/notify';
import type { TaskRunner } from '@/ui/useTask';
import { broughtBackWords } from '@/words';
import { unpackBackupTask, type UnpackedBackup } from '@/workers';
import { noteBackup } from './lastBackup';

/** What holds where both sides have a thing otherwise; a job can also come in as a second one. */
export type ClashAnswer = 'here' | 'backup' | 'both';

/** Things that the bench and the backup have otherwise, waiting for an answer. */
export interface ClashQuestion {
  readonly clashes: readonly Clash[];
  /** An answer for each, in order; null leaves the backup. */
  readonly answer: (answers: readonly ClashAnswer[] | null) => void;
}

/** Documents written at once: together or not at all. */
const AT_ONCE = 100;

const writeOf = ({ kind, id, body, savedAt }: Readable, baseRev: number): Write => ({
  ...{ kind, id, body, baseRev },
  ...(savedAt !== '' && { savedAt }),
});

/** The things of a shelf among documents. */
function shelfOf(documents: readonly Readable[]): Partial<Shelf> {
  const lists = SHELF_LISTS.map((list) => {
    const kind: DocumentKind = SHELF_KINDS[list];
    return [list, documents.filter((each) => each.kind === kind).map(({ body }) => body)];
  });
  return Object.fromEntries(lists) as Partial<Shelf>;
}

/** The same job under an id of its own. */
function asSecond({ body, savedAt }: Readable): Readable {
  const id = newId();
  const job = body as Job;
  return {
    kind: 'job',
    id,
    savedAt,
    body: { ...job, id, name: `${job.name} (backup)`.slice(0, 120) },
  };
}

/** Saves the whole bench as one file, and brings such a file in. */
export function useBackup(task: TaskRunner, refresh: () => Promise<void>) {
  const { store, own, name } = useBench();
  const notify = useNotify();
  const [question, setQuestion] = useState<ClashQuestion | null>(null);

  const ask = (clashes: readonly Clash[]) =>
    new Promise<readonly ClashAnswer[] | null>((done) =>
      setQuestion({
        clashes,
        answer: (answers) => {
          setQuestion(null);
          done(answers);
        },
      }),
    );

  async function save(): Promise<void> {
    const now = new Date();
    try {
      const file = await packedBench(store, now, task.run);
      if (!file) return;
      download(`lucky-sheet-${name}-${now.toISOString().slice(0, 10)}.backup.zip`, file);
      noteBackup(name, now);
      notify({
        tone: 'success',
        text: 'The backup is saved. Keep it on another disk or device than this one.',
      });
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  async function write(documents: readonly Write[]): Promise<void> {
    for (let from = 0; from < documents.length; from += AT_ONCE) {
      const saved = await saveDocuments(store, documents.slice(from, from + AT_ONCE));
      if (saved.kind === 'conflict')
        throw new Error('Another tab saved something meanwhile. Bring the backup in once more.');
    }
  }

  async function merge({ read, pictures, lostPictures }: UnpackedBackup): Promise<void> {
    const { kept } = await survey(store);
    const here = kept.map((each): Here => each);
    const { fresh, known, clashes } = mergeOf(here, read.documents);
    const fits = own.fits(shelfOf(fresh));
    if (!fits.ok) return notify({ tone: 'error', text: fits.reason });
    const answers = clashes.length > 0 ? await ask(clashes) : [];
    if (!answers) return;
    const chosen = (answer: ClashAnswer) => clashes.filter((_, i) => answers[i] === answer);
    const [replaced, both] = [chosen('backup'), chosen('both')];

    for (const { art, blob, preview } of pictures)
      await putArt(store, { sha256: art.sha256, blob, preview });
    await write([
      ...[...fresh, ...both.map(({ there }) => asSecond(there))].map((each) => writeOf(each, 0)),
      ...replaced.map(({ here: { rev }, there }) => writeOf(there, rev)),
    ]);
    const lost = read.unreadable.map(({ kept }): AsideDocument => {
      const kind = kept.kind as AsideDocument['kind'];
      return { ...kept, kind, rev: 1, body: kept.body };
    });
    await keepAside(store, lost);
    // what came from a file is in that file
    if (here.length === 0) noteBackup(name, new Date(read.writtenAt));
    await own.load();
    await refresh();

    const putBack = async () => {
      await write(replaced.map(({ here: mine }) => writeOf(mine, mine.rev + 1)));
      await own.load();
      await refresh();
    };
    const came = {
      ...{ fresh: fresh.length + both.length, known, replaced: replaced.length },
      left: chosen('here').length,
      ...{ unreadable: lost.length, lostPictures },
    };
    notify({
      tone: lost.length > 0 || lostPictures > 0 ? 'warning' : 'success',
      text: broughtBackWords(came),
      ...(replaced.length > 0 && {
        action: { label: 'Put back what was replaced', run: () => void guarded(putBack) },
      }),
    });
  }

  async function guarded(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  async function bringIn(file: File): Promise<void> {
    await guarded(async () => {
      const have = await picturesKept(store);
      const read = await task.run((onProgress) => unpackBackupTask(file, have, onProgress));
      if (!read) return;
      if (!read.ok) return notify({ tone: 'error', text: read.reason });
      await merge(read.value);
    });
  }

  return { question, save, bringIn };
}
