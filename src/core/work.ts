/** What there may be too much of; in words: `words/checks`. */
export type WorkKind =
  | 'outline-corners'
  | 'outline-crossings'
  | 'overlapping-outlines'
  | 'close-corners'
  | 'outlines-of-items'
  | 'detail-in-outlines'
  | 'detail-at-seams'
  | 'cut-lines'
  | 'motifs'
  | 'contrasts';

/** What was asked for takes more work than a plan may. */
export class TooMuchWork extends Error {
  /** @param what it is that there is too much of. */
  constructor(readonly what: WorkKind) {
    super(`Too much work: ${what}.`);
  }
}

let left = Infinity;
/** All that was ever spent, to tell what something took. */
let spent = 0;

/**
 * Takes work off what may still be done; costs nothing outside `within`. A unit is about what one
 * corner costs the polygon engine, some microseconds.
 * @throws TooMuchWork when nothing is left.
 */
export function spend(units: number, what: WorkKind): void {
  spent += units;
  left -= units;
  if (left < 0) throw new TooMuchWork(what);
}

/**
 * Does something that may spend so much work, no more; the same input is refused on every machine.
 * @throws TooMuchWork from inside.
 */
export function within<T>(units: number, work: () => T): T {
  const outside = left;
  left = Math.min(units, outside);
  try {
    return work();
  } finally {
    left = outside;
  }
}

/** Does something, or what stands in for it where it takes too much work. */
export function unlessTooMuch<T>(work: () => T, instead: (too: TooMuchWork) => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof TooMuchWork) return instead(error);
    throw error;
  }
}

/** Does something, and tells how much work it spent. */
export function metered<T>(work: () => T): { readonly value: T; readonly units: number } {
  const before = spent;
  const value = work();
  return { value, units: spent - before };
}

/**
 * Works something out once for each thing it is asked of, as long as that thing is in use. It is charged every time as if it
 * were worked out anew: what is refused must not depend on what was asked before.
 */
export function onceFor<K extends object, T>(workOut: (of: K) => T, what: WorkKind): (of: K) => T {
  const known = new WeakMap<K, { readonly value: T; readonly units: number }>();
  return (of) => {
    const before = known.get(of);
    if (before) {
      spend(before.units, what);
      return before.value;
    }
    const found = metered(() => workOut(of));
    known.set(of, found);
    return found.value;
  };
}
