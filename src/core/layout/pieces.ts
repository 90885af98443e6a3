import { faceBox, type Face } from '../blank';
import {
  area,
  bentOutline,
  boxOf,
  growSector,
  intersection,
  outset,
  type Affine,
  type Box,
  type Point,
  type Sector,
} from '../geometry';
import type { Artwork, Job } from '../model';
import { placedBox } from './place';

/** One picture on a piece. */
export interface PieceArt {
  readonly placementId: string;
  readonly artSha256: string;
  /** Its whole box on the piece's strip (see `Piece`), before the piece's edge cuts it. */
  readonly box: Box;
  /**
   * Takes the unit square of the upright picture (y down) to piece mm; null on a bent piece, where
   * no affine map does.
   */
  readonly matrix: Affine | null;
  /** Share of its area that the piece's edge cuts off, 0–1. */
  readonly cutOffShare: number;
}

/** How a strip is bent onto the paper; see `bend` in `core/geometry`. */
export interface Bend {
  readonly sector: Sector;
  readonly centre: Point;
}

/**
 * What must be printed, as the finished thing is to look. Art lies on the *strip*: the face with its
 * bleed, mm from the strip's top-left corner. The strip is the paper itself, or is bent onto it.
 */
export interface Piece {
  readonly id: string;
  readonly faceId: string;
  readonly name: string;
  readonly copies: number;
  readonly strip: { readonly widthMm: number; readonly heightMm: number };
  readonly bend: Bend | null;
  /** Room it takes on paper, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** The line it is cut on: a polygon in piece mm, clockwise as seen. */
  readonly outline: readonly Point[];
  readonly bleedMm: number;
  /** The blank's face on the strip. */
  readonly face: Box;
  readonly arts: readonly PieceArt[];
}

type OnPaper = Pick<Piece, 'bend' | 'widthMm' | 'heightMm' | 'outline'>;

/** How the strip lies on the paper, moved so that it starts at (0, 0). */
function onPaper(face: Face, strip: Piece['strip'], bleedMm: number): OnPaper {
  const { widthMm, heightMm } = strip;
  if (!face.development) {
    const outline = [
      { x: 0, y: 0 },
      { x: widthMm, y: 0 },
      { x: widthMm, y: heightMm },
      { x: 0, y: heightMm },
    ];
    return { bend: null, widthMm, heightMm, outline };
  }
  const sweepRad = (face.development.sweepRad * widthMm) / face.widthMm;
  const sector = growSector(face.development, bleedMm, sweepRad);
  const box = boxOf(bentOutline(strip, sector, { x: 0, y: 0 }));
  const centre = { x: -box.x, y: -box.y };
  return {
    bend: { sector, centre },
    widthMm: box.width,
    heightMm: box.height,
    outline: bentOutline(strip, sector, centre),
  };
}

function pieceOf(face: Face, job: Job, arts: ReadonlyMap<string, Artwork>): Piece {
  const trim = outset(faceBox(face), job.bleedMm);
  const strip = { widthMm: trim.width, heightMm: trim.height };
  const placed = job.placements
    .filter((placement) => placement.faceId === face.id)
    .flatMap((placement): PieceArt[] => {
      const art = arts.get(placement.artSha256);
      if (!art) return [];
      const onFace = placedBox(placement, art, face, job.bleedMm);
      if (area(onFace) === 0) return [];
      const box = { ...onFace, x: onFace.x - trim.x, y: onFace.y - trim.y };
      return [
        {
          placementId: placement.id,
          artSha256: art.sha256,
          box,
          matrix: face.development ? null : [box.width, 0, 0, box.height, box.x, box.y],
          cutOffShare: 1 - area(intersection(onFace, trim)) / area(onFace),
        },
      ];
    });
  return {
    id: `${face.id}-1`,
    faceId: face.id,
    name: face.name,
    copies: 1,
    strip,
    ...onPaper(face, strip, job.bleedMm),
    bleedMm: job.bleedMm,
    face: { ...faceBox(face), x: -trim.x, y: -trim.y },
    arts: placed,
  };
}

/** The pieces of a job: one for each face that carries art and has any size. */
export function layOut(job: Job, faces: readonly Face[]): Piece[] {
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  return faces
    .filter(({ widthMm, heightMm }) => widthMm > 0 && heightMm > 0)
    .map((face) => pieceOf(face, job, arts))
    .filter((piece) => piece.arts.length > 0);
}
