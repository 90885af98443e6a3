import type { Artwork } from '@/core/model';
import type { Result } from '@/core/result';
import { exifOfJpeg, isJpeg, readJpeg, tellsColours } from './jpeg';
import { exifOfPng, isPng, readPng } from './png';
import { cutOut, type Stretch } from './stretch';
import { exifOfWebp, isWebp, readWebp, webpWithoutExif } from './webp';

type Mime = Artwork['mime'];

/** What can be told of a picture file by its format. */
export interface ImageFormat {
  readonly mime: Mime;
  /** File ending, without the dot. */
  readonly ending: string;
  /** Whether the contents, not the name, are of this format. */
  readonly recognises: (bytes: Uint8Array) => boolean;
  /** Pixel size as stored and whether some may be see-through, or why the file cannot be used. */
  readonly size: (
    bytes: Uint8Array,
  ) => Result<{ width: number; height: number; transparent: boolean }>;
  /** Whether it says which colours it is in. */
  readonly coloursTold: (bytes: Uint8Array) => boolean;
  /** Where EXIF stands. */
  readonly exif: (bytes: Uint8Array) => Stretch[];
  /** The same picture without EXIF, in parts. */
  readonly withoutExif: (bytes: Uint8Array<ArrayBuffer>) => Uint8Array<ArrayBuffer>[];
}

/** Every picture format that is taken in. */
export const IMAGE_FORMATS: readonly ImageFormat[] = [
  {
    mime: 'image/png',
    ending: 'png',
    recognises: isPng,
    size: readPng,
    coloursTold: () => true,
    exif: exifOfPng,
    withoutExif: (bytes) => cutOut(bytes, exifOfPng(bytes)),
  },
  {
    mime: 'image/jpeg',
    ending: 'jpg',
    recognises: isJpeg,
    size: readJpeg,
    coloursTold: tellsColours,
    exif: exifOfJpeg,
    withoutExif: (bytes) => cutOut(bytes, exifOfJpeg(bytes)),
  },
  {
    mime: 'image/webp',
    ending: 'webp',
    recognises: isWebp,
    size: readWebp,
    coloursTold: () => true,
    exif: exifOfWebp,
    withoutExif: webpWithoutExif,
  },
];

/** The file ending of a format. */
export const endingOf = (mime: Mime): string =>
  IMAGE_FORMATS.find((format) => format.mime === mime)?.ending ?? 'bin';
