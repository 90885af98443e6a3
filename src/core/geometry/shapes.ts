import type { Point } from './affine';
import type { Box } from './box';
import type { Ring } from './region';

/** How far a chord may stand off its arc, mm: far below what scissors can follow. */
const CHORD_ERROR_MM = 0.01;

/** The corners of a box, clockwise with y down. */
export const rectRing = ({ x, y, width, height }: Box): Ring => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];

/** Points of a quarter turn and more, chords within the error of the arc. */
function arc(centre: Point, rx: number, ry: number, fromRad: number, toRad: number): Point[] {
  const radius = Math.max(rx, ry, CHORD_ERROR_MM);
  const step = 2 * Math.acos(Math.max(0, 1 - CHORD_ERROR_MM / radius));
  // whole quarters, so that the outermost points of a circle are exact
  const pieces = 4 * Math.max(2, Math.ceil(Math.abs(toRad - fromRad) / step / 4));
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const angle = fromRad + ((toRad - fromRad) * i) / pieces;
    return { x: centre.x + rx * Math.cos(angle), y: centre.y + ry * Math.sin(angle) };
  });
}

/** The ellipse that fills a box. */
export const ellipseRing = ({ x, y, width, height }: Box): Ring =>
  arc({ x: x + width / 2, y: y + height / 2 }, width / 2, height / 2, 0, 2 * Math.PI).slice(0, -1);

/** A box with rounded corners; the radius is cut to half the shorter side. */
export function roundedRing(box: Box, radiusMm: number): Ring {
  const r = Math.min(radiusMm, box.width / 2, box.height / 2);
  if (r <= 0) return rectRing(box);
  const [right, bottom] = [box.x + box.width, box.y + box.height];
  const corner = (x: number, y: number, quarter: number) =>
    arc({ x, y }, r, r, (quarter * Math.PI) / 2, ((quarter + 1) * Math.PI) / 2);
  return [
    ...corner(box.x + r, box.y + r, 2),
    ...corner(right - r, box.y + r, 3),
    ...corner(right - r, bottom - r, 0),
    ...corner(box.x + r, bottom - r, 1),
  ];
}
