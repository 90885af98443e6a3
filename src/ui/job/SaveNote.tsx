'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import CloudDoneOutlinedIcon from '@mui/icons-material/CheckCircleOutlined';
import { useStore } from 'zustand';
import { COLOURS } from '../theme';
import { useJob } from './JobProvider';

/** Whether the work is stored, in two words. */
export function SaveNote() {
  const { session } = useJob();
  const { kind } = useStore(session.saveState);
  const words = { saved: 'Saved', saving: 'Saving', conflict: 'Not saved', failed: 'Not saved' }[
    kind
  ];
  return (
    <Typography
      component="span"
      role="status"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.5,
        fontSize: 14,
        whiteSpace: 'nowrap',
        color:
          kind === 'saved' ? COLOURS.clover : kind === 'saving' ? COLOURS.graphite : COLOURS.ember,
      }}
    >
      {kind === 'saved' && <CloudDoneOutlinedIcon sx={{ fontSize: 18 }} aria-hidden="true" />}
      {words}
    </Typography>
  );
}

/** What to do when the work could not be stored. */
export function SaveTrouble() {
  const { session } = useJob();
  const state = useStore(session.saveState);
  if (state.kind === 'failed') {
    return (
      <Alert
        severity="error"
        action={
          <Button color="inherit" onClick={() => void session.retry()}>
            Try again
          </Button>
        }
      >
        {state.message}
      </Alert>
    );
  }
  if (state.kind !== 'conflict') return null;
  return (
    <Alert
      severity="warning"
      action={
        <Stack direction="row" spacing={1}>
          <Button color="inherit" onClick={() => void session.keepMine()}>
            Keep what I see here
          </Button>
          <Button color="inherit" onClick={session.takeTheirs}>
            Take the other one
          </Button>
        </Stack>
      }
    >
      This job was changed in another tab at the same moment. Nothing is overwritten until you
      choose.
    </Alert>
  );
}
