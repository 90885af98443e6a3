const { cos, imul, log, PI, sqrt } = Math;

/** A source of random numbers from 0 up to 1 that gives the same ones for the same seed (mulberry32). */
export function randomOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A source of normally distributed numbers, mean 0 and variance 1, from one of even ones (Box and Muller 1958). */
export const normalOf = (random: () => number) => (): number =>
  sqrt(-2 * log(1 - random())) * cos(2 * PI * random());
