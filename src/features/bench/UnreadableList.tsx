'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Unreadable } from '@/store';
import { asideName, saveAside } from '@/ui/bench/aside';

/** What lies on the bench and cannot be read: kept whole, by name, with a way out. */
export function UnreadableList({
  unreadable,
  onDelete,
}: {
  unreadable: readonly Unreadable[];
  onDelete: (lost: Unreadable) => void;
}) {
  if (unreadable.length === 0) return null;
  return (
    <Box component="ul" aria-label="Set aside" sx={{ listStyle: 'none', m: 0, mb: 2, p: 0 }}>
      {unreadable.map((lost) => (
        <Box component="li" key={`${lost.raw.kind}/${lost.raw.id}/${lost.raw.key ?? ''}`}>
          <Alert
            severity="warning"
            sx={{ mb: 1 }}
            action={
              <>
                <Button color="inherit" size="small" onClick={() => saveAside(lost)}>
                  Save as a file
                </Button>
                <Button color="inherit" size="small" onClick={() => onDelete(lost)}>
                  Delete
                </Button>
              </>
            }
          >
            <strong>{asideName(lost)}</strong>{' '}
            {lost.newer
              ? 'was written by a newer Lucky Sheet. It is set aside whole; reload to get the newer one.'
              : `cannot be read and is set aside whole (${lost.reason}).`}
          </Alert>
        </Box>
      ))}
    </Box>
  );
}
