'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Cancelled, type OnProgress, type Progress, type Task } from '@/workers';
import { useNotify } from './notify';

export interface TaskRunner {
  /** What is under way, or null. */
  readonly progress: Progress | null;
  readonly cancel: () => void;
  /** Runs a task; resolves to null when it was stopped or failed (the person has been told). */
  readonly run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>;
}

/** Runs one long task at a time with progress and a way to stop it. */
export function useTask(): TaskRunner {
  const notify = useNotify();
  const [progress, setProgress] = useState<Progress | null>(null);
  const current = useRef<Task<unknown> | null>(null);

  useEffect(() => () => current.current?.cancel(), []);

  const run = useCallback<TaskRunner['run']>(
    async (start) => {
      current.current?.cancel();
      setProgress({ doing: 'Starting', share: 0 });
      const task = start(setProgress);
      current.current = task;
      try {
        return await task.result;
      } catch (error) {
        if (!(error instanceof Cancelled)) {
          notify({ tone: 'error', text: error instanceof Error ? error.message : String(error) });
        }
        return null;
      } finally {
        if (current.current === task) setProgress(null);
      }
    },
    [notify],
  );
  const cancel = useCallback(() => current.current?.cancel(), []);
  return { progress, cancel, run };
}

/** Bar, words and a stop button of a task under way. */
export function TaskProgress({ task }: { task: TaskRunner }) {
  if (!task.progress) return null;
  const { doing, share } = task.progress;
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
