'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import CloudDoneOutlinedIcon from '@mui/icons-material/CheckCircleOutlined';
import { useStore } from 'zustand';
import { COLOURS } from '../theme';
import { useBench } from '../bench/BenchProvider';
import { useJob } from './jobContext';

/** Whether the work is stored, in two words. */
export function SaveNote() {
  const { session } = useJob();
  const { keeper } = useBench();
  const mine = useStore(session.saveState).kind;
  const others = useStore(keeper.state).kind;
  // “Saved” means all of it: the job, and what was noted at printer, machine and run
  const kind = mine === 'saved' ? others : mine;
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
  if (state.stored === null) {
    return (
      <Alert
        severity="warning"
        action={
          <Button color="inherit" onClick={() => void session.keepMine()}>
            Put it back
          </Button>
        }
      >
        This job was taken off the bench in another tab. What you see is kept here until you leave
        it; nothing is stored unless you put it back.
      </Alert>
    );
  }
  return (
    <Alert
      severity="warning"
      action={
        <Stack direction="row" spacing={1}>
          <Button color="inherit" onClick={() => void session.keepMine()}>
            Keep what I see here
          </Button>
          {state.stored.ok && (
            <Button color="inherit" onClick={session.takeTheirs}>
              Take the other one
            </Button>
          )}
        </Stack>
      }
    >
      {state.stored.ok
        ? 'This job was changed in another tab at the same moment. Nothing is overwritten until you choose.'
        : 'A newer Lucky Sheet changed this job in another tab; what it stored cannot be read here, and is set aside if you keep yours.'}
    </Alert>
  );
}
