'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { Job } from '@/core/model';
import { missingPartProblem } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { COLOURS } from '@/ui/theme';
import type { CardActions } from './ActionsMenu';
import { CardMenu } from './CardMenu';

interface Props {
  readonly job: Job;
  readonly actions: CardActions;
  readonly error: unknown;
}

/** In place of a card that cannot be worked out or drawn: the job itself is untouched. */
export function BrokenCard({ job, actions, error }: Props) {
  const { name } = useBench();
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{ p: 2, display: 'flex', flexDirection: 'column', gap: 1, borderColor: COLOURS.ember }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1, overflowWrap: 'anywhere' }}>
          {job.name}
        </Typography>
        <CardMenu name={job.name} actions={actions} />
      </Box>
      <Typography sx={{ fontSize: 14, color: COLOURS.ember }}>
        {missingPartProblem(error) ??
          'This job could not be worked out. Nothing of it is lost: open it, or save it as a file and delete it.'}
      </Typography>
      <Button
        component={NextLink}
        href={`/${name}/job/${encodeURIComponent(job.id)}/blank`}
        variant="outlined"
        sx={{ mt: 'auto' }}
      >
        Open it
      </Button>
    </Paper>
  );
}
