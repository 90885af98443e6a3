import type { Artwork } from '@/core/model';
import type { Result } from '@/core/result';
import { isJpeg, readJpeg } from './jpeg';
import { isPng, readPng } from './png';
import { isWebp, readWebp } from './webp';

type Mime = Artwork['mime'];

interface ImageFormat {
  readonly mime: Mime;
  /** File ending, without the dot. */
  readonly ending: string;
  /** Whether the contents, not the name, are of this format. */
  readonly recognises: (bytes: Uint8Array) => boolean;
  /** Pixel size as stored and whether some may be see-through, or why the file cannot be used. */
  readonly size: (
    bytes: Uint8Array,
  ) => Result<{ width: number; height: number; transparent: boolean }>;
}

/** Every picture format that is taken in. */
export const IMAGE_FORMATS: readonly ImageFormat[] = [
  { mime: 'image/png', ending: 'png', recognises: isPng, size: readPng },
  { mime: 'image/jpeg', ending: 'jpg', recognises: isJpeg, size: readJpeg },
  { mime: 'image/webp', ending: 'webp', recognises: isWebp, size: readWebp },
];

/** The file ending of a format. */
export const endingOf = (mime: Mime): string =>
  IMAGE_FORMATS.find((format) => format.mime === mime)?.ending ?? 'bin';
