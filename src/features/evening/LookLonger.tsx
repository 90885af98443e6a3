'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import type { Longer } from './useEvening';

/** A search beyond what is fair, for who wants it; stopped, the best found so far stays. */
export function LookLonger({ longer: { share, begin, stop } }: { longer: Longer }) {
  if (share === null)
    return (
      <Button size="small" onClick={begin} sx={{ alignSelf: 'flex-start' }}>
        Look longer for a better one
      </Button>
    );
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', maxWidth: 420 }}>
      <LinearProgress
        variant="determinate"
        value={100 * share}
        aria-label="How far a better plan has been looked for"
        sx={{ flex: 1 }}
      />
      <Button size="small" onClick={stop}>
        Stop looking
      </Button>
    </Box>
  );
}
