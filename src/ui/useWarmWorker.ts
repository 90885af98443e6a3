'use client';

import { useEffect } from 'react';
import { warmUp, type Progress } from '@/workers';
import type { TaskRunner } from './useTask';

/** What is coming to the screen comes before the worker of the next task; that waits so long at most, ms (own choice). */
const AT_MOST_MS = 1000;

/** Does something as soon as the page has nothing else to do. @returns how to call it off. */
function atRest(work: () => void): () => void {
  if (typeof requestIdleCallback !== 'function') {
    const later = setTimeout(work, AT_MOST_MS);
    return () => clearTimeout(later);
  }
  const later = requestIdleCallback(work, { timeout: AT_MOST_MS });
  return () => cancelIdleCallback(later);
}

/**
 * Does something ahead of a task while a screen is open whose task is likely, and again after each task.
 * @param ahead what is done; null where none is likely now.
 */
export function useAhead({ progress }: TaskRunner, ahead: (() => void) | null): void {
  useEffect(() => {
    if (!ahead) return;
    let callOff: () => void = () => undefined;
    const follow = (step: Progress | null) => {
      callOff();
      if (!step) callOff = atRest(ahead);
    };
    follow(progress.getState());
    const stop = progress.subscribe(follow);
    return () => {
      callOff();
      stop();
    };
  }, [ahead, progress]);
}

const forAnything = () => warmUp(false);
const forPrinting = () => warmUp(true);

/**
 * Keeps a worker started ahead while a screen is open whose task is likely, and another after each task.
 * @param wanted whether one is likely now. @param forPrint whether it is a print file.
 */
export const useWarmWorker = (task: TaskRunner, wanted: boolean, forPrint: boolean): void =>
  useAhead(task, wanted ? (forPrint ? forPrinting : forAnything) : null);
