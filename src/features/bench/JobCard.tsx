'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import dynamic from 'next/dynamic';
import NextLink from 'next/link';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { LEVELS } from '@/ui/level';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import type { CardFacts } from './cardFacts';
import type { CardActions } from './ActionsMenu';
import { CardMenu } from './CardMenu';
import type { BenchJob } from './useBenchJobs';
import { stampOf, useCardFacts } from './useCardFacts';

const FinishedView = dynamic(() => import('@/ui/turntable').then((round) => round.FinishedView));

const PICTURE = { width: 250, height: 168 };

/** What stands in the way most, in two lines; or that nothing does. */
function Standing({ facts: { worst, worstWords } }: { facts: CardFacts }) {
  const units = useUnits();
  if (!worst)
    return (
      <Typography sx={{ fontSize: 14, color: COLOURS.clover }}>
        <strong>Ready:</strong> nothing stands in the way.
      </Typography>
    );
  const { word, colour } = LEVELS[worst.level];
  return (
    <Typography
      sx={{
        fontSize: 14,
        color: colour,
        display: '-webkit-box',
        WebkitLineClamp: 2,
        WebkitBoxOrient: 'vertical',
        overflow: 'hidden',
      }}
    >
      <strong>{word}:</strong> {worstWords(units)}
    </Typography>
  );
}

/** A job on the bench: its name at once; the finished thing, where it stands and what to do next when it is worked out. */
export function JobCard({ entry, actions }: { entry: BenchJob; actions: CardActions }) {
  const { stored } = entry;
  const job = stored.body;
  const { name: bench, shelf } = useBench();
  const facts = useCardFacts(stored, shelf);
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const next = facts?.next(entry);
  const stopped = facts?.worst?.level === 'stop';

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
        <Box aria-busy={!facts} sx={PICTURE}>
          {facts && (
            <FinishedView
              {...PICTURE}
              job={job}
              plan={facts.plan}
              previews={previews}
              turnRad={facts.turnRad}
              label={`${job.name}, as it will look`}
              keptAs={stampOf(stored)}
            />
          )}
        </Box>
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
        <Box sx={{ minHeight: 44, pt: 0.5 }}>{facts && <Standing facts={facts} />}</Box>
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
