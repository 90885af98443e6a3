import { cornersOf, crossingsOf, regionBox, simpleRegion } from '../geometry';
import { failure, success, type Result } from '../result';
import { MAX_OUTLINE_POINTS, MAX_OUTLINE_RINGS, type FormOf } from './blank';
import { LEAST_SIZE_MM, MAX_LENGTH_MM } from './primitives';

type Rings = FormOf<'outline'>['rings'];

/** How far a line may be moved to spare points, mm: finer than any cutter follows, then coarser. */
const TOLERANCES_MM = [0.02, 0.05, 0.1, 0.2];
/** More crossings than this are no outline but a scribble, and take the engine too long. */
const MOST_CROSSINGS = 3000;

/**
 * An outline from outside made fit to plan with: its crossings resolved, points no cutter could
 * follow left out, its box moved to (0, 0).
 * @param rings closed lines, mm.
 * @returns what is wrong with it, with the figure, where it cannot be used.
 */
export function tidyOutline(
  rings: readonly (readonly (readonly [number, number])[])[],
): Result<Rings> {
  const drawn = rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
  const { width, height } = regionBox(drawn);
  const longest = Math.max(width, height);
  if (!(longest <= MAX_LENGTH_MM)) {
    return failure(
      `It is ${Math.round(longest)} mm long; an outline may be up to ${MAX_LENGTH_MM} mm. Was it drawn in another unit?`,
    );
  }
  const points = cornersOf(drawn);
  if (points > 50 * MAX_OUTLINE_POINTS || crossingsOf(drawn, MOST_CROSSINGS) >= MOST_CROSSINGS) {
    return failure(
      `It has ${points} points and crosses itself too often to find its edge. Keep only the edge and its holes.`,
    );
  }
  for (const toleranceMm of TOLERANCES_MM) {
    const simple = simpleRegion(drawn, toleranceMm);
    const count = cornersOf(simple);
    if (simple.length > MAX_OUTLINE_RINGS) {
      return failure(
        `It holds ${simple.length} lines; an outline may have ${MAX_OUTLINE_RINGS}. Keep only the edge and its holes.`,
      );
    }
    if (count > MAX_OUTLINE_POINTS) continue;
    const box = regionBox(simple);
    if (Math.min(box.width, box.height) < LEAST_SIZE_MM) break;
    return success(
      simple.map((ring) => ring.map(({ x, y }): [number, number] => [x - box.x, y - box.y])),
    );
  }
  return failure(
    `No outline with an inside and fewer than ${MAX_OUTLINE_POINTS} points was found in it. Keep only the edge and its holes.`,
  );
}
