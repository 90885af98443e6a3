'use client';

import { startTransition } from 'react';
import { withArt, withItemPicture, withLetteredRows, withNames, withPictureRows } from '@/core/job';
import { namedPlaces, unlettered, type Artwork, type Job } from '@/core/model';
import { useJob } from '@/ui/job/jobContext';
import type { Selection } from '../useSelection';
import { newId } from '@/store';
import type { TakeIn } from '../useTakeIn';
import type { NamesRead } from './NamesFields';

export interface Items {
  /** A row for each picture file, in the place that is chosen (or made) on the face. */
  readonly addPictures: (files: readonly File[]) => Promise<void>;
  /** Another picture for one row, in a place of the design. */
  readonly givePicture: (itemId: string, placementId: string, file: File) => Promise<void>;
  /** The rows called so, one each, and lettered where their names stand on them. */
  readonly setNames: (found: NamesRead) => Promise<void>;
  /** Draws the lettering of rows whose names have changed. */
  readonly letterAnew: () => Promise<void>;
}

/** What is done to the rows of a job that has to do with pictures. */
export function useItems(selection: Selection, takeIn: TakeIn): Items {
  const { session, editDesign } = useJob();

  async function readAll(files: readonly File[]): Promise<Artwork[]> {
    const arts: Artwork[] = [];
    for (const file of files) {
      const art = await takeIn.read(file);
      if (art) arts.push(art);
    }
    return arts;
  }

  async function letterAnew(): Promise<void> {
    const { job } = session.jobStore.getState();
    for (const place of namedPlaces(job)) {
      // a row without a name has nothing to be drawn; its finding says so
      const rows = unlettered(job, place).filter(({ name }) => name !== '');
      const spec = job.arts.find(({ sha256 }) => sha256 === place.artSha256)?.text;
      if (!spec || rows.length === 0) continue;
      const arts = await takeIn.letter(
        spec,
        rows.map(({ name }) => name),
      );
      if (!arts) return;
      const ids = rows.map(({ id }) => id);
      startTransition(() => void editDesign((now) => withLetteredRows(now, place.id, ids, arts)));
    }
  }

  return {
    letterAnew,
    addPictures: async (files) => {
      const arts = await readAll(files);
      const [first] = arts;
      if (!first) return;
      const fresh = newId();
      // lettering keeps its place: pictures get one of their own
      const { selected } = selection;
      const chosen = selected && !selected.art.text ? selected.placement.id : null;
      startTransition(() => {
        const rows = (job: Job) => {
          const place = chosen ?? fresh;
          const ready = chosen ? job : withArt(job, first, fresh, selection.face?.id);
          return withPictureRows(ready, place, arts, newId);
        };
        if (editDesign(rows) && !chosen) selection.choose(fresh);
      });
    },
    givePicture: async (itemId, placementId, file) => {
      const art = await takeIn.read(file);
      if (art)
        startTransition(
          () => void editDesign((now) => withItemPicture(now, itemId, placementId, art)),
        );
    },
    setNames: async ({ names, parts, tell }) => {
      if (!editDesign((now) => withNames(now, names, newId, parts))) return;
      tell();
      await letterAnew();
    },
  };
}
