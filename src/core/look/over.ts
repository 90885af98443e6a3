import type { Raster as Photo } from '../art';
import type { Plane } from './plane';
import type { Ready } from './ready';
import type { Registered } from './refine';
import type { SheetFit } from './sheetFit';

/** What a photo is checked by once it lies over the plan. */
export interface Over {
  readonly photo: Photo;
  readonly light: Plane;
  readonly thing: Ready;
  readonly registered: Registered;
  /** How large a sheet's print is; null where tiles are laid. */
  readonly size: SheetFit | null;
}

const { abs, max } = Math;

/** Off size by more than this is told, as a share. */
const SIZE_OFF = 0.0055;

/** How far a print is off its size, as a share; 0 where that is not told. */
export function sizeOff({ size }: Over): number {
  const { across = null, along = null } = size ?? {};
  const off = max(...[across, along].map((scale) => (scale === null ? 0 : abs(scale - 1))));
  return off > SIZE_OFF ? off : 0;
}
