import {
  applyAffine,
  mapRegion,
  mirrorIn,
  outset,
  rectRing,
  regionBox,
  subtract,
  translation,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import type { Face } from '../form';
import { contourOf, inkRegion, type Piece } from '../layout';
import type { Artwork, Job } from '../model';
import { ringLines, type Sketch } from './sketch';

/** Carrier kept round the dye, so that its ends become tape tabs, mm (own choice). */
export const TAB_MM = 12;
/** A pre-printed sheet is just under 12 × 12 in: common practice. */
export const DYE_SHEET_MM = 304;
/** How far the square cut after pen work reaches past the blank, mm (own choice). */
const PEN_COVER_MM = 6;

/** What the files of a piece are made from. */
export interface CutInput {
  readonly piece: Piece;
  readonly job: Job;
  readonly faces: readonly Face[];
  /** Whether the transfer is laid face down. */
  readonly mirrored: boolean;
}

/** Takes a region to the corner of its drawing, mirrored where the transfer is. */
function laid(region: Region, box: Box, mirrored: boolean): Region {
  const home = mapRegion(translation(-box.x, -box.y), region);
  return mirrored ? mapRegion(mirrorIn(box.width), home) : home;
}

/** The silhouettes of all art on a piece's face, strip mm: no margin, whatever the cut line is. */
function silhouettes(piece: Piece, job: Job): Region {
  const exact = { ...job.cut, marginMm: 0 };
  return piece.arts.flatMap(({ artSha256, matrix }) => {
    const art: Artwork | undefined = job.arts.find(({ sha256 }) => sha256 === artSha256);
    return art ? contourOf(art, matrix, exact) : [];
  });
}

/** A silhouette cut from a sheet: what is left and what falls out, together the whole of it. */
export interface KnockOut {
  readonly positive: Region;
  readonly negative: Region;
}

/**
 * Cuts silhouettes out of a solid or pre-printed sheet; both parts are a motif to press.
 * @param ground how far the sheet is used: the face that what is left is pressed onto.
 */
export function knockOut(shapes: Region, ground: Region): KnockOut {
  const negative = subtract(ground, shapes);
  return { negative, positive: subtract(ground, negative) };
}

/** The face a piece goes on as far as ink may go there, strip mm; all of them where it holds several. */
const groundOf = (piece: Piece, job: Job, faces: readonly Face[]): Region =>
  piece.slots.flatMap(({ faceId, toStrip }) => {
    const face = faces.find(({ id }) => id === faceId);
    return face ? mapRegion(toStrip, inkRegion(face, job)) : [];
  });

/** Both jobs of one pre-printed sheet, each with its carrier cut wider than the dye. */
function knockOutSketches({ piece, job, faces, mirrored }: CutInput): Sketch[] {
  const ground = groundOf(piece, job, faces);
  const { positive, negative } = knockOut(silhouettes(piece, job), ground);
  const sheet = regionBox(ground);
  const carrier = outset(sheet, TAB_MM);
  const lay = (region: Region) => laid(region, carrier, mirrored);
  const tabs = ringLines('mark', lay([rectRing(carrier)]));
  const split = Math.max(sheet.width, sheet.height) > DYE_SHEET_MM;
  const sketch = (kind: 'motif' | 'ground', region: Region): Sketch => ({
    kind,
    split,
    widthMm: carrier.width,
    heightMm: carrier.height,
    lines: [...tabs, ...ringLines('cut', lay(region))],
    marks: [],
  });
  return [sketch('motif', positive), sketch('ground', negative)];
}

/** The piece's own cut line, for a machine that cuts round a print. */
const printAndCut = ({ piece, mirrored }: CutInput): Sketch => ({
  kind: 'cut-line',
  widthMm: piece.widthMm,
  heightMm: piece.heightMm,
  lines: ringLines('cut', mirrored ? mapRegion(mirrorIn(piece.widthMm), piece.cut) : piece.cut),
  marks: [],
});

/** A line a pen draws, mm. */
interface PenLine {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** What the pen draws of a piece: the drawings' own lines, else the outline of each picture; strip mm. */
function penLines(piece: Piece, job: Job): PenLine[] {
  return piece.arts.flatMap(({ artSha256, matrix }): PenLine[] => {
    const art: Artwork | undefined = job.arts.find(({ sha256 }) => sha256 === artSha256);
    if (!art) return [];
    if (art.strokes.length === 0)
      return contourOf(art, matrix, { ...job.cut, marginMm: 0 }).map((points) => ({
        points,
        closed: true,
      }));
    return art.strokes.map(({ points, closed }) => ({
      points: points.map(([x, y]) => applyAffine(matrix, { x, y })),
      closed,
    }));
  });
}

/** Lines for the pen, then a cut that covers the whole blank: one file, two layers. */
function penWork({ piece, job, mirrored }: CutInput): Sketch {
  const [slot] = piece.slots;
  const cover = outset(slot?.face ?? regionBox(piece.cut), PEN_COVER_MM);
  return {
    kind: 'pen-work',
    widthMm: cover.width,
    heightMm: cover.height,
    lines: [
      ...penLines(piece, job).flatMap(({ points, closed }) =>
        laid([points], cover, mirrored).map((line) => ({
          purpose: 'draw' as const,
          points: line,
          closed,
        })),
      ),
      ...ringLines('cut', laid([rectRing(cover)], cover, mirrored)),
    ],
    marks: [],
  };
}

/** Every cut and plot file of a piece, mirrored where the transfer asks for it. */
export function cutFilesFor(input: CutInput): Sketch[] {
  // what a ground is cut round falls out of it: a motif of another row or sheet
  if (input.piece.bend || input.piece.called.kind === 'ground') return [printAndCut(input)];
  return [printAndCut(input), penWork(input), ...knockOutSketches(input)];
}
