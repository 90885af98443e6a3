import { pictureName } from './art';
import type { Item } from './item';
import type { Job, Placement } from './job';
import { MOST_TOLD_APART } from './program';

/** How many things are made in all. */
export const thingsIn = ({ items }: Pick<Job, 'items'>): number =>
  items.reduce((sum, { copies }) => sum + copies, 0);

/** Whether the things of a job are test pieces, each pressed by figures of its own. */
export const areTestPieces = ({ items }: Pick<Job, 'items'>): boolean =>
  items.some(({ heat }) => heat !== null);

/** The picture that stands in a place of the design on an item. */
export const pictureOn = (item: Item | undefined, { id, artSha256 }: Placement): string =>
  item?.pictures.find(({ placementId }) => placementId === id)?.artSha256 ?? artSha256;

/** The colours the blanks of a job have, each once. */
export function blankColours({ items, blank }: Pick<Job, 'items' | 'blank'>) {
  const { colour, colourName } = blank.substrate;
  const all = items.map((item) => item.colour ?? { colour, colourName });
  return all.filter((one, i) => all.findIndex((each) => each.colour === one.colour) === i);
}

/** What every single thing is called, copies one by one; none where nothing tells them apart, or there are too many. */
export function thingLabels(job: Pick<Job, 'items' | 'blank'>): string[] {
  if (job.items.length < 2 || thingsIn(job) > MOST_TOLD_APART) return [];
  const labels = itemLabels(job);
  return job.items.flatMap(({ copies }, i) =>
    Array.from({ length: copies }, () => labels[i] ?? ''),
  );
}

/** What each row is called, all of them different; a job of one row calls it by its name alone. */
export function itemLabels({ items, blank }: Pick<Job, 'items' | 'blank'>): readonly string[] {
  const [only] = items;
  if (items.length === 1) return [only?.name ?? ''];
  const own = 'size' in blank.form ? blank.form.size : '';
  const sized = items.some(({ size }) => size !== null);
  const sizeOf = (item: Item) => item.size?.name ?? (sized ? own : '');
  const plain = items.map((item) => [item.name, sizeOf(item)].filter(Boolean).join(', '));
  const told = items.map(({ colour }, i) => {
    const label = plain[i] ?? '';
    const alone = label !== '' && plain.filter((each) => each === label).length === 1;
    const colourName = colour?.colourName ?? blank.substrate.colourName;
    const coloured = items.some((each) => each.colour !== null);
    return alone || !coloured ? label : [label, colourName].filter(Boolean).join(', ');
  });
  return told.map((label, i) => {
    if (label === '') return String(i + 1);
    const before = told.slice(0, i).filter((each) => each === label).length;
    return before === 0 ? label : `${label} (${before + 1})`;
  });
}

/** Stands for a row's name in a line of lettering. */
export const NAME_SIGN = '{name}';

/** Places of lettering that changes with the name of each row. */
export const namedPlaces = (job: Job): Placement[] =>
  [job, ...job.further]
    .flatMap(({ placements }) => placements)
    .filter(({ artSha256 }) =>
      job.arts.find(({ sha256 }) => sha256 === artSha256)?.text?.words.includes(NAME_SIGN),
    );

/** The rows whose lettering in a place is not of their name: drawn for another, or not drawn yet. */
export const unlettered = (job: Job, placement: Placement): Item[] => {
  const design = job.arts.find(({ sha256 }) => sha256 === placement.artSha256)?.text;
  if (!design) return [];
  return job.items.filter((item) => {
    const art = job.arts.find(({ sha256 }) => sha256 === pictureOn(item, placement));
    return art?.name !== pictureName(design.words.replaceAll(NAME_SIGN, item.name));
  });
};
