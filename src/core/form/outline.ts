import { cornersOf, crossingsOf, regionBox, simpleRegion } from '../geometry';
import { LEAST_SIZE_MM, MAX_LENGTH_MM } from '../primitives';
import { failure, success, type Result } from '../result';
import { MAX_OUTLINE_POINTS, MAX_OUTLINE_RINGS, type FormOf, type OutlineFault } from './measures';

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
): Result<Rings, OutlineFault> {
  const drawn = rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
  const { width, height } = regionBox(drawn);
  const longest = Math.max(width, height);
  if (!(longest <= MAX_LENGTH_MM)) {
    return failure({ code: 'too-long', longestMm: longest, mostMm: MAX_LENGTH_MM });
  }
  const points = cornersOf(drawn);
  if (points > 50 * MAX_OUTLINE_POINTS || crossingsOf(drawn, MOST_CROSSINGS) >= MOST_CROSSINGS) {
    return failure({ code: 'tangled', points });
  }
  for (const toleranceMm of TOLERANCES_MM) {
    const simple = simpleRegion(drawn, toleranceMm);
    const count = cornersOf(simple);
    if (simple.length > MAX_OUTLINE_RINGS) {
      return failure({ code: 'lines', lines: simple.length, most: MAX_OUTLINE_RINGS });
    }
    if (count > MAX_OUTLINE_POINTS) continue;
    const box = regionBox(simple);
    if (Math.min(box.width, box.height) < LEAST_SIZE_MM) break;
    return success(
      simple.map((ring) => ring.map(({ x, y }): [number, number] => [x - box.x, y - box.y])),
    );
  }
  return failure({ code: 'no-inside', mostPoints: MAX_OUTLINE_POINTS });
}
