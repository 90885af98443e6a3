import { startTransition, useEffect, useState } from 'react';

/** What is coming to the screen, and what hands do there, come first: what waits for a page at rest lets them begin, ms (own choice). */
const LET_BEGIN_MS = 150;
/** So long at most it waits for the page to have nothing to do then, ms (own choice). */
const AT_MOST_MS = 1000;

/** Does something as soon as the page has nothing else to do, hands included. @returns how to call it off. */
export function atRest(work: () => void): () => void {
  let callOff: () => void = () => undefined;
  const begun = setTimeout(() => {
    if (typeof requestIdleCallback !== 'function') return work();
    const later = requestIdleCallback(work, { timeout: AT_MOST_MS });
    callOff = () => cancelIdleCallback(later);
  }, LET_BEGIN_MS);
  return () => {
    clearTimeout(begun);
    callOff();
  };
}

/** Whether the page has been at rest since this was first drawn: until then, what lies out of sight is left out. */
export function useRested(): boolean {
  const [rested, setRested] = useState(false);
  useEffect(() => atRest(() => startTransition(() => setRested(true))), []);
  return rested;
}
