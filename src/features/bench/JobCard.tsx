'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns';
import NextLink from 'next/link';
import { checkWords, nextAction } from '@/words';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { LEVELS } from '@/ui/level';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { FinishedView, startTurn } from '@/ui/turntable';
import { CardMenu, type CardActions } from './CardMenu';
import type { BenchJob } from './useBenchJobs';
import { stampOf, useCardPlan } from './useCardPlan';

/** A job on the bench: the finished thing, where it stands, and what to do next. */
export function JobCard({ entry, actions }: { entry: BenchJob; actions: CardActions }) {
  const { stored, history } = entry;
  const job = stored.body;
  const { name: bench, shelf } = useBench();
  const units = useUnits();
  const plan = useCardPlan(stored, shelf);
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const next = plan && nextAction(plan, history);
  const worst = plan?.checks.find(({ level }) => level !== 'note');
  const level = worst && LEVELS[worst.level];

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
        {plan ? (
          <FinishedView
            job={job}
            plan={plan}
            previews={previews}
            turnRad={startTurn(job.blank, plan)}
            width={250}
            height={168}
            label={`${job.name}, as it will look`}
            keptAs={stampOf(stored)}
          />
        ) : (
          <Box aria-busy="true" sx={{ height: 168 }} />
        )}
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
        <Box sx={{ minHeight: 44, pt: 0.5 }}>
          {worst && level ? (
            <Typography
              sx={{
                fontSize: 14,
                color: level.colour,
                display: '-webkit-box',
                WebkitLineClamp: 2,
                WebkitBoxOrient: 'vertical',
                overflow: 'hidden',
              }}
            >
              <strong>{level.word}:</strong> {checkWords(worst, units).text}
            </Typography>
          ) : plan ? (
            <Typography sx={{ fontSize: 14, color: COLOURS.clover }}>
              <strong>Ready:</strong> nothing stands in the way.
            </Typography>
          ) : null}
        </Box>
        {/* another button once the plan is there: fading from one look to the other, its words cannot be read */}
        <Button
          key={worst?.level === 'stop' ? 'stopped' : 'ready'}
          component={NextLink}
          href={`/${bench}/job/${encodeURIComponent(job.id)}/${next?.station ?? 'blank'}`}
          variant={worst?.level === 'stop' ? 'outlined' : 'contained'}
          sx={{ mt: 'auto' }}
        >
          {next?.label ?? 'Open it'}
        </Button>
      </Box>
    </Paper>
  );
}
