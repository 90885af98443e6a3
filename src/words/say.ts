import {
  formatDegrees,
  formatDuration,
  formatLength,
  formatSize,
  formatTemperature,
  type UnitStyle,
} from './units';

/** Quantities as the person writes them. */
export interface Say {
  readonly units: UnitStyle;
  /** Millimetres as a length. */
  readonly length: (mm: number) => string;
  /** Width × height, from millimetres. */
  readonly size: (size: { readonly widthMm: number; readonly heightMm: number }) => string;
  /** °C as a temperature to the whole degree. */
  readonly temperature: (celsius: number) => string;
  /** How far two temperatures are apart, from °C. */
  readonly degrees: (differenceC: number) => string;
  readonly duration: (seconds: number) => string;
}

/** Quantities in such units. */
export const sayIn = (units: UnitStyle): Say => ({
  units,
  length: (mm) => formatLength(mm, units.length),
  size: ({ widthMm, heightMm }) => formatSize(widthMm, heightMm, units.length),
  temperature: (celsius) => formatTemperature(celsius, units.temperature),
  degrees: (differenceC) => formatDegrees(differenceC, units.temperature),
  duration: formatDuration,
});

/** A share (0–1) in per cent, without its sign. */
export const percent = (share: number): string => `${Math.round(Math.abs(share) * 100)} %`;
