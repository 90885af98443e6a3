import { namedPlaces, plainItem, type Item, type Job } from '../model';
import { keepUsedArt } from './edit';

/**
 * The row each name goes to, undefined where it needs a new one, and the rows that are left: whose name is known keeps their
 * row, wherever the name stands now; other names go to the rows that are left, in their order.
 */
function rowsCalled(job: Job, names: readonly string[]) {
  const left = [...job.items];
  const take = (is: (item: Item) => boolean): Item | undefined => {
    const at = left.findIndex(is);
    return at < 0 ? undefined : left.splice(at, 1)[0];
  };
  const known = names.map((name) => take((item) => item.name === name));
  return { rows: known.map((row) => row ?? take(() => true)), left };
}

/** What a list of names says of a row besides. */
export type RowPart = Partial<Pick<Item, 'copies' | 'size'>>;

/**
 * The rows called so, one after the other: whose name is known stays what they are, other names take the rows that are left,
 * then new ones. Surplus rows go that had a name; what never had one (a size, a colour) stays.
 * @param parts what is told of each besides; what is not stays as it is.
 */
export function withNames(
  job: Job,
  names: readonly string[],
  newId: () => string,
  parts: readonly RowPart[] = [],
): Job {
  const called = rowsCalled(job, names);
  const rows = names.map((name, i) => ({
    ...(called.rows[i] ?? plainItem(newId())),
    ...parts[i],
    name,
  }));
  const left = called.left.filter(({ name }) => name === '');
  return keepUsedArt({ ...job, items: [...rows, ...left] });
}

/**
 * Who takes the row of somebody struck off a list of names: that row with the pictures chosen for it and the size it hands
 * on, and what the list says of the new one.
 */
export interface Heir {
  readonly name: string;
  readonly row: Item;
  readonly part: RowPart;
}

/** The pictures of a row that are not its name lettered, which is drawn anew for whoever has the row. */
const chosenPictures = (job: Job, { pictures }: Item): Item['pictures'] => {
  const lettered = new Set(namedPlaces(job).map(({ id }) => id));
  return pictures.filter(({ placementId }) => !lettered.has(placementId));
};

/**
 * Who would take, by `withNames`, the row of somebody else that has a picture, a colour or a size of its own. It may be the
 * same person, spelled rightly now; it may be another, who should not get the first one's photo.
 */
export const heirsAmong = (
  job: Job,
  names: readonly string[],
  parts: readonly RowPart[] = [],
): Heir[] =>
  rowsCalled(job, names).rows.flatMap((row, i) => {
    const name = names[i] ?? '';
    if (!row || row.name === '' || row.name === name) return [];
    const part = parts[i] ?? {};
    const size = part.size === undefined ? row.size : null;
    const pictures = chosenPictures(job, row);
    const own = row.colour || size || pictures.length > 0;
    return own ? [{ name, row: { ...row, pictures, size }, part }] : [];
  });

/**
 * The rows of heirs like the design again but for what the list says of them, their copies and what is lettered of the name;
 * a row that is not the heir's any more, the list undone, stays as it is.
 */
export function withPlainRows(job: Job, heirs: readonly Heir[]): Job {
  const items = job.items.map((item) => {
    const heir = heirs.find(({ row, name }) => row.id === item.id && name === item.name);
    if (!heir) return item;
    const chosen = chosenPictures(job, item);
    const pictures = item.pictures.filter((each) => !chosen.includes(each));
    const { id, name, copies } = item;
    return { ...plainItem(id), copies, ...heir.part, name, pictures };
  });
  return keepUsedArt({ ...job, items });
}
