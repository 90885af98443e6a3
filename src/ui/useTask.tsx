'use client';

import Box from '@mui/material/Box';
import Button, { type ButtonProps } from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { useNotify } from './notify';
import { createTaskRunner, type TaskRunner } from './taskRunner';

export type { TaskRunner };

/** Runs one long task at a time with progress and a way to stop it; stopped when its place goes. */
export function useTask(): TaskRunner {
  const notify = useNotify();
  const [runner] = useState(() => createTaskRunner((text) => notify({ tone: 'error', text })));
  useEffect(() => runner.cancel, [runner]);
  return runner;
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
