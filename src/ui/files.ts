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

/** A job's name as a file name: letters, digits and dashes of any script. */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .normalize('NFC')
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .toLowerCase() || 'job'
  }.${ending}`;
