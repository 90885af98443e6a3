import { startTransition, useLayoutEffect, useState } from 'react';

/**
 * Draws a screen one part after another, each in a step of its own: a whole screen at once would hold
 * the page up.
 * @param last the number of the last part.
 * @returns up to which part, from 0 on, it is drawn.
 */
export function useSteps(last: number): number {
  const [step, setStep] = useState(0);
  useLayoutEffect(() => {
    // put off by `useDeferredValue`, parts within one that was put off itself would come all at once
    if (step < last) startTransition(() => setStep(step + 1));
  }, [step, last]);
  return step;
}
