import type { Box, Point } from '../geometry';
import { linearOf, type Rgb } from './srgb';

/** A patch and the room to the next, mm: bare between them, so that the light is known all over. */
const PATCH_MM = 12;
const PITCH_MM = 14;
const COLUMNS = 10;
const ROWS = 8;
/** Room round the patches, for the marks, mm. */
const MARGIN_MM = 20;
/** A mark: a black square with a white one in it and a black one in that, mm. */
const MARK_MM = 12;
const MARK_HOLE_MM = 8;
const MARK_CORE_MM = 4;
/** From the chart's edge to the middle of a mark, mm. */
const MARK_IN_MM = 9;

/** Figures of a channel that the colours of the chart are made of. */
export const LEVELS = [0, 85, 170, 255] as const;
/** Steps of its grey ramp. */
export const RAMP_STEPS = 11;

/** The chart's size, mm. */
export const CHART_SIZE_MM = {
  width: 2 * MARGIN_MM + COLUMNS * PITCH_MM - (PITCH_MM - PATCH_MM),
  height: 2 * MARGIN_MM + ROWS * PITCH_MM - (PITCH_MM - PATCH_MM),
} as const;

const two = (v: number): string => Math.round(v).toString(16).padStart(2, '0');
const hex = (r: number, g: number, b: number): string => `#${two(r)}${two(g)}${two(b)}`;

/** The colours of the chart as its file has them: every mixture of four levels, then greys from black to white. */
export const CHART_COLOURS: readonly string[] = [
  ...LEVELS.flatMap((r) => LEVELS.flatMap((g) => LEVELS.map((b) => hex(r, g, b)))),
  ...Array.from({ length: RAMP_STEPS }, (_, i) => {
    const v = (255 * i) / (RAMP_STEPS - 1);
    return hex(v, v, v);
  }),
];
/** The same in linear light. */
export const CHART_LIGHT: readonly Rgb[] = CHART_COLOURS.map(linearOf);

const cellAt = (nth: number): Point => ({
  x: MARGIN_MM + (nth % COLUMNS) * PITCH_MM,
  y: MARGIN_MM + Math.floor(nth / COLUMNS) * PITCH_MM,
});

/** Where a patch lies on the chart, mm. */
export const patchBox = (nth: number): Box => ({
  ...cellAt(nth),
  width: PATCH_MM,
  height: PATCH_MM,
});

/** The middles of the four marks, clockwise from the upper left, mm. */
export const MARKS: readonly Point[] = [
  [MARK_IN_MM, MARK_IN_MM],
  [CHART_SIZE_MM.width - MARK_IN_MM, MARK_IN_MM],
  [CHART_SIZE_MM.width - MARK_IN_MM, CHART_SIZE_MM.height - MARK_IN_MM],
  [MARK_IN_MM, CHART_SIZE_MM.height - MARK_IN_MM],
].map(([x = 0, y = 0]) => ({ x, y }));

/** Places that are bare, where the light is measured: between every four patches, and round them all; mm. */
export const BARE_PLACES: readonly Point[] = (() => {
  const gap = (PITCH_MM - PATCH_MM) / 2;
  const places: Point[] = [];
  for (let row = 0; row <= ROWS; row++)
    for (let column = 0; column <= COLUMNS; column++)
      places.push({ x: MARGIN_MM + column * PITCH_MM - gap, y: MARGIN_MM + row * PITCH_MM - gap });
  return places;
})();

/** What is drawn of the chart, on white, mm: a box and its colour, each over those before. */
export const CHART_DRAWING: readonly { readonly box: Box; readonly colour: string }[] = [
  ...CHART_COLOURS.map((colour, nth) => ({ box: patchBox(nth), colour })),
  ...MARKS.flatMap(({ x, y }) =>
    (
      [
        [MARK_MM, '#000000'],
        [MARK_HOLE_MM, '#ffffff'],
        [MARK_CORE_MM, '#000000'],
      ] as const
    ).map(([side, colour]) => ({
      box: { x: x - side / 2, y: y - side / 2, width: side, height: side },
      colour,
    })),
  ),
];
