import { startTransition, useEffect, useState } from 'react';

/** What is coming to the screen, and what hands do there, come first; what waits for a page at rest waits so long at most, ms (own choice). */
const AT_MOST_MS = 1000;

/** Does something as soon as the page has nothing else to do. @returns how to call it off. */
export function atRest(work: () => void): () => void {
  if (typeof requestIdleCallback !== 'function') {
    const later = setTimeout(work, AT_MOST_MS);
    return () => clearTimeout(later);
  }
  const later = requestIdleCallback(work, { timeout: AT_MOST_MS });
  return () => cancelIdleCallback(later);
}

/** Whether the page has been at rest since this was first drawn: until then, what lies out of sight is left out. */
export function useRested(): boolean {
  const [rested, setRested] = useState(false);
  useEffect(() => atRest(() => startTransition(() => setRested(true))), []);
  return rested;
}
