import DOMPurify from 'dompurify';
import { failure, success, type Result } from '@/core/result';

/** Largest SVG taken in, characters, and most elements: far above any honest drawing. */
const MAX_CHARACTERS = 8_000_000;
const MAX_ELEMENTS = 20_000;

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

/** What SVG 2 writes in camel case: read as XML, names keep their case, and the sanitiser lists only lower case. */
const CAMEL_TAGS = ['linearGradient', 'radialGradient', 'clipPath', 'textPath'];
const CAMEL_ATTRIBUTES = [
  ...['viewBox', 'preserveAspectRatio', 'pathLength', 'textLength', 'lengthAdjust', 'startOffset'],
  ...['gradientUnits', 'gradientTransform', 'spreadMethod', 'clipPathUnits'],
  ...['patternUnits', 'patternContentUnits', 'patternTransform'],
  ...[
    'maskUnits',
    'maskContentUnits',
    'markerUnits',
    'markerWidth',
    'markerHeight',
    'refX',
    'refY',
  ],
];

/** A drawing made harmless, with its size. */
export interface SvgDrawing {
  readonly root: Element;
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

/** Attributes may point into the drawing itself and nowhere else. */
function dropOutsideLinks(element: Element): void {
  for (const { name, value } of [...element.attributes]) {
    const link = /href$/i.test(name) && !value.trim().startsWith('#');
    const outside = /url\(\s*['"]?(?!#)/i.test(value);
    if (link || outside) element.removeAttribute(name);
  }
}

/**
 * Reads an SVG from a stranger: scripts, event handlers, links to elsewhere and foreign markup are taken
 * out, its size is found from width and height or the view box. Needs a DOM.
 */
export function readSvg(text: string): Result<SvgDrawing> {
  if (text.length > MAX_CHARACTERS) {
    return failure(
      `The drawing has ${Math.round(text.length / 1e6)} MB; up to ${MAX_CHARACTERS / 1e6} MB can be taken in. Simplify it first.`,
    );
  }
  const body = text.replace(/^[\s\S]*?(?=<svg[\s>])/i, ''); // prolog, DOCTYPE and entities stay out
  const clean = DOMPurify.sanitize(body, {
    PARSER_MEDIA_TYPE: 'application/xhtml+xml',
    ADD_TAGS: CAMEL_TAGS,
    ADD_ATTR: CAMEL_ATTRIBUTES,
    USE_PROFILES: { svg: true, svgFilters: true },
    FORBID_TAGS: ['image', 'feImage', 'style', 'a'],
  });
  const root = new DOMParser().parseFromString(clean, 'image/svg+xml').documentElement;
  if (root.nodeName.toLowerCase() !== 'svg')
    return failure('This is not an SVG drawing, whatever its name says.');
  for (const element of [root, ...root.getElementsByTagName('*')]) dropOutsideLinks(element);
  if (root.getElementsByTagName('*').length > MAX_ELEMENTS) {
    return failure(`The drawing has more than ${MAX_ELEMENTS} parts. Simplify it first.`);
  }
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
    root,
    markup: new XMLSerializer().serializeToString(root),
    widthMm,
    heightMm,
    hasRealUnits: Boolean(width?.real && height?.real),
    viewBox,
  });
}
