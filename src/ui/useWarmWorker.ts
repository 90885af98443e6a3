'use client';

import { useEffect } from 'react';
import { taskIsLikely, warmUp, type Progress } from '@/workers';
import { atRest } from './atRest';
import type { TaskRunner } from './useTask';

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

const forOne = () => warmUp();

/**
 * Keeps a worker started ahead while a screen is open whose task is likely, and another in place of each that has gone.
 * @param wanted whether one is likely now.
 */
export function useWarmWorker(task: TaskRunner, wanted: boolean): void {
  useEffect(() => (wanted ? taskIsLikely() : undefined), [wanted]);
  useAhead(task, wanted ? forOne : null);
}
