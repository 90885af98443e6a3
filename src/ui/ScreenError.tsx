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
    <Box component="main" sx={{ p: { xs: 2, sm: 6 }, maxWidth: 720 }}>
      <Alert severity="error">
        {missing ?? (
          <>
            This screen broke: {error.message} Your work is stored in this browser; nothing of it is
            lost. The other screens go on: <Link href="/own">to the bench</Link>.
          </>
        )}
        <Button
          variant="outlined"
          sx={{ display: 'block', mt: 1.5 }}
          onClick={missing ? () => window.location.reload() : reset}
        >
          {missing ? 'Load it anew' : 'Try again'}
        </Button>
      </Alert>
    </Box>
  );
}
