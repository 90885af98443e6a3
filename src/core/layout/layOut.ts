import { facesOf } from '../blank';
import type { Face } from '../form';
import { FIRST_ITEM, itemLabels, pictureOn, type Item, type Job } from '../model';
import { isCutOut } from './ground';
import { madeFor } from './itemJob';
import { inkedFaces, piecesFor } from './pieces';
import type { Piece } from './piece';

/** Longest a piece is labelled with the names of those it is for, signs. */
const MOST_LABEL = 120;

/** Items whose pieces of one pass are the same: they differ in nothing that it prints. */
interface Alike {
  readonly items: readonly Item[];
  readonly label: string;
}

/** What of an item its pieces depend on. */
const printOf = (job: Job, { size, ...item }: Item): string =>
  JSON.stringify([
    size?.widthMm ?? null,
    item.ground && isCutOut(job),
    job.placements.map((placement) => pictureOn({ ...item, size }, placement)),
  ]);

function shortened(label: string): string {
  return label.length <= MOST_LABEL ? label : `${label.slice(0, MOST_LABEL - 1)}…`;
}

/** The items of a job in groups that share pieces, each called after those in it; all of them, after nobody. */
function groupsOf(job: Job): Alike[] {
  const labels = itemLabels(job);
  const groups = new Map<string, { items: Item[]; labels: string[] }>();
  job.items.forEach((item, i) => {
    const key = job.items.length === 1 ? '' : printOf(job, item);
    const group = groups.get(key) ?? { items: [], labels: [] };
    group.items.push(item);
    group.labels.push(labels[i] ?? '');
    groups.set(key, group);
  });
  const all = groups.size === 1 && job.items.length > 1;
  return [...groups.values()].map(({ items, labels: told }) => ({
    items,
    label: all ? '' : shortened(told.join(', ')),
  }));
}

/**
 * The pieces of a job: for each face that carries art and has any size, once for all items that have the
 * same pictures and size.
 */
export function layOut(job: Job, faces: readonly Face[]): Piece[] {
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  const inked = inkedFaces(job, faces);
  return groupsOf(job).flatMap(({ items, label }) => {
    const [item] = items;
    if (!item) return [];
    const made = madeFor(job, item);
    const on = made.blank.form === job.blank.form ? inked : inkedFaces(made, facesOf(made.blank));
    const copies = items.reduce((sum, each) => sum + each.copies, 0);
    const ids = items.map(({ id }) => id);
    return piecesFor(made, on, arts).map((piece) => ({
      ...piece,
      id: item.id === FIRST_ITEM ? piece.id : `${piece.id}-${item.id}`,
      ...{ variant: label, copies, items: ids },
    }));
  });
}
