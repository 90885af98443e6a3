/** What was begun to be read from an address is read by then, ms. */
const READ_MS = 10_000;

/** Gives up the address of something kept in memory, once whatever still reads it is done. */
export const letGoUrl = (url: string): void =>
  void setTimeout(() => URL.revokeObjectURL(url), READ_MS);

/** Offers a file to the user. */
export function download(name: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  letGoUrl(url);
}

/** A table as a file; it begins so that table programs read every letter of it. */
export const csvFile = (text: string): Blob => new Blob(['\ufeff', text], { type: 'text/csv' });

/** Longest name of a file that disks take, without its ending, bytes (255 with it). */
const MOST_BYTES = 230;
const bytesOf = (text: string): number => new TextEncoder().encode(text).length;

const slug = (text: string): string =>
  text
    .normalize('NFC')
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();

/** As much of a text as so many bytes take, cut between whole letters. */
function cutTo(text: string, bytes: number): string {
  const letters = Array.from(new Intl.Segmenter().segment(text), ({ segment }) => segment);
  while (bytesOf(letters.join('')) > bytes) letters.pop();
  return letters.join('').replace(/-$/, '');
}

/**
 * A job's name as a file name: letters with their marks, digits and dashes of any script, as long as disks take it.
 * @param what the file is of the job; a long name is cut before it.
 */
export function fileName(name: string, ending: string, what = ''): string {
  const rest = what && `-${cutTo(slug(what), MOST_BYTES / 2)}`;
  return `${cutTo(slug(name), MOST_BYTES - bytesOf(rest)) || 'job'}${rest}.${ending}`;
}
