'use client';

import Box from '@mui/material/Box';
import Button, { type ButtonProps } from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { Cancelled, type OnProgress, type Progress, type Task } from '@/workers';
import { useNotify } from './notify';

export interface TaskRunner {
  /** What is under way, or null; a store, so that only what shows it is drawn again at each step. */
  readonly progress: StoreApi<Progress | null>;
  readonly cancel: () => void;
  /** Runs a task; resolves to null when it was stopped or failed (the person has been told). */
  readonly run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>;
}

/** Runs one long task at a time with progress and a way to stop it. */
export function useTask(): TaskRunner {
  const notify = useNotify();
  const [progress] = useState(() => createStore<Progress | null>(() => null));
  const current = useRef<Task<unknown> | null>(null);

  useEffect(() => () => current.current?.cancel(), []);

  const run = useCallback<TaskRunner['run']>(
    async (start) => {
      const onProgress = (step: Progress | null) => progress.setState(step, true);
      current.current?.cancel();
      onProgress({ doing: 'Starting', share: 0 });
      const task = start(onProgress);
      current.current = task;
      try {
        return await task.result;
      } catch (error) {
        if (!(error instanceof Cancelled)) {
          notify({ tone: 'error', text: error instanceof Error ? error.message : String(error) });
        }
        return null;
      } finally {
        if (current.current === task) onProgress(null);
      }
    },
    [notify, progress],
  );
  const cancel = useCallback(() => current.current?.cancel(), []);
  return useMemo(() => ({ progress, cancel, run }), [progress, cancel, run]);
}

/** Whether something is under way. */
export const useBusy = ({ progress }: TaskRunner): boolean =>
  useStore(progress, (step) => step !== null);

/** Bar, words and a stop button of a task under way. */
export function TaskProgress({ task }: { task: TaskRunner }) {
  const progress = useStore(task.progress);
  if (!progress) return null;
  const { doing, share } = progress;
  return (
    <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
      <Box sx={{ flex: 1 }}>
        <Typography sx={{ fontSize: 14, mb: 0.5 }}>{doing}</Typography>
        <LinearProgress variant="determinate" value={share * 100} aria-label={doing} />
      </Box>
      <Button size="small" onClick={task.cancel}>
        Stop
      </Button>
    </Box>
  );
}

/** A button that begins the task; off while it is under way. */
export function TaskButton({ task, ...rest }: ButtonProps & { task: TaskRunner }) {
  return <Button {...rest} disabled={useBusy(task)} />;
}
