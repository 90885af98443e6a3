import type { Point } from '@/core/geometry';
import { line, ringLines } from '@/core/jig';
import type { Piece } from '@/core/layout';
import type { Paper } from '@/core/model';
import { layingSteps, type Tiling } from '@/core/sheet';
import { layStepWords } from '../sheets';
import type { Pattern, PatternText } from './pattern';
import { wrapped } from './wrap';
import { pieceWords } from '../places';

const BORDER_MM = 15;
const TITLE_MM = 5;
const TEXT_MM = 3;
const LINE_MM = 4.6;
const INDENT = '      ';

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
): Pattern {
  const steps = layingSteps(tiling, mirrored).flatMap((step) =>
    wrapped(`${step.tile}. ${layStepWords(step)}`, paper.widthMm - 2 * BORDER_MM, TEXT_MM, INDENT),
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
  const names = tiling.tiles.map(({ name, shown }): PatternText => {
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
        text: `${jobName} · ${pieceWords(piece)}: ${tiling.tiles.length} sheets, printed side up`,
        sizeMm: TITLE_MM,
      },
      ...names,
      ...steps.map((text, i) => ({ x: BORDER_MM, y: below + i * LINE_MM, text, sizeMm: TEXT_MM })),
    ],
  };
}
