'use client';

import { useEffect } from 'react';
import { warmUp, type Progress } from '@/workers';
import type { TaskRunner } from './useTask';

/** What a task brings to the screen comes before the worker of the next, ms (own choice). */
const AFTER_MS = 400;

/**
 * Keeps a worker started ahead while a screen is open whose task is likely, and another after each task.
 * @param wanted whether one is likely now. @param forPrint whether it is a print file.
 */
export function useWarmWorker({ progress }: TaskRunner, wanted: boolean, forPrint: boolean): void {
  useEffect(() => {
    if (!wanted) return;
    let later: ReturnType<typeof setTimeout> | undefined;
    if (!progress.getState()) warmUp(forPrint);
    const stop = progress.subscribe((step: Progress | null) => {
      clearTimeout(later);
      if (!step) later = setTimeout(() => warmUp(forPrint), AFTER_MS);
    });
    return () => {
      clearTimeout(later);
      stop();
    };
  }, [wanted, forPrint, progress]);
}
