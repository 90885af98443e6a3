import type { Face } from '@/core/form';
import type { Box } from '@/core/geometry';

/** The nearest wanted place to where something is, when it is near enough. */
function pull(at: number, wanted: readonly number[], withinMm: number): number {
  const near = wanted
    .map((to) => ({ to, off: Math.abs(to - at) }))
    .sort((a, b) => a.off - b.off)[0];
  return near && near.off <= withinMm ? near.to : at;
}

/**
 * A dragged box pulled to what a crafter measures from: its middle to datum lines and to the middle of
 * the face, its edges to the safe area.
 */
export function snapped(box: Box, face: Face, withinMm: number): Box {
  const { safe } = face;
  const [halfW, halfH] = [box.width / 2, box.height / 2];
  const x = pull(
    box.x,
    [
      ...face.datums.map((datum) => datum.x - halfW),
      face.widthMm / 2 - halfW,
      safe.x,
      safe.x + safe.width - box.width,
    ],
    withinMm,
  );
  const y = pull(
    box.y,
    [
      ...face.datums.map((datum) => datum.y - halfH),
      face.heightMm / 2 - halfH,
      safe.y,
      safe.y + safe.height - box.height,
    ],
    withinMm,
  );
  return { ...box, x, y };
}
