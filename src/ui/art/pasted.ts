import { beginsAsSvg } from '@/files/svg/sniff';

/** What of a clipboard is asked for. */
export interface Clipboard {
  readonly files: Iterable<File>;
  readonly getData: (type: 'text/plain') => string;
}

/** What browsers call a picture that was copied out of a page or a program. */
const NAMELESS = /^image\.[a-z]+$/i;

/**
 * The files that are pasted: pictures and files that were copied, or a drawing copied as the words of an SVG. None where
 * anything else lies on the clipboard.
 */
export function pastedFiles(clipboard: Clipboard): File[] {
  const files = [...clipboard.files].map((file) =>
    NAMELESS.test(file.name)
      ? new File([file], file.name.replace(/^image/i, 'Pasted picture'), { type: file.type })
      : file,
  );
  if (files.length > 0) return files;
  const text = clipboard.getData('text/plain').trimStart();
  return beginsAsSvg(text)
    ? [new File([text], 'Pasted drawing.svg', { type: 'image/svg+xml' })]
    : [];
}
