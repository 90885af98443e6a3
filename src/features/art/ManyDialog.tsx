'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';

/** Several pictures at once: a thing for each, or all of them on one. */
export function ManyDialog({
  count,
  onEach,
  onOne,
  onNone,
}: {
  count: number;
  onEach: () => void;
  onOne: () => void;
  onNone: () => void;
}) {
  return (
    <Dialog open onClose={onNone}>
      <DialogTitle>{count} pictures</DialogTitle>
      <DialogContent>
        <Typography>
          Is each of them for a thing of its own, or do they all go on the same one?
        </Typography>
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap', gap: 1 }}>
        <Button color="inherit" onClick={onNone}>
          Never mind
        </Button>
        <Button variant="outlined" onClick={onOne}>
          All on one thing
        </Button>
        <Button variant="contained" onClick={onEach}>
          A thing for each
        </Button>
      </DialogActions>
    </Dialog>
  );
}
