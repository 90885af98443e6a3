import { faceBox, type Face } from '../blank';
import { area, intersection, outset, type Affine, type Box } from '../geometry';
import type { Artwork, Job } from '../model';
import { placedBox } from './place';

/** One picture on a piece. */
export interface PieceArt {
  readonly placementId: string;
  readonly artSha256: string;
  /** Its whole box in piece mm, before the piece's edge cuts it. */
  readonly box: Box;
  /** Takes the unit square of the upright picture (y down) to piece mm. */
  readonly matrix: Affine;
  /** Share of its area that the piece's edge cuts off, 0–1. */
  readonly cutOffShare: number;
}

/** What must be printed, as the finished thing is to look: mm from the top-left of its trim box. */
export interface Piece {
  readonly id: string;
  readonly faceId: string;
  readonly name: string;
  readonly copies: number;
  /** Size it is cut to: the face with its bleed. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly bleedMm: number;
  /** The blank's face inside the piece. */
  readonly face: Box;
  readonly arts: readonly PieceArt[];
}

function pieceOf(face: Face, job: Job, arts: ReadonlyMap<string, Artwork>): Piece {
  const trim = outset(faceBox(face), job.bleedMm);
  const placed = job.placements
    .filter((placement) => placement.faceId === face.id)
    .flatMap((placement): PieceArt[] => {
      const art = arts.get(placement.artSha256);
      if (!art) return [];
      const onFace = placedBox(placement, art, face, job.bleedMm);
      const box = { ...onFace, x: onFace.x - trim.x, y: onFace.y - trim.y };
      return [
        {
          placementId: placement.id,
          artSha256: art.sha256,
          box,
          matrix: [box.width, 0, 0, box.height, box.x, box.y],
          cutOffShare: 1 - area(intersection(onFace, trim)) / area(onFace),
        },
      ];
    });
  return {
    id: `${face.id}-1`,
    faceId: face.id,
    name: face.name,
    copies: 1,
    widthMm: trim.width,
    heightMm: trim.height,
    bleedMm: job.bleedMm,
    face: { ...faceBox(face), x: -trim.x, y: -trim.y },
    arts: placed,
  };
}

/** The pieces of a job: one for each face that carries art. */
export function layOut(job: Job, faces: readonly Face[]): Piece[] {
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  return faces.map((face) => pieceOf(face, job, arts)).filter((piece) => piece.arts.length > 0);
}
