'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { daysUnsaved, REMIND_AFTER_DAYS } from '@/files/backup/due';
import { useBench } from '@/ui/bench/BenchProvider';
import { useHandsOver } from '@/ui/bench/handover';
import { FileButton } from '@/ui/fields/FileButton';
import { COLOURS } from '@/ui/theme';
import { TaskButton, type TaskRunner } from '@/ui/useTask';
import { unsavedWords } from '@/words';
import { useLastBackup } from './lastBackup';

const FetchByCode = dynamic(() => import('./FetchByCode').then((m) => m.FetchByCode));

/** Whether the browser says that it may clear what it keeps; null as long as it says nothing. */
function useMayBeCleared(): boolean | null {
  const [clears, setClears] = useState<boolean | null>(null);
  useEffect(() => {
    navigator.storage?.persisted?.().then(
      (persists) => setClears(!persists),
      () => undefined, // it does not say
    );
  }, []);
  return clears;
}

/** Where the work is kept, the way out of this browser and back, and a quiet word when it was long ago. */
export function KeptSafe({
  savedAt,
  readAt,
  task,
  onSave,
  onBringIn,
  onFetched,
}: {
  /** When each document of the bench was last saved. */
  savedAt: readonly string[];
  /** When the bench was read. */
  readAt: Date;
  task: TaskRunner;
  onSave: () => void;
  onBringIn: (file: File) => void;
  /** A job or backup that another device laid ready. */
  onFetched: (file: File) => void;
}) {
  const { name } = useBench();
  const last = useLastBackup(name);
  const clears = useMayBeCleared();
  const handsOver = useHandsOver();
  const days = daysUnsaved(savedAt, last, readAt);
  const due = name === 'own' && days >= REMIND_AFTER_DAYS;
  return (
    <Box
      component="section"
      aria-label="Kept safe"
      sx={{ mt: 4, pt: 2, borderTop: `1px solid ${COLOURS.hairline}` }}
    >
      <Typography variant="h3" component="h2" sx={{ mb: 0.5 }}>
        Kept safe
      </Typography>
      {due && (
        <Alert severity="info" sx={{ mb: 1 }}>
          {unsavedWords(days, last !== null)} A backup keeps it from being lost with the browser.
        </Alert>
      )}
      <Typography sx={{ color: COLOURS.graphite, maxWidth: 720 }}>
        Jobs, pictures, shelf, stock and log are in this browser alone.
        {clears === true &&
          ' This browser says that it may clear them when space runs short, or after a long time unused.'}{' '}
        {last
          ? `Last backup: ${formatDistanceToNow(new Date(last), { addSuffix: true })}.`
          : 'No backup yet.'}{' '}
        {!due && unsavedWords(days, last !== null)}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <TaskButton task={task} variant="outlined" onClick={onSave}>
          Save a backup
        </TaskButton>
        <FileButton
          label="Bring a backup in"
          accept=".zip,application/zip"
          onFile={(file) => onBringIn(file)}
        />
        {handsOver && <FetchByCode onFile={onFetched} />}
      </Box>
    </Box>
  );
}
