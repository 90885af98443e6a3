'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { PageQuestion } from './useFileIntake';

/** Which page of a PDF is the picture. */
export function PageDialog({ question }: { question: PageQuestion }) {
  const [page, setPage] = useState('1');
  const number = Number(page);
  const good = Number.isInteger(number) && number >= 1 && number <= question.pages;
  return (
    <Dialog open onClose={() => question.answer(null)}>
      <DialogTitle>Which page?</DialogTitle>
      <DialogContent>
        <TextField
          autoFocus
          fullWidth
          type="number"
          label="Page"
          value={page}
          error={!good}
          helperText={`“${question.name}” has ${question.pages} pages.`}
          onChange={({ target }) => setPage(target.value)}
          sx={{ mt: 1 }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={() => question.answer(null)}>Never mind</Button>
        <Button variant="contained" disabled={!good} onClick={() => question.answer(number)}>
          Take this page
        </Button>
      </DialogActions>
    </Dialog>
  );
}
