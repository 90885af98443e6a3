'use client';

import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';

const SHORTCUTS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z or Ctrl Y', 'Redo'],
  ['Ctrl V at Art', 'Paste a picture that was copied elsewhere'],
  ['1 … 6', 'Go to a station'],
  ['Arrow keys on the art', 'Nudge by 1/16 in or 1 mm'],
  ['Shift and arrow keys', 'Nudge four times as far'],
  ['+ and − on a drawing, 0', 'Look closer, farther, see all of it'],
  ['Arrow keys on a drawing looked at closer', 'Push it about'],
  ['Space or Enter on the press screen', 'The big button'],
  ['?', 'This sheet'],
];

/** The list of a job's keyboard shortcuts. */
export function ShortcutDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="shortcuts-title">
      <DialogTitle id="shortcuts-title">Keyboard shortcuts</DialogTitle>
      <DialogContent>
        <Table size="small">
          <TableBody>
            {SHORTCUTS.map(([keys, does]) => (
              <TableRow key={keys}>
                <TableCell component="th" scope="row">
                  {keys}
                </TableCell>
                <TableCell>{does}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
    </Dialog>
  );
}
