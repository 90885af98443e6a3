/** Red, green and blue, each 0–1; encoded or in linear light, as the name beside it says. */
export type Rgb = readonly [r: number, g: number, b: number];

/** sRGB component (0–1) to linear light (IEC 61966-2-1). */
export const toLinear = (v: number): number =>
  v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;

/** Linear light (0–1) to an sRGB component (IEC 61966-2-1). */
export const toEncoded = (v: number): number =>
  v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055;

/** A figure brought to its nearest from 0 to 1. */
export const inRange = (v: number): number => Math.min(1, Math.max(0, v));

/** A colour like `#1f2a44` as linear light. */
export function linearOf(hex: string): Rgb {
  const channel = (at: number) => toLinear(Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  return [channel(1), channel(3), channel(5)];
}

/** Linear light as a colour like `#1f2a44`; what lies outside sRGB is brought to its nearest figure. */
export const hexOf = (linear: Rgb): string =>
  `#${linear
    .map((v) =>
      Math.round(255 * toEncoded(inRange(v)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Relative luminance of a colour: 0 black, 1 white (WCAG 2.2, with the sRGB threshold of IEC 61966-2-1). */
export function luminance(hex: string): number {
  const [r, g, b] = linearOf(hex);
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
