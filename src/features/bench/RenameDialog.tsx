'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface RenameProps {
  name: string;
  onRename: (name: string) => void;
  onClose: () => void;
}

/** Asks for a job's new name. */
export function RenameDialog({ name, onRename, onClose }: RenameProps) {
  const [draft, setDraft] = useState(name);
  const tidy = draft.trim();
  return (
    <Dialog open onClose={onClose} aria-labelledby="rename-title" fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (tidy) onRename(tidy);
          onClose();
        }}
      >
        <DialogTitle id="rename-title">Rename the job</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            margin="dense"
            label="Name"
            value={draft}
            onChange={({ target }) => setDraft(target.value)}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={!tidy}>
            Rename
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
