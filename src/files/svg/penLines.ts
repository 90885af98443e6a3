import { thinned } from '@/core/geometry';
import { MAX_STROKE_POINTS, MAX_STROKES, type Strokes } from '@/core/model';
import type { SvgDrawing } from './document';
import { linesOf } from './outline';
import { ownStyle } from './styles';

/** How far a pen's line may be off, mm: finer than its tip, and coarser where that would be too many points. */
const TOLERANCES_MM = [0.05, 0.15, 0.4];

/** What an element is painted with: by itself or the nearest group that says so, by its style before its attribute. */
function paintOf(element: Element, name: 'stroke' | 'fill'): string | null {
  for (let at: Element | null = element; at; at = at.parentElement) {
    const paint = ownStyle(at, name) ?? at.getAttribute(name)?.trim();
    if (paint) return paint;
  }
  return null;
}

/** Whether a pen follows it: it has a stroke, or is filled, and then its edge is drawn once. */
const isDrawn = (element: Element): boolean =>
  (paintOf(element, 'stroke') ?? 'none') !== 'none' || paintOf(element, 'fill') !== 'none';

/**
 * The lines a pen follows on a drawing: every stroke once along its middle, never round both its edges, and the edge
 * of what is only filled. In widths and heights of the drawing; none where there are more than a pen job holds.
 */
export function penLinesOf(drawing: SvgDrawing): Strokes {
  const { widthMm, heightMm } = drawing;
  const lines = linesOf(drawing, isDrawn);
  if (lines.length > MAX_STROKES) return [];
  for (const toleranceMm of TOLERANCES_MM) {
    const strokes = lines.flatMap(({ points, closed }): Strokes => {
      const [line = points] = thinned([points], toleranceMm);
      const inside = line
        .map(({ x, y }): [number, number] => [x / widthMm, y / heightMm])
        .filter((at) => at.every((share) => share >= -0.1 && share <= 1.1));
      return inside.length >= 2 ? [{ points: inside, closed }] : [];
    });
    const count = strokes.reduce((sum, { points }) => sum + points.length, 0);
    if (count <= MAX_STROKE_POINTS) return strokes;
  }
  return [];
}
