import { chain, growRegion, mapRegion, regionBox, translation } from '../geometry';
import type { Piece } from './piece';

/** The identity of the film below a piece. */
export const filmIdOf = ({ id }: Pick<Piece, 'id'>): string => `${id}.film`;

/**
 * The film that lies below a print: its outline, grown by what film reaches beyond it on every side.
 * @param beyondMm 0 where a rim of it would show.
 */
export function filmBelow(piece: Piece, beyondMm: number): Piece {
  const outline = growRegion(piece.cut, beyondMm);
  const { x, y, width, height } = regionBox(outline);
  const moved = translation(-x, -y);
  return {
    ...piece,
    id: filmIdOf(piece),
    bend: null,
    strip: { widthMm: width, heightMm: height },
    ...{ widthMm: width, heightMm: height },
    cut: mapRegion(moved, outline),
    bleedMm: beyondMm,
    slots: piece.slots.map((slot) => ({
      ...slot,
      toStrip: chain(slot.toStrip, moved),
      face: { ...slot.face, x: slot.face.x - x, y: slot.face.y - y },
      ink: mapRegion(moved, growRegion(slot.ink, beyondMm)),
    })),
    guides: [],
    arts: [],
  };
}
