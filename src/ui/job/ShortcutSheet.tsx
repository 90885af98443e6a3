'use client';

import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Tooltip from '@mui/material/Tooltip';
import HelpOutlineIcon from '@mui/icons-material/HelpOutlined';
import { useEffect, useState } from 'react';
import { STATIONS } from '@/core/check';
import { useRouter } from 'next/navigation';
import { useJob } from './jobContext';

const SHORTCUTS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z or Ctrl Y', 'Redo'],
  ['1 … 6', 'Go to a station'],
  ['Arrow keys on the art', 'Nudge by 1/16 in or 1 mm'],
  ['Shift and arrow keys', 'Nudge four times as far'],
  ['+ and − on a drawing, 0', 'Look closer, farther, see all of it'],
  ['Arrow keys on a drawing looked at closer', 'Push it about'],
  ['Space or Enter on the press screen', 'The big button'],
  ['?', 'This sheet'],
];

/** Controls that are no place to write, although they are input elements. */
const NOT_TEXT = ['radio', 'checkbox', 'range', 'button', 'color', 'file'];

/** Whether keys typed there write text, and are not for us. */
const inText = (target: EventTarget | null): boolean =>
  (target instanceof HTMLInputElement && !NOT_TEXT.includes(target.type)) ||
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLElement && target.isContentEditable);

/** The job's keyboard shortcuts, and the sheet that lists them. */
export function ShortcutSheet() {
  const { session, pathTo } = useJob();
  const router = useRouter();
  const [open, setOpen] = useState(false);

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (inText(event.target)) return;
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === 'y' || (key === 'z' && event.shiftKey)) session.redo();
        else if (key === 'z') session.undo();
        else return;
        event.preventDefault();
        return;
      }
      const station = STATIONS[Number(event.key) - 1];
      if (event.key === '?') setOpen(true);
      else if (station && !event.altKey) router.push(pathTo(station));
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [session, router, pathTo]);

  return (
    <>
      <Tooltip title="Keyboard shortcuts (?)">
        <IconButton aria-label="Keyboard shortcuts" onClick={() => setOpen(true)}>
          <HelpOutlineIcon />
        </IconButton>
      </Tooltip>
      {open && (
        <Dialog open onClose={() => setOpen(false)} aria-labelledby="shortcuts-title">
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
      )}
    </>
  );
}
