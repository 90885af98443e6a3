'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useCallback } from 'react';
import type { EveningRun } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJobs } from '../useEvening';
import { useKeptEvening } from '../useKeptEvening';
import { LivePressing } from './LivePressing';
import { Outcomes } from './Outcomes';

/** An evening being pressed, of several jobs; then how it all came out. */
export function LiveScreen() {
  const { name } = useBench();
  const jobs = useJobs();
  const [evening, onEvening] = useKeptEvening();
  const onRun = useCallback(
    (run: EveningRun | null) => evening && onEvening({ ...evening, run }),
    [evening, onEvening],
  );
  if (evening === undefined || !jobs) return null;
  if (!evening?.run)
    return (
      <Box component="main" sx={{ p: 4 }}>
        <Typography variant="h1" sx={{ mb: 2 }}>
          No evening has been begun
        </Typography>
        <Button component={NextLink} href={`/${name}/evening`} variant="contained">
          Plan one
        </Button>
      </Box>
    );
  return (
    <LivePressing
      {...{ run: evening.run, onRun, jobs }}
      back={{ href: `/${name}/evening`, label: 'Back to the plan' }}
      giveUp={{ label: 'Give up this evening', said: 'The evening was given up.' }}
      over={(live) => (
        <Outcomes {...{ live, jobs, onRun }} onDone={() => onRun(null)} then={`/${name}/log`} />
      )}
    />
  );
}
