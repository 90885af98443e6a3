import {
  applyAffine,
  chain,
  IDENTITY,
  mirrorIn,
  translation,
  type Affine,
  type Box,
  type Point,
} from '../geometry';
import { THIN, type DrawnText, type Drawing, type Stroke } from '../drawing';
import type { Guide, Piece } from '../layout';
import type { BarStop, CutGuide, Foot, Line } from './marks';
import type { Sheet } from './types';

/** What is to be written on a sheet; made by `words/sheets`. */
export interface SheetTexts {
  /** The label's lines, as many as the foot has room for. */
  readonly label: readonly string[];
  /** What stands at a stop of the check bar; null leaves the stop out. */
  readonly stop: (stop: BarStop) => string | null;
}

/** Width of the light line under a dark one that lies on ink. */
const UNDER_MM = 1.6 * (25.4 / 72);
/** Width of outline marks: thick enough to see through paper on a light (common practice). */
const OUTLINE_MM = 2 * (25.4 / 72);
const OUTLINE_GREY = 0.45;
const FOLD_DASH_MM = [3, 2];
/** Height of the short strokes that bound the check bar's stops, and how much smaller their words are. */
const STOP_MM = 2;
const STOP_SIZE = 0.85;

const pairs = (lines: readonly Line[]): Point[][] => lines.map(({ from, to }) => [from, to]);

/** A line of the piece's own: where to fold, where the blank lies. */
function guideStroke({ kind, points, closed }: Guide, matrix: Affine, within: Box | null): Stroke {
  const lines = [points.map((point) => applyAffine(matrix, point))];
  return kind === 'fold'
    ? { ...THIN, lines, closed, within, dashMm: FOLD_DASH_MM }
    : { ...THIN, lines, closed, within, widthMm: OUTLINE_MM, grey: OUTLINE_GREY };
}

function cutStrokes(guide: CutGuide): Stroke[] {
  if (guide.kind === 'line')
    return [{ ...THIN, lines: guide.rings, closed: true, within: guide.within }];
  if (guide.lines.length === 0) return [];
  const dark = { ...THIN, lines: pairs(guide.lines) };
  // on ink a dark line needs a light one under it
  return guide.kind === 'strip' ? [{ ...dark, widthMm: UNDER_MM, grey: 1 }, dark] : [dark];
}

const flipOf = ({ box, mirroredInFile }: Foot): Affine =>
  mirroredInFile
    ? chain(translation(-box.x, 0), mirrorIn(box.width), translation(box.x, 0))
    : IDENTITY;

/** Stops that are written at, with their text. */
const stopsOf = ({ bar }: Foot, { stop }: SheetTexts) =>
  bar.stops.flatMap((each) => {
    const text = stop(each);
    return text === null ? [] : [{ ...each, text }];
  });

/** The check bar with its stops. */
function barStroke(foot: Foot, texts: SheetTexts): Stroke {
  const { x, y } = foot.bar;
  const stops = stopsOf(foot, texts);
  const [first, last] = [stops[0]?.atMm ?? 0, stops.at(-1)?.atMm ?? 0];
  const lines = [
    [
      { x: x + first, y },
      { x: x + last, y },
    ],
    ...stops.map(({ atMm }) => [
      { x: x + atMm, y: y - STOP_MM },
      { x: x + atMm, y },
    ]),
  ];
  const flip = flipOf(foot);
  return { ...THIN, lines: lines.map((line) => line.map((point) => applyAffine(flip, point))) };
}

function footTexts(foot: Foot, texts: SheetTexts): DrawnText[] {
  const { box, bar, lines, textSizeMm: sizeMm } = foot;
  const widestMm = box.width - 2;
  return [
    ...lines.map((line, i) => ({
      ...{ ...line, text: texts.label[i] ?? '' },
      ...{ sizeMm, widestMm, align: 'left' as const },
    })),
    ...stopsOf(foot, texts).map(({ atMm, text, side }): DrawnText => {
      const away = side === 'left' ? -0.7 : 0.7;
      return {
        ...{ x: bar.x + atMm + away, y: bar.y - 0.6, text, widestMm },
        ...{ sizeMm: STOP_SIZE * sizeMm, align: side === 'left' ? 'right' : 'left' },
      };
    }),
  ];
}

/** What is drawn on a sheet besides the art: fold and outline, cut guides, arrows, corners, bar and label. */
export function drawingOf(sheet: Sheet, pieces: readonly Piece[], texts: SheetTexts): Drawing {
  const { cutGuides, up, corners, foot } = sheet.marks;
  const guides = sheet.items.flatMap(({ pieceId, matrix, tile, box }) =>
    (pieces.find(({ id }) => id === pieceId)?.guides ?? []).map((guide) =>
      guideStroke(guide, matrix, tile && box),
    ),
  );
  const found = [...up, ...corners];
  return {
    strokes: [
      ...guides,
      ...cutGuides.flatMap(cutStrokes),
      ...(found.length > 0 ? [{ ...THIN, lines: pairs(found) }] : []),
      ...(foot ? [barStroke(foot, texts)] : []),
    ],
    texts: foot ? footTexts(foot, texts) : [],
    textFlip: foot ? flipOf(foot) : IDENTITY,
  };
}
