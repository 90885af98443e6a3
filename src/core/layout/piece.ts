import type { Face, FaceName } from '../form';
import {
  area,
  areaWithin,
  chain,
  cornersOf,
  mapBox,
  type Affine,
  type Box,
  type Point,
  type Region,
  type Sector,
} from '../geometry';
import type { Artwork } from '../model';
import { spend } from '../work';
import { artMatrix } from './place';

/** One picture on a piece. */
export interface PieceArt {
  readonly placementId: string;
  readonly artSha256: string;
  /** Which of the piece's faces it belongs to. */
  readonly slot: number;
  /** Its whole box on the piece's strip (see `Piece`), before any edge cuts it. */
  readonly box: Box;
  /** Takes the unit square of the upright picture (y down) to strip mm. */
  readonly matrix: Affine;
  /** Share of its area that is cut off, 0–1. */
  readonly cutOffShare: number;
}

/** How a strip is bent onto the paper; see `bend` in `core/geometry`. */
export interface Bend {
  readonly sector: Sector;
  readonly centre: Point;
}

/** A face on a piece. */
export interface Slot {
  readonly faceId: string;
  /** Takes face mm to strip mm. */
  readonly toStrip: Affine;
  /** The face's own box on the strip. */
  readonly face: Box;
  /** Where its ink goes, strip mm. */
  readonly ink: Region;
}

/** A thin printed line outside every face: where to fold, where the blank lies, which end is up. */
export interface Guide {
  readonly kind: 'fold' | 'outline' | 'up';
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** What a piece is called: a face, a half or loose part of one, or both faces to fold; in words: `words/places`. */
export type PieceName =
  | { readonly kind: 'face'; readonly face: FaceName }
  | { readonly kind: 'half'; readonly face: FaceName; readonly side: 'left' | 'right' }
  | { readonly kind: 'part'; readonly face: FaceName; readonly nth: number }
  | { readonly kind: 'ground'; readonly face: FaceName }
  | { readonly kind: 'folded' };

/** A piece as it is spoken of. */
export type NamedPiece = Pick<Piece, 'called' | 'variant'>;

/**
 * What must be printed, as the finished thing is to look. Art lies on the *strip*, mm from its top-left
 * corner. The strip is the paper itself, or is bent onto it.
 */
export interface Piece {
  readonly id: string;
  readonly called: PieceName;
  /** Whom it is for, where that tells it from others; empty where it is the same for all. */
  readonly variant: string;
  /** How many of it are printed, for all its items. */
  readonly copies: number;
  /** The identities of the items it is for. */
  readonly items: readonly string[];
  readonly slots: readonly Slot[];
  readonly strip: { readonly widthMm: number; readonly heightMm: number };
  readonly bend: Bend | null;
  /** Room it takes on paper, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** The line it is cut on, piece mm. */
  readonly cut: Region;
  /** How wide a border without ink it has all round that may be lost, mm: paper on cloth shows no edge. */
  readonly borderMm: number;
  /** The sheet's own colour, where that is what is seen of it; null where its pictures are. */
  readonly fill: string | null;
  readonly bleedMm: number;
  readonly guides: readonly Guide[];
  readonly arts: readonly PieceArt[];
}

/** A piece before it is known whom it is for. */
export const ONE_THING: Pick<Piece, 'variant' | 'copies' | 'items' | 'fill' | 'borderMm'> = {
  ...{ variant: '', copies: 1, items: [], fill: null, borderMm: 0 },
};

/** The pieces an item is made with; those of the first one where it has none. */
export function piecesOfItem(pieces: readonly Piece[], itemId: string): Piece[] {
  const own = pieces.filter(({ items }) => items.includes(itemId));
  if (own.length > 0) return own;
  return pieces.filter(({ items }) => items[0] === pieces[0]?.items[0]);
}

/** What tells a piece in words. */
export const nameOf = ({ called, variant }: NamedPiece): NamedPiece => ({ called, variant });

/** A face with what is on it, before paper is cut for it. */
export interface FilledFace {
  readonly face: Face;
  /** Where ink may go, face mm. */
  readonly ink: Region;
  readonly arts: readonly { placementId: string; art: Artwork; box: Box; turns: number }[];
}

/** Corners asked about for a unit of work, and what a question costs at least. */
const CORNERS_A_UNIT = 16;
const LEAST_CORNERS = 16;

/** Puts filled art on a strip, with how much of it the ink's edge cuts off. */
export function artsOnStrip(filled: FilledFace, slot: number, place: Slot): PieceArt[] {
  const shownIn = areaWithin(place.ink);
  spend((filled.arts.length * (cornersOf(place.ink) + LEAST_CORNERS)) / CORNERS_A_UNIT, 'motifs');
  return filled.arts.map(({ placementId, art, box, turns }) => {
    const onStrip = mapBox(place.toStrip, box);
    return {
      placementId,
      artSha256: art.sha256,
      slot,
      box: onStrip,
      matrix: chain(artMatrix(box, turns), place.toStrip),
      cutOffShare: Math.max(0, 1 - shownIn(onStrip) / area(box)),
    };
  });
}
