import { letsOn, VEIL, type Ground } from './forecast';
import type { Lets } from './measured';
import { toEncoded, toLinear, type Rgb } from './srgb';

/** Pixels as a canvas keeps them: red, green, blue, opacity, 0–255. */
type Pixels = Uint8ClampedArray;

const LIGHT = Float32Array.from({ length: 256 }, (_, v) => toLinear(v / 255));
/** Steps of light that are told apart: fine enough for the darkest sRGB figures. */
const STEPS = 8192;
const ENCODED = Uint8ClampedArray.from({ length: STEPS + 1 }, (_, i) =>
  Math.round(255 * toEncoded(i / STEPS)),
);
const encoded = (light: number): number => ENCODED[Math.round(light * STEPS)] ?? 255;

/** Colours remembered while pixels are gone through: pictures repeat them. */
const MOST_REMEMBERED = 1 << 16;

/** What a print lets through of a pixel, remembered: each colour is asked for once. */
function remembering(lets: Lets): (r: number, g: number, b: number) => Rgb {
  const known = new Map<number, Rgb>();
  return (r, g, b) => {
    const at = (r << 16) | (g << 8) | b;
    const own = known.get(at);
    if (own) return own;
    const found = lets([LIGHT[r] ?? 0, LIGHT[g] ?? 0, LIGHT[b] ?? 0]);
    if (known.size < MOST_REMEMBERED) known.set(at, found);
    return found;
  };
}

/**
 * Presses a print onto what lies below it, pixel by pixel, as `pressed` does one colour: dye multiplies what it lies on in
 * linear light, what covers hides it. Half-opaque pixels are half printed.
 * @param below opaque pixels; they become the pressed ones.
 * @param print as many pixels.
 */
export function pressPixels(
  below: Pixels,
  print: Pixels,
  { transparent, takes, own: measured }: Pick<Ground, 'transparent' | 'takes' | 'own'>,
): void {
  const through = measured && remembering(letsOn({ own: measured }));
  for (let i = 0; i < print.length; i += 4) {
    const opacity = (print[i + 3] ?? 0) / 255;
    if (opacity === 0) continue;
    const own = through?.(print[i] ?? 0, print[i + 1] ?? 0, print[i + 2] ?? 0);
    for (let c = 0; c < 3; c++) {
      const lies = LIGHT[below[i + c] ?? 0] ?? 0;
      const lets = own ? (own[c] ?? 0) : (LIGHT[print[i + c] ?? 0] ?? 0);
      const veil = Math.min(VEIL, lies);
      const onIt = transparent
        ? veil + (lies - veil) * (1 - takes + takes * lets)
        : VEIL + (1 - VEIL) * lets;
      below[i + c] = encoded(lies + opacity * (onIt - lies));
    }
  }
}

/** Every pixel by a colour rule of its own, in place; opacity stays. */
export function recolourPixels(pixels: Pixels, rule: Lets): void {
  const by = remembering(rule);
  for (let i = 0; i < pixels.length; i += 4) {
    if (pixels[i + 3] === 0) continue;
    const light = by(pixels[i] ?? 0, pixels[i + 1] ?? 0, pixels[i + 2] ?? 0);
    for (let c = 0; c < 3; c++) pixels[i + c] = encoded(Math.min(1, Math.max(0, light[c] ?? 0)));
  }
}
