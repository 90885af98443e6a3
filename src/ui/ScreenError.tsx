'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';

/** Shown when a screen breaks; the work itself is stored after every change. */
export function ScreenError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <Box component="main" sx={{ p: 6, maxWidth: 720 }}>
      <Alert
        severity="error"
        action={
          <Button color="inherit" onClick={reset}>
            Try again
          </Button>
        }
      >
        This screen broke: {error.message} Your work is stored in this browser; nothing of it is
        lost. The other screens go on: <Link href="/own">to the bench</Link>.
      </Alert>
    </Box>
  );
}
