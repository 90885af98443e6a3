'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { missingPartProblem } from '@/store';

/** Shown when a screen breaks; the work itself is stored after every change. */
export function ScreenError({ error, reset }: { error: Error; reset: () => void }) {
  const missing = missingPartProblem(error);
  return (
    <Box component="main" sx={{ p: 6, maxWidth: 720 }}>
      <Alert
        severity="error"
        action={
          <Button color="inherit" onClick={missing ? () => window.location.reload() : reset}>
            {missing ? 'Load it anew' : 'Try again'}
          </Button>
        }
      >
        {missing ?? `This screen broke: ${error.message}`} Your work is stored in this browser;
        nothing of it is lost. The other screens go on: <Link href="/own">to the bench</Link>.
      </Alert>
    </Box>
  );
}
