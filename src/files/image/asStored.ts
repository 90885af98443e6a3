import { IMAGE_FORMATS } from './formats';

/**
 * A picture file that no longer says which way up it is, in parts: so any browser decodes it as it is stored. Some turn it by its
 * EXIF whatever is asked of them.
 * @param bytes a whole PNG, JPEG or WebP; it is not changed.
 */
export const asStored = (bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer>[] =>
  IMAGE_FORMATS.find(({ recognises }) => recognises(bytes))?.withoutExif(bytes) ?? [bytes];
