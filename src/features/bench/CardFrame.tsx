'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import NextLink from 'next/link';
import type { ReactNode } from 'react';
import type { StoredJob } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { COLOURS } from '@/ui/theme';
import { CardMenu, type CardActions } from './CardMenu';

interface CardFrameProps {
  stored: StoredJob;
  actions: CardActions;
  /** The finished thing; nothing while it is worked out. */
  picture?: ReactNode;
  /** Where it stands. */
  standing?: ReactNode;
  /** What to do next; nothing while it is worked out. */
  next?: { readonly station: string; readonly label: string } | undefined;
  /** Whether something must be put right before the blank is used up. */
  stopped?: boolean;
}

/** A job on the bench, as far as it is known without working anything out. */
export function CardFrame(props: CardFrameProps) {
  const { stored, actions, picture, standing, next, stopped = false } = props;
  const job = stored.body;
  const { name: bench } = useBench();
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{
        display: 'flex',
        flexDirection: 'column',
        borderColor: COLOURS.hairline,
        overflow: 'hidden',
      }}
    >
      <Box sx={{ bgcolor: '#F1ECE1', display: 'flex', justifyContent: 'center', py: 1.5 }}>
        {picture ?? <Box aria-busy="true" sx={{ height: 168 }} />}
      </Box>
      <Box sx={{ p: 2, pb: 1.5, display: 'flex', flexDirection: 'column', gap: 0.5, flex: 1 }}>
        <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
          <Typography
            variant="h3"
            component="h2"
            sx={{ flex: 1, pt: 0.75, overflowWrap: 'anywhere' }}
          >
            {job.name}
          </Typography>
          <CardMenu name={job.name} actions={actions} />
        </Box>
        <Typography sx={{ color: COLOURS.graphite, fontSize: 14 }}>
          {job.blank.name} · changed{' '}
          {formatDistanceToNow(new Date(stored.savedAt), { addSuffix: true })}
        </Typography>
        <Box sx={{ minHeight: 44, pt: 0.5 }}>{standing}</Box>
        {/* another button once the plan is there: fading from one look to the other, its words cannot be read */}
        <Button
          key={stopped ? 'stopped' : 'ready'}
          component={NextLink}
          href={`/${bench}/job/${encodeURIComponent(job.id)}/${next?.station ?? 'blank'}`}
          variant={stopped ? 'outlined' : 'contained'}
          sx={{ mt: 'auto' }}
        >
          {next?.label ?? 'Open it'}
        </Button>
      </Box>
    </Paper>
  );
}
