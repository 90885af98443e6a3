import { designOn, sizingBack } from '../layout';
import {
  FIRST_ITEM,
  MAX_ITEMS,
  NAME_SIGN,
  plainItem,
  type Artwork,
  type Item,
  type Job,
  type Placement,
} from '../model';
import { keepUsedArt } from './edit';

/** The row of an identity, or the first where there is none. */
export const itemOf = ({ items }: Job, id: string): Item =>
  items.find((item) => item.id === id) ?? items[0] ?? plainItem(FIRST_ITEM);

/** Changes one row. */
export const withItem = (job: Job, id: string, part: Partial<Omit<Item, 'id'>>): Job => ({
  ...job,
  items: job.items.map((item) => (item.id === id ? { ...item, ...part } : item)),
});

/** Takes a row off, with the pictures only it had; the last one stays. */
export const withoutItem = (job: Job, id: string): Job =>
  job.items.length === 1
    ? job
    : keepUsedArt({ ...job, items: job.items.filter((item) => item.id !== id) });

const withArts = (job: Job, arts: readonly Artwork[]): Job => {
  const fresh = new Map(arts.map((art) => [art.sha256, art]));
  return {
    ...job,
    arts: [...job.arts.filter(({ sha256 }) => !fresh.has(sha256)), ...fresh.values()],
  };
};

const ownPicture = (item: Item, placementId: string, artSha256: string | null): Item => ({
  ...item,
  pictures: [
    ...item.pictures.filter((each) => each.placementId !== placementId),
    ...(artSha256 === null ? [] : [{ placementId, artSha256 }]),
  ],
});

/** Gives a row a picture of its own in a place of the design, or the design's own again (null). */
export function withItemPicture(
  job: Job,
  id: string,
  placementId: string,
  art: Artwork | null,
): Job {
  const items = job.items.map((item) =>
    item.id === id ? ownPicture(item, placementId, art?.sha256 ?? null) : item,
  );
  return keepUsedArt({ ...withArts(job, art ? [art] : []), items });
}

/** A job as it is before anyone said what is made of it: one thing without a name. */
const isUntold = ({ items }: Job): boolean => {
  const [item, ...others] = items;
  return others.length === 0 && item?.name === '' && item.copies === 1 && !item.size;
};

/** What a picture is called without the ending of its file. */
const titleOf = ({ name }: Artwork): string => name.replace(/\.[a-z0-9]{2,5}$/i, '').slice(0, 120);

/** Puts rows after those that are told of, up to as many as a job holds and one more, which is then refused. */
const withRows = (job: Job, rows: readonly Item[]): Job => ({
  ...job,
  items: [...(isUntold(job) ? [] : job.items), ...rows].slice(0, MAX_ITEMS + 1),
});

/**
 * A row for each picture, all of them in one place of the design; called after their files. Where the place
 * has no picture of its own yet the first one is the design's.
 */
export function withPictureRows(
  job: Job,
  placementId: string,
  arts: readonly Artwork[],
  newId: () => string,
): Job {
  const rows = arts.map((art) => ({
    ...ownPicture(plainItem(newId()), placementId, art.sha256),
    name: titleOf(art),
  }));
  return keepUsedArt(withRows(withArts(job, arts), rows));
}

/** The names of the rows; none where nothing is told of what is made. */
export const namesOf = (job: Job): string[] =>
  isUntold(job) ? [] : job.items.map(({ name }) => name);

/** One more row like the design. */
export const withRow = (job: Job, id: string, part: Partial<Item> = {}): Job => ({
  ...job,
  items: [...job.items, { ...plainItem(id), ...part }],
});

/**
 * Sets a line of lettering in a place: the same on every row, or one for each where it holds their names.
 * It keeps its true height; the first one is the design's.
 * @param arts of the rows in their order, or a single one.
 */
export function withLettering(job: Job, placementId: string, arts: readonly Artwork[]): Job {
  const [first] = arts;
  if (!first) return job;
  const personal = first.text?.words.includes(NAME_SIGN) ?? false;
  const items = job.items.map((item, i) =>
    ownPicture(item, placementId, (personal && arts[i]?.sha256) || null),
  );
  const placements = job.placements.map((each): Placement => {
    if (each.id !== placementId) return each;
    const sizing = first.realMm
      ? { mode: 'exact' as const, ...first.realMm, locked: true }
      : each.sizing;
    return { ...each, artSha256: first.sha256, sizing };
  });
  return keepUsedArt({ ...withArts(job, arts), items, placements });
}

/** Sets the lettering of some rows in a place, each its own; the others keep theirs. */
export function withLetteredRows(
  job: Job,
  placementId: string,
  ids: readonly string[],
  arts: readonly Artwork[],
): Job {
  const items = job.items.map((item) => {
    const art = arts[ids.indexOf(item.id)];
    return art ? ownPicture(item, placementId, art.sha256) : item;
  });
  return keepUsedArt({ ...withArts(job, arts), items });
}

/** What an edit of the design as one row shows it changes in the design, and in that row. */
function turnedBack(job: Job, seen: Job, edited: Job, id: string): Job {
  // what only the design shows was out of sight
  const hidden = job.arts.filter(({ sha256 }) => !edited.arts.some((art) => art.sha256 === sha256));
  const arts = [...edited.arts, ...hidden];
  const artOf = (sha256: string) => arts.find((art) => art.sha256 === sha256);
  const own: Item['pictures'] = [];
  const placements = edited.placements.map((placement): Placement => {
    const base = job.placements.find((each) => each.id === placement.id);
    const shown = seen.placements.find((each) => each.id === placement.id);
    if (!base || !shown || shown === base) return placement;
    const { artSha256 } = placement;
    own.push({ placementId: placement.id, artSha256 });
    const [design, picture] = [artOf(base.artSha256), artOf(artSha256)];
    const resized = artSha256 === shown.artSha256 && placement.sizing !== shown.sizing;
    const sizing =
      resized && design && picture ? sizingBack(placement, design, picture) : base.sizing;
    return { ...placement, artSha256: base.artSha256, sizing };
  });
  const items = edited.items.map((each) =>
    each.id === itemOf(job, id).id
      ? own.reduce((row, one) => ownPicture(row, one.placementId, one.artSha256), each)
      : each,
  );
  const blank = edited.blank === seen.blank ? job.blank : edited.blank;
  // a row of the ground is cut round what the design is cut along
  const { line } = edited.cut;
  const cut =
    seen.cut === job.cut
      ? edited.cut
      : { ...edited.cut, line: line === 'ground' ? job.cut.line : line, apart: job.cut.apart };
  return keepUsedArt({ ...edited, arts, placements, items, blank, cut });
}

/**
 * Changes the job by a change made to the design as one row shows it (`designOn`). Its place and size are the
 * design's; a picture that is the row's own is changed for that row alone.
 */
export function onItem(job: Job, id: string, change: (seen: Job) => Job): Job {
  const seen = designOn(job, itemOf(job, id));
  // nothing of the row is its own: the design itself is changed
  const same = seen.placements === job.placements && seen.blank === job.blank;
  if (same && seen.cut === job.cut) return change(job);
  return turnedBack(job, seen, change(seen), id);
}
