import { wantedColours, type Colours } from './colours';
import { softOf, type Soft } from './dead';
import type { Expected } from './expected';
import type { Plane } from './plane';
import { samplesOf, type Sample } from './tint';

const { min, sqrt } = Math;

/** Colours are compared at this many pixels a millimetre at most, fewer where that is more than so many in all. */
const COLOURS_PX = 2.5;
const MOST_PX = 1_300_000;

/** What ink is told by, of what must lie there. */
export interface InkWanted {
  readonly colours: Colours;
  /** Where colours tell how the photo shows them. */
  readonly samples: readonly Sample[];
  readonly soft: Soft;
}

/** What a photo's ink is held against, of what must be in sight and how light that is. */
export function inkWanted({ picture }: Expected, light: Plane): InkWanted {
  const areaMm2 = (picture.width * picture.height) / picture.pxPerMm ** 2;
  const colours = wantedColours(picture, min(COLOURS_PX, sqrt(MOST_PX / areaMm2)));
  return { colours, samples: samplesOf(colours), soft: softOf(picture, light) };
}
