'use client';

import { useEffect } from 'react';
import { warmUp, type Progress } from '@/workers';
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

const forAnything = () => warmUp(false);
const forPrinting = () => warmUp(true);

/**
 * Keeps a worker started ahead while a screen is open whose task is likely, and another after each task.
 * @param wanted whether one is likely now. @param forPrint whether it is a print file.
 */
export const useWarmWorker = (task: TaskRunner, wanted: boolean, forPrint: boolean): void =>
  useAhead(task, wanted ? (forPrint ? forPrinting : forAnything) : null);
