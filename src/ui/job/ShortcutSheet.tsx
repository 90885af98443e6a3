'use client';

import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import HelpOutlineIcon from '@mui/icons-material/HelpOutlined';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { STATIONS } from '@/core/check';
import { useRouter } from 'next/navigation';
import { useJob } from './jobContext';

const ShortcutDialog = dynamic(() =>
  import('./ShortcutDialog').then((sheet) => sheet.ShortcutDialog),
);

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
      {open && <ShortcutDialog onClose={() => setOpen(false)} />}
    </>
  );
}
