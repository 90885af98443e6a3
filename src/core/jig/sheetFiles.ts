import { mapRegion, mirrorIn, translation, type Region } from '../geometry';
import type { Piece } from '../layout';
import type { Cutter } from '../model';
import type { Sheet } from '../sheet';
import { line, ringLines, type Sketch } from './sketch';

/**
 * What a machine cuts of one printed sheet, as it lies on the mat, printed side up: every whole piece's
 * line and the corners the machine finds the print by.
 * @param flips how often driver and printer flip the page after the file.
 * @param cutter its measured offset is taken off; null cuts as drawn.
 */
export function sheetCutFile(
  sheet: Sheet,
  pieces: readonly Piece[],
  flips: number,
  cutter: Cutter | null,
): Sketch | null {
  const flip = flips % 2 === 1 ? mirrorIn(sheet.widthMm) : translation(0, 0);
  const whole = sheet.items.filter(({ tile }) => !tile);
  const cuts: Region = whole.flatMap(({ pieceId, matrix }) => {
    const piece = pieces.find(({ id }) => id === pieceId);
    return piece ? mapRegion(flip, mapRegion(matrix, piece.cut)) : [];
  });
  if (cuts.length === 0) return null;
  const { x, y } = cutter?.cutOffMm ?? { x: 0, y: 0 };
  const corners = mapRegion(
    flip,
    sheet.marks.corners.map(({ from, to }) => [from, to]),
  );
  return {
    kind: 'sheet-cut',
    of: { id: sheet.id, called: sheet.called },
    offsetTaken: x !== 0 || y !== 0,
    widthMm: sheet.widthMm,
    heightMm: sheet.heightMm,
    lines: [
      ...ringLines('cut', mapRegion(translation(-x, -y), cuts)),
      ...corners.map((points) => line('mark', ...points)),
    ],
    marks: [],
  };
}
