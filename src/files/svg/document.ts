import { failure, success, type Result } from '@/core/result';
import { makeSafe, type SafeSvg } from './safe';

/** Millimetres in a CSS unit (CSS Values and Units 3: 1 in = 96 px = 72 pt). */
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  q: 0.25,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
  '': 25.4 / 96,
};

/** A drawing made harmless, with its size. */
export interface SvgDrawing extends SafeSvg {
  /** The sanitised markup, with an explicit size. */
  readonly markup: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Whether the file says its size in real units; taken as 96 dots an inch where not. */
  readonly hasRealUnits: boolean;
  /** Left, top, width and height in the drawing's own units. */
  readonly viewBox: readonly [number, number, number, number];
}

function lengthOf(text: string | null): { mm: number; real: boolean } | null {
  const [, figure, unit] = /^\s*([\d.]+(?:e[+-]?\d+)?)\s*([a-z%]*)\s*$/i.exec(text ?? '') ?? [];
  const scale = MM[(unit ?? '').toLowerCase()];
  const number = Number(figure);
  if (scale === undefined || !(number > 0)) return null;
  return { mm: number * scale, real: unit !== '' && unit?.toLowerCase() !== 'px' };
}

function viewBoxOf(root: Element): [number, number, number, number] | null {
  const figures = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [x = 0, y = 0, width = 0, height = 0] = figures;
  const good = figures.length === 4 && figures.every(Number.isFinite) && width > 0 && height > 0;
  return good ? [x, y, width, height] : null;
}

/**
 * Reads an SVG from a stranger: made harmless, with its size by width and height or the view box. Needs a DOM.
 */
export function readSvg(text: string): Result<SvgDrawing> {
  const safe = makeSafe(text);
  if (!safe.ok) return safe;
  const { root, lost } = safe.value;
  const box = viewBoxOf(root);
  const [width, height] = [
    lengthOf(root.getAttribute('width')),
    lengthOf(root.getAttribute('height')),
  ];
  const px = MM.px ?? 1;
  const widthMm = width?.mm ?? (box ? box[2] * px : 0);
  const heightMm = height?.mm ?? (box ? box[3] * px : 0);
  if (widthMm <= 0 || heightMm <= 0) {
    return failure('The drawing says no size: it has neither width and height nor a view box.');
  }
  const viewBox = box ?? ([0, 0, widthMm / px, heightMm / px] as const);
  root.setAttribute('width', `${widthMm}mm`);
  root.setAttribute('height', `${heightMm}mm`);
  root.setAttribute('viewBox', viewBox.join(' '));
  return success({
    ...{ root, lost },
    markup: new XMLSerializer().serializeToString(root),
    widthMm,
    heightMm,
    hasRealUnits: Boolean(width?.real && height?.real),
    viewBox,
  });
}
