import { useEffect, useState, type PointerEvent } from 'react';

/** A part of the job's screen. */
export type Part = 'stage' | 'card' | 'checks';

/**
 * Where the hand is. The part it is on is drawn at once; one with a finger on a button is held still
 * until the finger is lifted, since a button that moves away from under it loses the click.
 */
export function useHand() {
  const [hand, setHand] = useState<Part | null>(null);
  const [held, setHeld] = useState<Part | null>(null);
  useEffect(() => {
    if (!held) return;
    // the click comes after the finger is lifted
    const lifted = () => setTimeout(() => setHeld(null));
    window.addEventListener('pointerup', lifted);
    window.addEventListener('pointercancel', lifted);
    return () => {
      window.removeEventListener('pointerup', lifted);
      window.removeEventListener('pointercancel', lifted);
    };
  }, [held]);
  // before anything there hears of it, so that what is touched is up to date
  const touched = (part: Part) => ({
    onPointerDownCapture: ({ target, button }: PointerEvent) => {
      // another button of the mouse opens a menu of the browser, which may keep its lifting to itself
      const pressed = target instanceof Element && target.closest('button, a, [role=combobox]');
      if (button === 0 && pressed) setHeld(part);
      setHand(part);
    },
    onFocusCapture: () => setHand(part),
  });
  return { hand, held, touched };
}
