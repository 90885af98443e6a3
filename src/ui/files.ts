/** Offers a file to the user. */
export function download(name: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A job's name as a file name: letters, digits and dashes of any script. */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .normalize('NFC')
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .toLowerCase() || 'job'
  }.${ending}`;
