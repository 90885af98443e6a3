import * as z from 'zod/mini';
import { cornersOf, crossingsOf, regionBox, simpleRegion } from '../geometry';
import { failure, success, type Result } from '../result';
import { LEAST_SIZE_MM, lengthSchema, MAX_LENGTH_MM } from '../primitives';
import { sidesSchema } from './rules';
import { listIn } from '../schema';

/**
 * Bounds of an outline, so that a stranger's file stays quick to plan: its lines, all their points
 * together, and how often they cross. Drawings are made simple when they come in (`tidyOutline`).
 */
export const MAX_OUTLINE_RINGS = 40;
/** Corners of an own outline, at most. */
export const MAX_OUTLINE_POINTS = 4000;
/** Places where an own outline may cross itself, at most. */
export const MAX_OUTLINE_CROSSINGS = 50;

/** Why a drawing cannot be the outline of a blank; in words: `words/documents`. */
export type OutlineFault =
  | { readonly code: 'too-long'; readonly longestMm: number; readonly mostMm: number }
  | { readonly code: 'points'; readonly points: number; readonly most: number }
  | { readonly code: 'crossings'; readonly most: number }
  /** So many points and crossings that its edge cannot be found. */
  | { readonly code: 'tangled'; readonly points: number }
  | { readonly code: 'lines'; readonly lines: number; readonly most: number }
  | { readonly code: 'no-inside'; readonly mostPoints: number };

type Drawn = readonly (readonly (readonly [number, number])[])[];

/** What is too much of an outline to be planned with. */
function tooDense(rings: Drawn): OutlineFault | null {
  const points = cornersOf(rings);
  if (points > MAX_OUTLINE_POINTS) return { code: 'points', points, most: MAX_OUTLINE_POINTS };
  const most = MAX_OUTLINE_CROSSINGS;
  const drawn = rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
  return crossingsOf(drawn, most) >= most ? { code: 'crossings', most } : null;
}

/** Any outline in real units, holes included; its box starts at (0, 0). mm. */
export const outlineSchema = z.object({
  kind: z.literal('outline'),
  rings: listIn(
    listIn(z.tuple([lengthSchema, lengthSchema]), 3, MAX_OUTLINE_POINTS),
    1,
    MAX_OUTLINE_RINGS,
  ).check(({ value, issues }) => {
    const fault = tooDense(value);
    if (fault) issues.push({ code: 'custom', input: value, params: { fault } });
  }),
  edgeKeepOutMm: lengthSchema,
  sides: sidesSchema,
});
type Rings = z.infer<typeof outlineSchema>['rings'];

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
