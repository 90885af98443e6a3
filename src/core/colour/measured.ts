import { LEVELS, RAMP_STEPS } from './chart';
import { between } from './lattice';
import { inRange, toEncoded, type Rgb } from './srgb';

/** What a print lets through of a colour of its file, channel by channel; all in linear light. */
export type Lets = (file: Rgb) => Rgb;

const SIDE = LEVELS.length;
/** Greys rise by this at least, of 1: far below what 8 bits tell. */
const LEAST_RISE = 1e-4;

/** A curve through greys: how far between two levels a figure really lies, by what its grey came to. */
function shaperOf(ramp: readonly Rgb[]): (encoded: number) => number {
  const light = ramp.map(([r, g, b]) => toEncoded(inRange(0.2126 * r + 0.7152 * g + 0.0722 * b)));
  // a chart read with noise may fall where it should rise
  for (let i = 1; i < light.length; i++)
    light[i] = Math.max(light[i] ?? 0, (light[i - 1] ?? 0) + LEAST_RISE);
  const at = (v: number) => {
    const place = inRange(v) * (RAMP_STEPS - 1);
    const i = Math.min(RAMP_STEPS - 2, Math.floor(place));
    const [from = 0, to = 1] = [light[i], light[i + 1]];
    return from + (place - i) * (to - from);
  };
  const nodes = LEVELS.map((level) => at(level / 255));
  return (encoded) => {
    const i = Math.min(SIDE - 2, Math.floor(inRange(encoded) * (SIDE - 1)));
    const [from = 0, to = 1] = [nodes[i], nodes[i + 1]];
    return i + inRange((at(encoded) - from) / (to - from));
  };
}

/**
 * What a print lets through, out of a chart that was read: a small table of colours, between its nodes along the curve
 * of its greys.
 * @param patches in the order of `CHART_COLOURS`, beside bare blank, in linear light.
 */
export function letsOf(patches: readonly Rgb[]): Lets {
  const nodes = patches.slice(0, SIDE ** 3).map((rgb) => rgb.map((v) => toEncoded(inRange(v))));
  const shaped = shaperOf(patches.slice(SIDE ** 3));
  return (file) =>
    between(
      { side: SIDE, nodes },
      file.map((v) => shaped(toEncoded(inRange(v)))),
    );
}
