'use client';

import Typography from '@mui/material/Typography';
import type { Check } from '@/core/check';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { LEVELS } from '@/ui/level';
import { COLOURS } from '@/ui/theme';
import { FinishedView, startTurn } from '@/ui/turntable';
import { useUnits } from '@/ui/units';
import { checkWords, nextAction } from '@/words';
import { CardFrame } from './CardFrame';
import type { CardActions } from './CardMenu';
import { historyOf } from './history';
import type { BenchJob } from './useBenchJobs';
import { stampOf, useCardPlan } from './useCardPlan';

/** What stands in the way most, in two lines; or that nothing does. */
function Standing({ worst }: { worst: Check | undefined }) {
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
      <strong>{word}:</strong> {checkWords(worst, units).text}
    </Typography>
  );
}

/** A job on the bench with its plan: the finished thing, where it stands, and what to do next. */
export function PlannedCard({ entry, actions }: { entry: BenchJob; actions: CardActions }) {
  const { stored } = entry;
  const job = stored.body;
  const { shelf } = useBench();
  const plan = useCardPlan(stored, shelf);
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  if (!plan) return <CardFrame stored={stored} actions={actions} />;
  const worst = plan.checks.find(({ level }) => level !== 'note');
  return (
    <CardFrame
      stored={stored}
      actions={actions}
      picture={
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
      }
      standing={<Standing worst={worst} />}
      next={nextAction(plan, historyOf(entry))}
      stopped={worst?.level === 'stop'}
    />
  );
}
