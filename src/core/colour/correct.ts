import { difference } from './difference';
import type { Lets } from './measured';
import { toEncoded, toLinear, type Rgb } from './srgb';

/** The file colour that comes nearest to a wanted one, and how far off it still is, CIEDE2000. */
export interface Reached {
  readonly file: Rgb;
  readonly off: number;
}

const inRange = (v: number): number => Math.min(1, Math.max(0, v));
const light = (encoded: readonly number[]): Rgb => [
  toLinear(encoded[0] ?? 0),
  toLinear(encoded[1] ?? 0),
  toLinear(encoded[2] ?? 0),
];

const ROUNDS = 14;
/** How far a figure is moved to see what that does, of 1. */
const NUDGE = 0.02;

/**
 * The colour to print for one that is wanted: the table is gone through backwards, each channel moved against what is
 * still missing of it, as far as the print can go. A print's channels act mostly on their own colour, so this settles.
 */
export function reached(wanted: Rgb, lets: Lets): Reached {
  const goal = wanted.map(toEncoded);
  let at = [...goal];
  let best: Reached = { file: wanted, off: difference(lets(wanted), wanted) };
  for (let round = 0; round < ROUNDS; round++) {
    const now = lets(light(at)).map((v) => toEncoded(inRange(v)));
    at = at.map((v, c) => {
      const nudged = at.map((each, i) => (i === c ? inRange(each + NUDGE) : each));
      const slope = (toEncoded(inRange(lets(light(nudged))[c] ?? 0)) - (now[c] ?? 0)) / NUDGE;
      return inRange(v + (0.8 * ((goal[c] ?? 0) - (now[c] ?? 0))) / Math.max(0.3, slope));
    });
    const file = light(at);
    const off = difference(lets(file), wanted);
    if (off < best.off) best = { file, off };
    if (off < 0.3) break;
  }
  return best;
}

/** Nearer than this a colour is reached as well as one sees, CIEDE2000 (own choice). */
export const REACHED_WITHIN = 5;

/** Nodes a side of the table a picture is corrected by. */
const SIDE = 17;

/** Turns colours of a file so that, printed, they come out as the file meant them: a table of the way back. */
export function correcting(lets: Lets): Lets {
  const nodes = Array.from({ length: SIDE ** 3 }, (_, i) => {
    const at = [Math.floor(i / SIDE ** 2), Math.floor(i / SIDE) % SIDE, i % SIDE];
    return reached(light(at.map((v) => v / (SIDE - 1))), lets).file.map(toEncoded);
  });
  return (file) => {
    const places = file.map((v) => inRange(toEncoded(inRange(v))) * (SIDE - 1));
    const low = places.map((place) => Math.min(SIDE - 2, Math.floor(place)));
    const out = [0, 0, 0];
    for (let corner = 0; corner < 8; corner++) {
      const step = [corner >> 2, (corner >> 1) & 1, corner & 1];
      let [weight, at] = [1, 0];
      for (let i = 0; i < 3; i++) {
        const part = (places[i] ?? 0) - (low[i] ?? 0);
        weight *= step[i] ? part : 1 - part;
        at = at * SIDE + (low[i] ?? 0) + (step[i] ?? 0);
      }
      if (weight === 0) continue;
      nodes[at]?.forEach((v, c) => (out[c] = (out[c] ?? 0) + weight * v));
    }
    return light(out);
  };
}
