'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { AtOnce } from './AtOnce';
import { useOffline } from './offline';

/** Asks before a newer Lucky Sheet takes over; says nothing while something is pressed. */
export function NewerVersion() {
  const newer = useOffline();
  const path = usePathname();
  const [later, setLater] = useState(false);
  if (!newer || (later && newer.is === 'ready') || path.endsWith('/press')) return null;
  const act = newer.is === 'ready' ? newer.take : () => window.location.reload();
  return (
    <Snackbar
      open
      slots={{ transition: AtOnce }}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
    >
      <Alert
        severity="info"
        sx={{ boxShadow: 3, maxWidth: 560, alignItems: 'center' }}
        action={
          <>
            {newer.is === 'ready' && (
              <Button color="inherit" onClick={() => setLater(true)}>
                Later
              </Button>
            )}
            <Button color="inherit" onClick={act}>
              {newer.is === 'ready' ? 'Use it now' : 'Reload'}
            </Button>
          </>
        }
      >
        {newer.is === 'ready'
          ? 'A newer Lucky Sheet has come. Your work stays as it is.'
          : 'A newer Lucky Sheet was let in by another tab: reload this one too.'}
      </Alert>
    </Snackbar>
  );
}
