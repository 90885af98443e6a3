import type { Artwork } from '@/core/model';
import { asStored } from '@/files/image';

/**
 * Decodes a picture as it is stored, whatever its file says of which way up it is: what is drawn of it is turned here, once.
 * Rejects where it cannot be decoded.
 * @param orientation by EXIF, as it was read when the picture came in.
 */
export async function bitmapAsStored(
  picture: Blob,
  { orientation }: Pick<Artwork, 'orientation'>,
  options?: ImageBitmapOptions,
): Promise<ImageBitmap> {
  if (orientation === 1) return createImageBitmap(picture, options);
  const stored = asStored(new Uint8Array(await picture.arrayBuffer()));
  return createImageBitmap(new Blob(stored, { type: picture.type }), options);
}
