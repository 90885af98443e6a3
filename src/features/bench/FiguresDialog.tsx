'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { OwnFigures } from '@/core/model';
import type { FiguresClash } from '@/core/shelf';
import { settingsLine, TRANSFER_WORDS } from '@/words';
import { useUnits } from '@/ui/units';

/** Which figures hold for a job that comes in. */
export interface FiguresQuestion {
  readonly clashes: readonly FiguresClash[];
  readonly answer: (choice: 'mine' | 'as sent' | null) => void;
}

/** Asks whose figures hold where both sides press the same thing otherwise. */
export function FiguresDialog({ question }: { question: FiguresQuestion }) {
  const units = useUnits();
  const { clashes, answer } = question;
  const words = (figures: OwnFigures | null) =>
    figures ? settingsLine(figures, units) : 'the usual figures';
  return (
    <Dialog open onClose={() => answer(null)} maxWidth="sm" aria-labelledby="figures-title">
      <DialogTitle id="figures-title">Whose figures?</DialogTitle>
      <DialogContent>
        <Typography>
          This job was pressed by other figures than you press the same blank by on this machine:
        </Typography>
        <Box component="ul">
          {clashes.map(({ mine, theirs }) => {
            const transfer = (mine ?? theirs)?.transfer;
            return (
              <li key={transfer}>
                {transfer && TRANSFER_WORDS[transfer].label}: {words(theirs)} in the file,{' '}
                {words(mine)} on your shelf
              </li>
            );
          })}
        </Box>
        <Typography>
          Yours stay as they are either way. As in the file, its machine comes onto your shelf once
          more, with its own figures.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => answer(null)}>Leave the file</Button>
        <Button onClick={() => answer('as sent')}>As in the file</Button>
        <Button variant="contained" onClick={() => answer('mine')}>
          By mine
        </Button>
      </DialogActions>
    </Dialog>
  );
}
