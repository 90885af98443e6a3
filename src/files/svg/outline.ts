import svgpath from 'svgpath';
import { regionBox, type Point } from '@/core/geometry';
import { MAX_OUTLINE_RINGS, tidyOutline, type FormOf } from '@/core/form';
import { failure, type Result } from '@/core/result';
import { readSvg, type SvgDrawing } from './document';
import { outlineFaultWords } from '@/words/documents';

/** Straight runs a curve is cut into: at blank sizes far finer than scissors. */
const STEPS_A_CURVE = 24;

const number = (element: Element, name: string): number => Number(element.getAttribute(name) ?? 0);

/** A basic shape as path data (SVG 2 §10). */
const SHAPES: Readonly<Record<string, (element: Element) => string>> = {
  path: (e) => e.getAttribute('d') ?? '',
  polygon: (e) => `M${e.getAttribute('points') ?? ''}Z`,
  polyline: (e) => `M${e.getAttribute('points') ?? ''}`,
  line: (e) => `M${number(e, 'x1')} ${number(e, 'y1')}L${number(e, 'x2')} ${number(e, 'y2')}`,
  rect: (e) => {
    const [x, y] = [number(e, 'x'), number(e, 'y')];
    const [w, h] = [number(e, 'width'), number(e, 'height')];
    return `M${x} ${y}h${w}v${h}h${-w}z`;
  },
  circle: (e) => ellipse(e, number(e, 'r'), number(e, 'r')),
  ellipse: (e) => ellipse(e, number(e, 'rx'), number(e, 'ry')),
};

function ellipse(element: Element, rx: number, ry: number): string {
  const [x, y] = [number(element, 'cx'), number(element, 'cy')];
  return `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0z`;
}

/** The transforms from an element up to the root, innermost first. */
function transformsOf(element: Element, root: Element): string[] {
  const found: string[] = [];
  for (let at: Element | null = element; at && at !== root; at = at.parentElement) {
    const transform = at.getAttribute('transform');
    if (transform) found.push(transform);
  }
  return found;
}

/** A point on a Bézier curve of any degree (de Casteljau). */
function onCurve(controls: readonly Point[], t: number): Point {
  let points = controls;
  while (points.length > 1) {
    points = points.slice(1).map((next, i) => {
      const from = points[i] ?? next;
      return { x: from.x + (next.x - from.x) * t, y: from.y + (next.y - from.y) * t };
    });
  }
  return points[0] ?? { x: 0, y: 0 };
}

/** A line of a path. */
export interface FlatLine {
  readonly points: Point[];
  closed: boolean;
}

/** The lines of a path, curves cut into straight runs. */
function flatten(path: ReturnType<typeof svgpath>): FlatLine[] {
  const lines: FlatLine[] = [];
  path
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, _index, x, y) => {
      const [command, ...figures] = segment as [string, ...number[]];
      const points: Point[] = [];
      for (let i = 0; i + 1 < figures.length; i += 2)
        points.push({ x: figures[i] ?? 0, y: figures[i + 1] ?? 0 });
      if (command === 'M') lines.push({ points: [], closed: false });
      const line = lines.at(-1);
      if (line && command.toUpperCase() === 'Z') line.closed = true;
      if (!line || command.toUpperCase() === 'Z') return;
      const ring = line.points;
      if (command === 'H') ring.push({ x: figures[0] ?? 0, y });
      else if (command === 'V') ring.push({ x, y: figures[0] ?? 0 });
      else if (command === 'C' || command === 'Q') {
        const controls = [{ x, y }, ...points];
        for (let k = 1; k <= STEPS_A_CURVE; k++) ring.push(onCurve(controls, k / STEPS_A_CURVE));
      } else ring.push(...points);
    });
  return lines.filter(({ points }) => points.length >= 2);
}

/** Every line of every shape of a drawing, mm, curves cut into straight runs. */
export function linesOf(
  { root, viewBox, widthMm, heightMm }: SvgDrawing,
  wanted: (element: Element) => boolean = () => true,
): FlatLine[] {
  const [left, top, width, height] = viewBox;
  return [...root.getElementsByTagName('*')].flatMap((element) => {
    const data = SHAPES[element.nodeName.toLowerCase()]?.(element);
    if (!data || element.closest('defs, clipPath, mask, symbol') || !wanted(element)) return [];
    const path = transformsOf(element, root).reduce(
      (at, transform) => at.transform(transform),
      svgpath(data),
    );
    return flatten(path.translate(-left, -top).scale(widthMm / width, heightMm / height));
  });
}

/** Every closed line of a drawing, mm; an open one is closed by its ends. */
export const ringsOf = (drawing: SvgDrawing): Point[][] =>
  linesOf(drawing)
    .map(({ points }) => points)
    .filter(({ length }) => length >= 3);

/** The outline of a blank from a drawing in real units: largest line first, holes after it. */
export function outlineFromSvg(text: string): Result<FormOf<'outline'>['rings']> {
  const drawing = readSvg(text);
  if (!drawing.ok) return drawing;
  const rings = ringsOf(drawing.value).filter((ring) => {
    const { width, height } = regionBox([ring]);
    return width > 0.2 && height > 0.2;
  });
  if (rings.length === 0) {
    return failure(
      'No closed outline was found in it: paths, circles, rectangles and polygons count.',
    );
  }
  if (rings.length > MAX_OUTLINE_RINGS) {
    const lines = { code: 'lines', lines: rings.length, most: MAX_OUTLINE_RINGS } as const;
    return failure(outlineFaultWords(lines));
  }
  const tidy = tidyOutline(rings.map((ring) => ring.map(({ x, y }): [number, number] => [x, y])));
  return tidy.ok ? tidy : failure(outlineFaultWords(tidy.reason));
}
