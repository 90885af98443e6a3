import { inspectImage } from '../image';

const PICTURE = /^\s*data:image\/(?:png|jpe?g|webp);base64,([\s\S]*)$/i;

/** The bytes of a picture that is written into a drawing; null where it is elsewhere, or of another kind. */
function bytesIn(link: string): Uint8Array | null {
  const [, written] = PICTURE.exec(link) ?? [];
  try {
    return written === undefined
      ? null
      : Uint8Array.from(atob(written.replace(/\s+/g, '')), (sign) => sign.charCodeAt(0));
  } catch {
    return null;
  }
}

/** Whether what an image of a drawing links to is in the drawing itself, whole, and no larger than pictures may be. */
export function isOwnPicture(link: string): boolean {
  const bytes = bytesIn(link);
  return bytes !== null && inspectImage(bytes).ok;
}
