'use client';

import { useEffect } from 'react';
import { warmUp, type Progress } from '@/workers';
import type { TaskRunner } from './useTask';

/** What is coming to the screen comes before the worker of the next task, ms (own choice). */
const AFTER_MS = 400;

/**
 * Does something ahead of a task while a screen is open whose task is likely, and again after each task.
 * @param ahead what is done; null where none is likely now.
 */
export function useAhead({ progress }: TaskRunner, ahead: (() => void) | null): void {
  useEffect(() => {
    if (!ahead) return;
    let later: ReturnType<typeof setTimeout> | undefined;
    const follow = (step: Progress | null) => {
      clearTimeout(later);
      if (!step) later = setTimeout(ahead, AFTER_MS);
    };
    follow(progress.getState());
    const stop = progress.subscribe(follow);
    return () => {
      clearTimeout(later);
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
