'use client';

import { cloneElement, type HTMLAttributes, type ReactElement, type Ref } from 'react';

type Handed = Pick<
  HTMLAttributes<HTMLElement>,
  'role' | 'tabIndex' | 'onFocus' | 'onClick' | 'aria-hidden'
> & { ref?: Ref<HTMLElement> };

/**
 * Instead of a transition of notices and dialogs: they stand there at once, since growing or fading
 * into place makes the browser lay out the whole page in the middle of drawing it. Hands on what its
 * parents give the shown element, and leaves the rest. For what leaves the tree when it closes.
 */
export function AtOnce({
  children,
  ref,
  role,
  tabIndex,
  onFocus,
  onClick,
  'aria-hidden': hidden,
}: Handed & { children?: ReactElement<Handed> }) {
  const handed = { role, tabIndex, onFocus, onClick, 'aria-hidden': hidden };
  return children && cloneElement(children, ref ? { ...handed, ref } : handed);
}
