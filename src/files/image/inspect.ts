import * as ExifReader from 'exifreader';
import { MAX_FILE_BYTES, tooLarge } from '@/core/art';
import type { Artwork } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { tooLargeWords } from '@/words/documents';
import { foreignPicture } from './foreign';
import { IMAGE_FORMATS, type ImageFormat } from './formats';

/** Facts of a picture file that can be read without decoding it. */
export interface ImageFacts extends Pick<
  Artwork,
  'mime' | 'bytes' | 'storedWidthPx' | 'storedHeightPx' | 'orientation' | 'coloursTold'
> {
  /** Whether any of it can be see-through, by what the file says. */
  readonly mayBeClear: boolean;
}

/** How the picture is turned, by EXIF; the reader of EXIF goes through whole files, so it is asked only where there is some. */
function orientationOf(bytes: Uint8Array, format: ImageFormat): number {
  try {
    if (format.exif(bytes).length === 0) return 1;
    const whole = bytes.byteLength === bytes.buffer.byteLength ? bytes : bytes.slice();
    const tags = ExifReader.load(whole.buffer as ArrayBuffer, { expanded: true });
    const value = Number(tags.exif?.Orientation?.value ?? 1);
    return value >= 1 && value <= 8 ? value : 1;
  } catch {
    return 1; // no readable EXIF block: the picture is upright as stored
  }
}

/**
 * Looks into a picture file: what it is, how large, which way up, and whether it is whole.
 * Trusts the contents, never the name.
 */
export function inspectImage(bytes: Uint8Array): Result<ImageFacts> {
  if (bytes.length === 0) return failure('The file is empty (0 bytes). Copy it again.');
  if (bytes.length > MAX_FILE_BYTES) {
    return failure(
      `The file has ${Math.round(bytes.length / 1e6)} MB; up to ${MAX_FILE_BYTES / 1e6} MB can be taken in.`,
    );
  }
  const format = IMAGE_FORMATS.find(({ recognises }) => recognises(bytes));
  if (!format) {
    const foreign = foreignPicture(bytes);
    if (foreign)
      return failure(
        `This is ${foreign}, which is not taken in here. Save or share it as a JPEG or PNG.`,
      );
    return failure(
      'This is not a PNG, JPEG or WebP picture, whatever its name says. Save it as one of these.',
    );
  }
  const size = format.size(bytes);
  if (!size.ok) return size;
  const { width, height, transparent } = size.value;
  if (tooLarge(width, height)) return failure(tooLargeWords(width, height));
  return success({
    mime: format.mime,
    bytes: bytes.length,
    storedWidthPx: width,
    storedHeightPx: height,
    orientation: orientationOf(bytes, format),
    coloursTold: format.coloursTold(bytes),
    mayBeClear: transparent,
  });
}
