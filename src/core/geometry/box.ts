import type { Affine, Point } from './affine';

const { max, min } = Math;

/** An upright rectangle in mm; (x, y) is its top-left corner, sizes are ≥ 0. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The x of a box’s right edge. */
export const right = (box: Box): number => box.x + box.width;
/** The y of a box’s lower edge (y down). */
export const bottom = (box: Box): number => box.y + box.height;
/** The middle of a box. */
export const centreOf = (box: Box): Point => ({
  x: box.x + box.width / 2,
  y: box.y + box.height / 2,
});

/** The box of a size whose centre lies at a point. */
export const boxAround = (centre: Point, width: number, height: number): Box => ({
  x: centre.x - width / 2,
  y: centre.y - height / 2,
  width,
  height,
});

/** Grows a box by `by` mm on every side (shrinks when negative; never below zero size). */
export const outset = (box: Box, by: number): Box => ({
  x: box.x - by,
  y: box.y - by,
  width: max(0, box.width + 2 * by),
  height: max(0, box.height + 2 * by),
});

/** What two boxes share; a box of zero size where they do not meet. */
export function intersection(one: Box, other: Box): Box {
  const x = max(one.x, other.x);
  const y = max(one.y, other.y);
  return {
    x,
    y,
    width: max(0, min(right(one), right(other)) - x),
    height: max(0, min(bottom(one), bottom(other)) - y),
  };
}

/** Area of a box, in its unit squared. */
export const area = (box: Box): number => box.width * box.height;

/** Slack for comparing lengths that went through a few additions, in mm; far below a printer's dot. */
const SLACK_MM = 1e-6;

/** Whether `inner` lies wholly in `outer` (touching edges count as inside). */
export const contains = (outer: Box, inner: Box): boolean =>
  inner.x >= outer.x - SLACK_MM &&
  inner.y >= outer.y - SLACK_MM &&
  right(inner) <= right(outer) + SLACK_MM &&
  bottom(inner) <= bottom(outer) + SLACK_MM;

/** The upright box round a box after a map: each side of it reaches furthest by itself. */
export function mapBox(map: Affine, box: Box): Box {
  const farX = right(box);
  const farY = bottom(box);
  const x = min(map[0] * box.x, map[0] * farX) + min(map[2] * box.y, map[2] * farY) + map[4];
  const y = min(map[1] * box.x, map[1] * farX) + min(map[3] * box.y, map[3] * farY) + map[5];
  const width =
    max(map[0] * box.x, map[0] * farX) + max(map[2] * box.y, map[2] * farY) + map[4] - x;
  const height =
    max(map[1] * box.x, map[1] * farX) + max(map[3] * box.y, map[3] * farY) + map[5] - y;
  return { x, y, width, height };
}
