'use client';

import { useContext, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { BehindContext } from '../fields/useTouched';
import { JobContext, useJob } from './jobContext';

/**
 * Part of the job's screen, drawn at once while the hand is on it. While it is not, it follows in
 * small steps when there is time, job and words always of one moment.
 * @param held a finger rests on a button there: nothing moves before it is lifted, or the click is lost.
 */
export function Follows({
  hand,
  held = false,
  children,
}: {
  hand: boolean;
  held?: boolean;
  children: ReactNode;
}) {
  const open = useJob();
  const behind = useContext(BehindContext);
  const now = useMemo(() => ({ open, children }), [open, children]);
  const later = useDeferredValue(now);
  const fresh = hand ? now : later;
  const [kept, setKept] = useState(fresh);
  if (!held && kept !== fresh) setKept(fresh);
  const shown = held ? kept : fresh;
  return (
    <BehindContext value={behind || shown.open !== open}>
      <JobContext value={shown.open}>{shown.children}</JobContext>
    </BehindContext>
  );
}
