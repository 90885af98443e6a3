import type { Result } from '@/core/result';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';

const VULGAR_FRACTIONS = /[¼½¾⅐-⅞]/gu;
const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?|[.,]\d+)`;
const LENGTH = new RegExp(
  String.raw`^(?:(${NUMBER})(?:[\s-]+|$|(?=["a-z])))?(?:(\d+)\s*\/\s*(\d+))?\s*(in|inch|inches|"|mm|cm|m)?$`,
);

/** "9¾" → "9 3/4", so that one grammar reads typed and pretty fractions alike. */
function spellOutFractions(text: string): string {
  return text
    .replace(VULGAR_FRACTIONS, (sign) => ` ${sign.normalize('NFKC')}`)
    .replace(/\u2044/g, '/')
    .trim();
}

const PER_UNIT: Record<string, number> = { mm: 1, cm: 10, m: 1000 };

/**
 * Reads a length as crafters write it: `9 3/8`, `9⅜`, `9.375 in`, `3/4"`, `238 mm`, `23,8 cm`.
 * A figure without a unit is taken in `unit`.
 * @returns millimetres, ≥ 0, or a sentence saying what is wrong with the text.
 * @example parseLength('9 3/8', 'in') // → { ok: true, value: 238.125 }
 */
export function parseLength(text: string, unit: LengthUnit): Result<number> {
  const tidy = spellOutFractions(text.toLowerCase());
  const match = LENGTH.exec(tidy);
  if (!match || (match[1] === undefined && match[2] === undefined)) {
    return { ok: false, reason: `“${text}” is not a length. Try 9 3/8, 9.375 in or 238 mm.` };
  }
  const [, whole, numerator, denominator, suffix] = match;
  if (denominator !== undefined && Number(denominator) === 0) {
    return { ok: false, reason: `“${text}” divides by zero. Try 9 3/8, 9.375 in or 238 mm.` };
  }
  const figure =
    Number((whole ?? '0').replace(',', '.')) +
    (numerator === undefined ? 0 : Number(numerator) / Number(denominator));
  return { ok: true, value: figure * (PER_UNIT[suffix ?? unit] ?? MM_PER_INCH) };
}

/** Inches within this of a sixteenth are shown as the fraction; others as decimals, so no figure is bent. */
const FRACTION_TOLERANCE_IN = 0.003;

function formatInches(inches: number): string {
  const sixteenths = Math.round(inches * 16);
  if (Math.abs(inches - sixteenths / 16) > FRACTION_TOLERANCE_IN) {
    return String(Math.round(inches * 100 + 1e-6) / 100);
  }
  const whole = Math.floor(sixteenths / 16);
  let numerator = sixteenths % 16;
  let denominator = 16;
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  if (numerator === 0) return String(whole);
  return whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
}

/** The bare figure in the user's unit: inches to 1/16 (or to 0.01 where that would bend it), mm to 0.1. */
export function formatFigure(mm: number, unit: LengthUnit): string {
  const sign = mm < -0.05 ? '−' : '';
  const size = Math.abs(mm);
  return (
    sign +
    (unit === 'in' ? formatInches(size / MM_PER_INCH) : String(Math.round(size * 10 + 1e-6) / 10))
  );
}

/** A length with its unit, e.g. `8 3/4 in`, `3.79 in`, `222.3 mm`. */
export function formatLength(mm: number, unit: LengthUnit): string {
  return `${formatFigure(mm, unit)} ${unit}`;
}

/** Width × height in the trade's order, e.g. `8 3/4 × 3.79 in`. */
export function formatSize(widthMm: number, heightMm: number, unit: LengthUnit): string {
  return `${formatFigure(widthMm, unit)} × ${formatFigure(heightMm, unit)} ${unit}`;
}
