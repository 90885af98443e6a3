import type { Raster as Photo } from '../art';
import type { Point } from '../geometry';
import type { Corners } from './corners';
import { paperOutline } from './outline';
import { once } from './once';
import { lightOf, shrunk, type Plane } from './plane';
import { photoCorners } from './register';

const { max, min, round } = Math;

/** Photos are looked for at this size, longest side, pixels. */
const LOOK_PX = 1600;

/** A photo to be looked at, with what every look at it needs, found once when it is first asked for. */
export interface Photographed {
  /** sRGB pixels. */
  readonly photo: Photo;
  /** How light it is, 0–255, pixel by pixel. */
  readonly light: Plane;
  /** Corners of it reduced, a pixel of which is so many of its own. */
  readonly features: () => { readonly corners: Corners; readonly by: number };
  /** The four corners of the largest light thing in it, clockwise, pixels; null where none stands out. */
  readonly outline: () => readonly Point[] | null;
}

/**
 * A photo made ready to be held against one thing after another.
 * @param photo sRGB pixels, no larger than some 16 million.
 */
export function photographed(photo: Photo): Photographed {
  const light = lightOf(photo, Infinity);
  return {
    photo,
    light,
    features: once(() => {
      const longest = max(photo.width, photo.height);
      const small = shrunk(light, round(photo.width * min(1, LOOK_PX / longest)));
      return { corners: photoCorners(small), by: photo.width / small.width };
    }),
    outline: once(() => paperOutline(light)),
  };
}
