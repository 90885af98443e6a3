import { difference } from './difference';
import { between } from './lattice';
import type { Lets } from './measured';
import { inRange, toEncoded, toLinear, type Rgb } from './srgb';

/** The file colour that comes nearest to a wanted one, and how far off it still is, CIEDE2000. */
export interface Reached {
  readonly file: Rgb;
  readonly off: number;
}

const light = (encoded: readonly number[]): Rgb => [
  toLinear(encoded[0] ?? 0),
  toLinear(encoded[1] ?? 0),
  toLinear(encoded[2] ?? 0),
];

const ROUNDS = 14;
/** How far a figure is moved to see what that does, of 1. */
const NUDGE = 0.02;
/** Share of what is missing that is made up for at once, and the least a channel is taken to answer: else it swings (own choice). */
const AT_ONCE = 0.8;
const LEAST_ANSWER = 0.3;
/** As near as this nobody sees, CIEDE2000. */
const NEAR_ENOUGH = 0.3;

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
      return inRange(
        v + (AT_ONCE * ((goal[c] ?? 0) - (now[c] ?? 0))) / Math.max(LEAST_ANSWER, slope),
      );
    });
    const file = light(at);
    const off = difference(lets(file), wanted);
    if (off < best.off) best = { file, off };
    if (off < NEAR_ENOUGH) break;
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
  return (file) =>
    between(
      { side: SIDE, nodes },
      file.map((v) => toEncoded(inRange(v)) * (SIDE - 1)),
    );
}
