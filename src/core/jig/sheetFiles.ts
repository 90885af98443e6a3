import { mapRegion, mirrorIn, translation, type Point, type Region } from '../geometry';
import type { Piece } from '../layout';
import type { Cutter, Paper } from '../model';
import { layingSteps, type Sheet, type Tiling } from '../sheet';
import { line, ringLines, type Drawing, type DrawingText } from './drawing';

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
): Drawing | null {
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
    id: `sheet-cut-${sheet.id}`,
    name: `Cut file of sheet “${sheet.name}”`,
    use:
      'Real units, the paper’s own size: load the print printed side up.' +
      (x !== 0 || y !== 0 ? ' The cutter’s measured offset is taken off.' : ''),
    widthMm: sheet.widthMm,
    heightMm: sheet.heightMm,
    lines: [
      ...ringLines('cut', mapRegion(translation(-x, -y), cuts)),
      ...corners.map((points) => line('mark', ...points)),
    ],
    texts: [],
  };
}

const BORDER_MM = 15;
const TITLE_MM = 5;
const TEXT_MM = 3;
const LINE_MM = 4.6;
/** Letters that fit a millimetre of line at this size, about (from memory). */
const LETTERS_PER_MM = 0.62;

/** Breaks a sentence into lines of at most so many letters. */
function wrapped(words: string, most: number): string[] {
  const lines = [''];
  for (const word of words.split(' ')) {
    const last = lines.at(-1) ?? '';
    if (last !== '' && last.length + 1 + word.length > most) lines.push(word);
    else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
  }
  return lines;
}

/** Room for the map of the sheets on a page: what the steps leave, at least a third. */
const mapHeight = (paper: Paper, textLines: number): number =>
  Math.max(
    paper.heightMm / 3,
    paper.heightMm - 2 * BORDER_MM - TITLE_MM - textLines * LINE_MM - 12,
  );

/** The sheets of a piece on one page: how they lie on the table, and what is done with each. */
export function assemblyGuide(
  piece: Piece,
  tiling: Tiling,
  mirrored: boolean,
  paper: Paper,
  jobName: string,
): Drawing {
  const most = Math.floor((paper.widthMm - 2 * BORDER_MM) * LETTERS_PER_MM);
  const steps = layingSteps(tiling, mirrored).flatMap(({ tile, text }) =>
    wrapped(`${tile}. ${text}`, most).map((words, i) => (i === 0 ? words : `      ${words}`)),
  );
  const room = { width: paper.widthMm - 2 * BORDER_MM, height: mapHeight(paper, steps.length) };
  const scale = Math.min(room.width / piece.widthMm, room.height / piece.heightMm);
  const top = BORDER_MM + TITLE_MM + 4;
  const place = ({ x, y }: Point): Point => ({
    x: BORDER_MM + (mirrored ? piece.widthMm - x : x) * scale,
    y: top + y * scale,
  });
  const upright = (x: number) => line('cut', place({ x, y: 0 }), place({ x, y: piece.heightMm }));
  const level = (y: number) => line('cut', place({ x: 0, y }), place({ x: piece.widthMm, y }));
  const names = tiling.tiles.map(({ name, shown }): DrawingText => {
    const middle = place({ x: shown.x + shown.width / 2, y: shown.y + shown.height / 2 });
    return { x: middle.x - 3, y: middle.y + 2, text: name, sizeMm: 5 };
  });
  const below = top + piece.heightMm * scale + 9;
  return {
    id: `assembly-${tiling.pieceId}`,
    name: 'Assembly guide',
    use: 'One page: where each sheet lies, which edges are cut, and in which order they are laid.',
    widthMm: paper.widthMm - 14,
    heightMm: Math.max(paper.heightMm - 14, below + steps.length * LINE_MM),
    lines: [
      ...ringLines(
        'mark',
        piece.cut.map((ring) => ring.map(place)),
      ),
      ...tiling.downAtMm.map(upright),
      ...tiling.acrossAtMm.map(level),
    ],
    texts: [
      {
        x: BORDER_MM,
        y: BORDER_MM,
        text: `${jobName} · ${piece.name}: ${tiling.tiles.length} sheets, printed side up`,
        sizeMm: TITLE_MM,
      },
      ...names,
      ...steps.map((text, i) => ({ x: BORDER_MM, y: below + i * LINE_MM, text, sizeMm: TEXT_MM })),
    ],
  };
}
