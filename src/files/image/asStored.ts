import { IMAGE_FORMATS } from './formats';
import { headWithoutExif, isWebp } from './webp';

/**
 * A picture file that no longer says which way up it is, in parts: so any browser decodes it as it is stored. Some turn it by its
 * EXIF whatever is asked of them.
 * @param bytes a whole PNG, JPEG or WebP; it is not changed.
 */
export function asStored(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer>[] {
  const exif = IMAGE_FORMATS.find(({ recognises }) => recognises(bytes))?.exif(bytes) ?? [];
  const lost = exif.reduce((sum, [from, to]) => sum + Math.min(to, bytes.length) - from, 0);
  if (lost === 0) return [bytes];
  // a WebP says how long it is
  const head = isWebp(bytes) ? headWithoutExif(bytes, lost) : bytes.subarray(0, 2);
  const from = [head.length, ...exif.map(([, to]) => to)];
  const to = [...exif.map(([at]) => at), bytes.length];
  return [head, ...from.map((begin, i) => bytes.subarray(begin, to[i]))];
}
