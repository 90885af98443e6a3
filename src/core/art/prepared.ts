import type { Artwork, Job } from '../model';

/** What the source of a picture told, before it was prepared. */
const toldBySource = ({ originally, realMm, text, strokes }: Artwork) =>
  originally ?? { realMm, text, strokes };

/**
 * What a picture that was prepared from another has of it. Where the whole of it is still there, so are its real size and the lines
 * of its drawing; words that were set are a picture now.
 * @param cropped whether a part of it was cut out and straightened.
 */
export function ofPrepared(art: Artwork, cropped: boolean): Partial<Artwork> {
  const { sha256, madeFrom, sourceNote, lost, coloursTold, realMm, strokes } = art;
  return {
    ...{
      madeFrom: madeFrom ?? sha256,
      originally: toldBySource(art),
      sourceNote,
      lost,
      coloursTold,
    },
    ...(cropped ? {} : { realMm, strokes }),
  };
}

/** What the original of a prepared picture is known by once it is back, beside its file. */
export const ofOriginal = (art: Artwork): Partial<Artwork> => ({
  sourceNote: art.sourceNote,
  lost: art.lost,
  ...toldBySource(art),
});

/** The pictures that those of a job were prepared from and that are not in it themselves, by SHA-256. */
export function originalsOf({ arts }: Pick<Job, 'arts'>): string[] {
  const own = new Set(arts.map(({ sha256 }) => sha256));
  const from = arts.flatMap(({ madeFrom }) => (madeFrom && !own.has(madeFrom) ? [madeFrom] : []));
  return [...new Set(from)];
}
