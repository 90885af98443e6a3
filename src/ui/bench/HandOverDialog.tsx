'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { OnProgress, Task } from '@/workers';
import { download } from '../files';
import { useNotify } from '../notify';
import { COLOURS, FONTS } from '../theme';
import { TaskButton, TaskProgress, useTask } from '../useTask';
import { layReady, useHandsOver } from './handover';

/** Where another device reaches this server: as this page does, or by the machine's own address where the page has none. */
function reachedAt(addresses: readonly string[]): string {
  const { hostname, port, origin } = window.location;
  const own = ['localhost', '127.0.0.1', '[::1]'].includes(hostname);
  if (!own || addresses.length === 0) return origin;
  return addresses.map((each) => `http://${each}${port && `:${port}`}`).join(' or ');
}

/** Takes something to another device: as a file, or through a one-time code where the server is opened to the network. */
export function HandOverDialog({
  what,
  fileName,
  pack,
  onClose,
}: {
  /** What is taken there, as it is called. */
  what: string;
  fileName: string;
  /** Gathers it into one file; null where that was stopped. */
  pack: (
    run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>,
  ) => Promise<Blob | null>;
  onClose: () => void;
}) {
  const task = useTask();
  const notify = useNotify();
  const opened = useHandsOver();
  const [code, setCode] = useState<string | null>(null);

  async function packed(then: (file: Blob) => Promise<void> | void) {
    try {
      const file = await pack(task.run);
      if (file) await then(file);
    } catch (error) {
      notify({ tone: 'error', text: `It could not be packed: ${String(error)}` });
    }
  }
  async function lay(file: Blob) {
    const laid = await layReady(file);
    if (laid.ok) setCode(laid.value);
    else notify({ tone: 'error', text: laid.reason });
  }

  return (
    <Dialog open fullWidth maxWidth="sm" onClose={onClose}>
      <DialogTitle>Take to another device</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>
          {what} goes as one file with its pictures and tools. Give the file to the bench of the
          other device; nothing here changes.
        </Typography>
        {code === null ? (
          <Typography sx={{ color: COLOURS.graphite }}>
            {opened
              ? 'Both devices are on this network: a code does it without carrying a file.'
              : 'On a home network a code can do it without a file: start the server there with HOST=0.0.0.0, and only as long as you need it.'}
          </Typography>
        ) : (
          <Box role="status">
            <Typography sx={{ fontFamily: FONTS.figure, fontSize: 44, letterSpacing: 6 }}>
              {code}
            </Typography>
            <Typography>
              On the other device, open {reachedAt(opened ?? [])} and type the code on its bench,
              under “Kept safe”. It holds for ten minutes and one device.
            </Typography>
          </Box>
        )}
        <TaskProgress task={task} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <TaskButton
          task={task}
          variant={opened ? 'text' : 'contained'}
          onClick={() => void packed((file) => download(fileName, file))}
        >
          Save the file
        </TaskButton>
        {opened && code === null && (
          <TaskButton task={task} variant="contained" onClick={() => void packed(lay)}>
            Give it a code
          </TaskButton>
        )}
      </DialogActions>
    </Dialog>
  );
}
