import { failure, success, type Result } from '@/core/result';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';
import { plainlyTyped, typedFigure } from './typed';

const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?|[.,]\d+)`;
const FEET = String.raw`(?:(${NUMBER})\s*(?:'|(?:ft|foot|feet)\.?)[\s-]*)?`;
const WHOLE = String.raw`(?:(${NUMBER})(?:[\s-]+|$|(?=["a-z])))?`;
const FRACTION = String.raw`(?:(\d+)\s*\/\s*(\d+))?`;
const UNIT = String.raw`(?:(in|inch|inches|"|mm|cm|m)\.?)?`;
const LENGTH = new RegExp(String.raw`^${FEET}${WHOLE}${FRACTION}\s*${UNIT}$`);
/** A comma before three figures of millimetres: nobody measures thousandths of one, but some write thousands so. */
const THOUSANDS = /^\d{1,3},\d{3}$/;

const MM_PER_UNIT: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000 };
const INCHES_PER_FOOT = 12;

/**
 * Reads a length as crafters write it: `9 3/8`, `9⅜`, `9.375 in`, `3/4"`, `2 ft 6 in`, `238 mm`, `23,8 cm`.
 * A figure without a unit is taken in `unit`; after feet it is inches.
 * @returns millimetres, ≥ 0, or a sentence saying what is wrong with the text.
 * @example parseLength('9 3/8', 'in') // → { ok: true, value: 238.125 }
 */
export function parseLength(text: string, unit: LengthUnit): Result<number> {
  const tryThese = 'Try 9 3/8, 9.375 in or 238 mm.';
  const [all, feet, whole, over, under, suffix] = LENGTH.exec(plainlyTyped(text)) ?? [];
  const perUnit = MM_PER_UNIT[suffix ?? (feet === undefined ? unit : 'in')] ?? MM_PER_INCH;
  const isLength =
    (whole ?? over) !== undefined ? !feet || perUnit === MM_PER_INCH : feet && !suffix;
  if (all === undefined || !isLength) return failure(`“${text}” is not a length. ${tryThese}`);
  if (under !== undefined && Number(under) === 0)
    return failure(`“${text}” divides by zero. ${tryThese}`);
  if (perUnit === 1 && whole !== undefined && THOUSANDS.test(whole))
    return failure(
      `“${text}” can be ${typedFigure(whole)} mm or ${whole.replace(',', '')} mm. Write it without the comma.`,
    );
  const part = Number(over ?? 0) / Number(under ?? 1);
  const feetMm = typedFigure(feet ?? '0') * INCHES_PER_FOOT * MM_PER_INCH;
  return success(feetMm + (typedFigure(whole ?? '0') + part) * perUnit);
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
