let tail: Promise<unknown> = Promise.resolve();

/** Lets the page do what waits: input first, then drawing. */
export const breathe = () => new Promise<void>((done) => setTimeout(done));

/**
 * Does pieces of work one after another, each in a step of its own, so that many of them never hold
 * the page up together.
 */
export function inTurn<T>(work: () => T | Promise<T>): Promise<T> {
  const done = tail.then(breathe).then(work);
  tail = done.catch(() => undefined); // whoever asked is told; the others go on
  return done;
}
