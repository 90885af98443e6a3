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
