/** sRGB component (0–1) to linear light, IEC 61966-2-1. */
const toLinear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);

/**
 * Relative luminance of a colour like `#1f2a44`: 0 black, 1 white (WCAG 2.2, with the sRGB
 * threshold of IEC 61966-2-1).
 */
export function luminance(hex: string): number {
  const channel = (at: number) => toLinear(Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}
