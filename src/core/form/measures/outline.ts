import * as z from 'zod/mini';
import { cornersOf, crossingsOf } from '../../geometry';
import { lengthSchema } from '../../primitives';
import { listIn } from '../../schema';
import { FLAT_TRAITS } from '../../traits';
import { inches } from '../../units';
import { measuresOf, sidesSchema } from './measures';

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
const outlineSchema = z.object({
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

/** Anything flat, of any outline. */
export const OUTLINE = measuresOf({
  schema: outlineSchema,
  traits: FLAT_TRAITS,
  start: {
    kind: 'outline',
    rings: [
      [
        [0, 30],
        [30, 0],
        [60, 30],
        [30, 80],
      ],
    ],
    edgeKeepOutMm: inches(1 / 8),
    sides: 1,
  },
});
