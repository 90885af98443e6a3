import { NAME_SIGN, type TextSpec } from '@/core/model';
import { MM_PER_INCH } from '@/core/units';
import type { DrawnLine } from '@/workers';
import { familyOf } from './lettersOf';

/** Lettering is drawn finer than pictures: its edges are all there is to it. */
const TEXT_PPI = 600;
/** Longest side of a drawn line, pixels. */
const MAX_SIDE_PX = 8000;

/** Weight of the bold cut; DM Mono ships with 500 at most. */
const weightOf = ({ font, bold }: TextSpec): number =>
  bold ? (font === 'DM Mono' ? 500 : 700) : 400;

const fontAt = (spec: TextSpec, sizePx: number): string =>
  `${weightOf(spec)} ${sizePx}px ${familyOf(spec.font)}`;

/** The line with a name in it. */
const wordsFor = (spec: TextSpec, name: string): string => spec.words.replaceAll(NAME_SIGN, name);

interface Set {
  readonly sizePx: number;
  readonly radiusPx: number;
}

/** Where each sign stands: along the line, or turned about the middle of its arc. */
function drawSigns(
  brush: OffscreenCanvasRenderingContext2D,
  words: string,
  { radiusPx }: Set,
  at: { x: number; y: number },
): void {
  const whole = brush.measureText(words).width;
  if (radiusPx === 0) {
    brush.fillText(words, at.x - whole / 2, at.y);
    return;
  }
  const signs = Array.from(words);
  let before = '';
  for (const sign of signs) {
    // widths of growing beginnings keep the font's kerning
    const from = brush.measureText(before).width;
    before += sign;
    const to = brush.measureText(before).width;
    const angle = ((from + to) / 2 - whole / 2) / radiusPx;
    brush.save();
    brush.translate(at.x + radiusPx * Math.sin(angle), at.y + radiusPx * (1 - Math.cos(angle)));
    brush.rotate(angle);
    brush.fillText(sign, -(to - from) / 2, 0);
    brush.restore();
  }
}

/** Pixels kept free round what a straight line is said to reach. */
const BESIDE_PX = 4;

/** A canvas that a line fits on, and where its middle stands on it, pixels. */
function roomFor(ink: TextMetrics, sizePx: number, radiusPx: number) {
  if (radiusPx === 0) {
    const left = Math.ceil(ink.actualBoundingBoxLeft + ink.width / 2) + BESIDE_PX;
    const right = Math.ceil(ink.actualBoundingBoxRight - ink.width / 2) + BESIDE_PX;
    const above = Math.ceil(ink.actualBoundingBoxAscent) + BESIDE_PX;
    const below = Math.ceil(ink.actualBoundingBoxDescent) + BESIDE_PX;
    return { width: left + right, height: above + below, x: left, y: above };
  }
  const room = Math.ceil(sizePx * 1.6);
  const width = Math.ceil(ink.width) + 2 * room;
  const radius = Math.abs(radiusPx);
  const sag = radius * (1 - Math.cos(Math.min(Math.PI, width / 2 / radius)));
  const height = Math.ceil(2 * room + Math.min(2 * radius, sag));
  const middle = radiusPx < 0 ? height - room : room;
  return { width, height, x: width / 2, y: middle + sizePx * 0.3 };
}

/**
 * Draws a line of lettering with room round it. The height of a capital is what was asked for,
 * whatever the font. Null where there are no words.
 */
export async function drawText(spec: TextSpec, name: string): Promise<DrawnLine | null> {
  const words = wordsFor(spec, name).trim();
  if (words === '') return null;
  await document.fonts.load(fontAt(spec, 100), words);
  const measure = new OffscreenCanvas(8, 8).getContext('2d');
  if (!measure) return null;
  measure.font = fontAt(spec, 1000);
  const capShare = measure.measureText('H').actualBoundingBoxAscent / 1000;
  const lengthShare = measure.measureText(words).width / 1000;
  const sizeMm = spec.capHeightMm / capShare;
  const bend = spec.arcRadiusMm === 0 ? 1 : 1.5;
  const longestMm = Math.max(sizeMm * 2, sizeMm * lengthShare * bend);
  const perMm = Math.min(TEXT_PPI / MM_PER_INCH, MAX_SIDE_PX / longestMm);
  const sizePx = sizeMm * perMm;
  const radiusPx = spec.arcRadiusMm * perMm;
  measure.font = fontAt(spec, sizePx);
  const { width, height, y, x } = roomFor(measure.measureText(words), sizePx, radiusPx);
  const canvas = new OffscreenCanvas(width, height);
  // its pixels are read at once, by who takes them in
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) return null;
  brush.font = fontAt(spec, sizePx);
  brush.fillStyle = spec.colour;
  brush.textBaseline = 'alphabetic';
  drawSigns(brush, words, { sizePx, radiusPx }, { x, y });
  return {
    bitmap: canvas.transferToImageBitmap(),
    perInch: perMm * MM_PER_INCH,
    label: words,
  };
}
