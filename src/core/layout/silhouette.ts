import {
  growRegion,
  mapRegion,
  rectRing,
  thinned,
  withoutHoles,
  type Affine,
  type Region,
} from '../geometry';
import type { Artwork, CutChoice } from '../model';

const UNIT_SQUARE: Region = [rectRing({ x: 0, y: 0, width: 1, height: 1 })];

/** The edge of what is not see-through, in the unit square; the whole square where nothing is clear. */
export const silhouetteOf = (art: Artwork): Region => {
  const rings = art.facts?.silhouette ?? [];
  if (art.transparentShare === 0 || rings.length === 0) return UNIT_SQUARE;
  return rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
};

/** How far a cut line may stand off what was grown, mm: finer than any blade follows. */
const TOLERANCE_MM = 0.01;

/** The line art is cut along: its silhouette on the piece, with the chosen margin and holes. */
export function contourOf(art: Artwork, matrix: Affine, cut: CutChoice): Region {
  const onPiece = mapRegion(matrix, silhouetteOf(art));
  const kept = cut.holes === 'close' ? withoutHoles(onPiece) : onPiece;
  return thinned(growRegion(kept, cut.marginMm, 'round'), TOLERANCE_MM);
}
