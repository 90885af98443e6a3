import { failure, success, type Result } from '@/core/result';
import { celsiusToF, fahrenheitToC } from '@/core/units';
import { plainlyTyped, typedFigure } from './typed';

/** The unit a press shows. The core only knows °C. */
export type TemperatureUnit = '°F' | '°C';

const F_PER_C = 1.8;

/** A temperature to the whole degree, e.g. `400 °F`. */
export function formatTemperature(celsius: number, unit: TemperatureUnit): string {
  return `${Math.round(unit === '°F' ? celsiusToF(celsius) : celsius)} ${unit}`;
}

/** How many degrees of a unit lie between temperatures so many °C apart, whichever is higher: `9 °F`. */
export const formatDegrees = (differenceC: number, unit: TemperatureUnit): string =>
  `${Math.round(Math.abs(differenceC) * (unit === '°F' ? F_PER_C : 1))} ${unit}`;

/** A difference in °C as degrees of a unit, and back. */
export const degreesIn = (differenceC: number, unit: TemperatureUnit): number =>
  unit === '°F' ? differenceC * F_PER_C : differenceC;
/** Degrees of a unit as a difference in °C. */
export const fromDegrees = (degrees: number, unit: TemperatureUnit): number =>
  unit === '°F' ? degrees / F_PER_C : degrees;

const TEMPERATURE =
  /^(-?\d+(?:[.,]\d+)?)\s*(?:°|deg(?:ree)?s?\.?)?\s*(?:(f|c)|(f)ahrenheit|(c)elsius)?$/;

/**
 * Reads `400`, `400 F`, `204 °C`, `400 degrees Fahrenheit`; a figure without a unit is taken in `unit`.
 * @returns °C, or a sentence saying what is wrong.
 */
export function parseTemperature(text: string, unit: TemperatureUnit): Result<number> {
  const [, typed, ...units] = TEMPERATURE.exec(plainlyTyped(text)) ?? [];
  if (typed === undefined) return failure(`“${text}” is not a temperature. Try 400 °F or 204 °C.`);
  const figure = typedFigure(typed);
  const inF = (units.find((each) => each) ?? unit.slice(1).toLowerCase()) === 'f';
  return success(inF ? fahrenheitToC(figure) : figure);
}
