import { config } from 'zod/mini';
import english from 'zod/v4/locales/en.js';
import { MAX_PIXELS, MAX_SIDE_PX } from '@/core/art';
import type {
  CopiesColumn,
  Heir,
  NamesColumn,
  NamesFault,
  SizesColumn,
  UnknownSize,
} from '@/core/job';
import { MAX_COPIES, type DocumentFault, type Issues } from '@/core/model';
import type { OutlineFault } from '@/core/form';

const KEEP_EDGE = 'Keep only the edge and its holes.';

/** Why a drawing cannot be the outline of a blank. */
export function outlineFaultWords(fault: OutlineFault): string {
  switch (fault.code) {
    case 'too-long':
      return `It is ${Math.round(fault.longestMm)} mm long; an outline may be up to ${fault.mostMm} mm. Was it drawn in another unit?`;
    case 'points':
      return `The outline has ${fault.points} points; up to ${fault.most} are possible.`;
    case 'crossings':
      return `The outline crosses itself ${fault.most} times and more: draw its edge as one line.`;
    case 'tangled':
      return `It has ${fault.points} points and crosses itself too often to find its edge. ${KEEP_EDGE}`;
    case 'lines':
      return `It holds ${fault.lines} lines; an outline may have ${fault.most}. ${KEEP_EDGE}`;
    case 'no-inside':
      return `No outline with an inside and fewer than ${fault.mostPoints} points was found in it. ${KEEP_EDGE}`;
  }
}

/** Why a list of names cannot be taken, and what to do. */
export function namesFaultWords(fault: NamesFault): string {
  switch (fault.code) {
    case 'none':
      return 'There is no name in it. One name a line is enough.';
    case 'too-many':
      return `It holds ${fault.names} names; up to ${fault.most} go into one job. Split the list.`;
    case 'too-long':
      return `“${fault.name.slice(0, 30)}…” has ${fault.name.length} letters; up to ${fault.most} fit.`;
  }
}

/**
 * Of which columns of a table so many names were taken, how many are made and in which size, so that a wrong one is seen.
 * @param sizes of a garment; null where no column says so. @param unknown of whom a size is not known here.
 */
export function namesColumnWords(
  { nth, of, heading }: NamesColumn,
  count: number,
  each: CopiesColumn | null,
  sizes: SizesColumn | null = null,
  unknown: readonly UnknownSize[] = [],
): string {
  const which = heading === null ? `column ${nth} of ${of}` : `the column “${heading}”`;
  const more = [
    each?.copies && `copies from “${each.heading}”, ${sum(each.copies)} in all`,
    sizes && `sizes from “${sizes.heading}”`,
  ].filter(Boolean);
  const names = `${count} ${count === 1 ? 'name' : 'names'}, from ${which}`;
  const doubts = [
    each &&
      !each.copies &&
      `“${each.heading}” does not hold whole numbers from 1 to ${MAX_COPIES}, so the copies stay as they are: set them in the rows.`,
    unknown.length > 0 && unknownSizesWords(unknown),
    more.length + unknown.length === 0 && !each && 'If it is another one, paste that column alone.',
  ].filter(Boolean);
  return [`${[names, ...more].join('; ')}.`, ...doubts].join(' ');
}

/** At most so many of an unknown size, or who take another's row, are told by name. */
const MAX_TOLD = 3;

const unknownSizesWords = (unknown: readonly UnknownSize[]): string => {
  const told = unknown
    .slice(0, MAX_TOLD)
    .map(({ name, size }) => `“${size.slice(0, 30)}” (${name})`);
  return `No width is known for ${listWithRest(told, unknown.length)}: choose the size in the rows, and measure across.`;
};

const listWithRest = (told: readonly string[], count: number): string =>
  told.join('; ') + (count > told.length ? `; and ${count - told.length} more` : '');

/** Whose rows, with what is their own, go to others, so that a guest does not get another's photo. */
export function heirsWords(heirs: readonly Heir[]): string {
  const told = heirs.slice(0, MAX_TOLD).map(({ name, row }) => {
    const own = [
      row.pictures.length > 0 && 'picture',
      row.size && `size ${row.size.name}`,
      row.colour && row.colour.colourName,
    ].filter(Boolean);
    return `“${name}” takes the row of “${row.name}” (${own.join(', ')})`;
  });
  return `${listWithRest(told, heirs.length)}. Right for a name spelled anew; for another guest, start anew.`;
}

const sum = (numbers: readonly number[]): number => numbers.reduce((all, one) => all + one, 0);

/** Signs that the letters of a line do not have. */
export const foreignSignsWords = (signs: readonly string[], font: string): string =>
  `${font} has no ${signs
    .slice(0, 8)
    .map((sign) => `“${sign}”`)
    .join(', ')}${signs.length > 8 ? ', …' : ''}. ` +
  'Another font of this computer stands in, or an empty box: look at it on the stage before you print.';

/** Why a picture of so many pixels cannot be taken in, and what to do. */
export const tooLargeWords = (widthPx: number, heightPx: number): string =>
  `It is ${widthPx} × ${heightPx} pixels (${Math.round((widthPx * heightPx) / 1e6)} megapixels); up to ` +
  `${MAX_PIXELS / 1e6} megapixels and ${MAX_SIDE_PX} pixels a side can be taken in. ` +
  'Save it smaller: 300 pixels per inch at final size is plenty.';

// the schemas say nothing of their own until they are told in which language
config(english());

/** At most this many complaints are listed; the rest would help nobody. */
const MAX_COMPLAINTS = 3;

/** What a person calls the types a value can have. */
const TYPE_WORDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a group of entries',
};

/** One complaint: where, and what is wrong there. */
function complaint({ path, message, ...issue }: Issues[number], under: string): string {
  const where = [under, ...path].filter((part) => part !== '').join('.') || 'it';
  const fault = issue.code === 'custom' ? (issue.params?.fault as OutlineFault | undefined) : null;
  if (fault) return `${where}: ${outlineFaultWords(fault)}`;
  if (issue.code !== 'invalid_type') return `${where}: ${message}`;
  if (message.endsWith('received undefined')) return `${where} is missing`;
  return `${where} is not ${TYPE_WORDS[issue.expected] ?? issue.expected}`;
}

/**
 * What a schema has against a value, in one line.
 * @param under where it stands in what is read.
 */
export function complaints(issues: Issues, under = ''): string {
  const list = issues.slice(0, MAX_COMPLAINTS).map((issue) => complaint(issue, under));
  const more = issues.length - list.length;
  return list.join('; ') + (more > 0 ? `; and ${more} more` : '');
}

/**
 * Why a document cannot be read.
 * @param under where it stands in what is read.
 */
export function documentFaultWords(fault: DocumentFault, under = ''): string {
  switch (fault.code) {
    case 'newer':
      return `This was written by a newer Lucky Sheet (version ${fault.version}; this one reads up to ${fault.reads}).`;
    case 'no-version':
      return `“${fault.version}” is not a version that can be read.`;
    case 'empty':
      return `${under || 'it'} is empty`;
    case 'unfit':
      return complaints(fault.issues, under);
  }
}
