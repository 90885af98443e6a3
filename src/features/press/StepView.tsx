'use client';

import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import type { Check } from '@/core/check';
import type { Operation, Program } from '@/core/model';
import type { Phase } from '@/core/press';
import { formatClock } from '@/words/units';
import { useJob } from '@/ui/job/jobContext';
import { LayerStack } from '@/ui/LayerStack';
import { Cautions, NIGHT, placeOf, PlatePlace, rowBelow } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { checkWords, operationFigures, operationWords } from '@/words';

import type { Pressing } from './usePressing';

const titleSx = {
  fontFamily: FONTS.heading,
  fontWeight: 700,
  fontSize: { xs: 34, sm: 52 },
  lineHeight: 1.1,
};
const detailSx = { fontSize: { xs: 20, sm: 26 }, lineHeight: 1.35, maxWidth: 900 };

/** The seconds within which a thing has to be done: counted down, and up once they are over. */
function WindowClock({ withinS, leftS }: { withinS: number; leftS: number }) {
  const over = leftS <= 0;
  return (
    <Typography
      role="timer"
      aria-label={over ? 'Time over' : 'Time to do it in'}
      sx={{
        fontFamily: FONTS.figure,
        fontSize: { xs: 40, sm: 64 },
        lineHeight: 1.1,
        color: over ? NIGHT.saffron : NIGHT.text,
      }}
    >
      {over
        ? `${formatClock(-leftS)} over ${formatClock(withinS)}`
        : `${formatClock(leftS)} of ${formatClock(withinS)} left`}
    </Typography>
  );
}

function Clock({ phase }: { phase: Phase }) {
  if (phase.kind === 'by-hand') return phase.window && <WindowClock {...phase.window} />;
  if (phase.kind === 'finished') return null;
  const leftS =
    phase.kind === 'counting' ? phase.leftS : phase.kind === 'ready' ? phase.durationS : 0;
  const share =
    phase.kind === 'counting' ? 1 - phase.leftS / phase.durationS : phase.kind === 'over' ? 1 : 0;
  return (
    <Box>
      <Typography
        role="timer"
        aria-label="Time left"
        sx={{
          fontFamily: FONTS.figure,
          fontSize: 'min(26vw, 32vh)',
          lineHeight: 1,
          color: phase.kind === 'over' ? NIGHT.saffron : NIGHT.text,
        }}
      >
        {formatClock(leftS)}
      </Typography>
      <LinearProgress
        variant="determinate"
        value={share * 100}
        aria-label="Share of the time that is over"
        sx={{
          height: 10,
          borderRadius: 5,
          mt: 1,
          bgcolor: NIGHT.waiting,
          '& .MuiLinearProgress-bar': { bgcolor: NIGHT.ember },
        }}
      />
      <Typography
        component="p"
        sx={{
          fontSize: { xs: 24, sm: 32 },
          fontWeight: 700,
          color: NIGHT.saffron,
          minHeight: 48,
          mt: 1,
        }}
      >
        <span role="alert">{phase.kind === 'over' && 'Time is up'}</span>
        {phase.kind === 'over' && phase.overS >= 5 && `, ${formatClock(phase.overS)} over`}
      </Typography>
    </Box>
  );
}

function Step({ step, program, phase }: { step: Operation; program: Program; phase: Phase }) {
  const units = useUnits();
  const { title, detail } = operationWords(step, program, units);
  const timed = phase.kind === 'counting' || phase.kind === 'over';
  const { heat, pressure } = operationFigures(step, units);
  const figures = [heat, pressure].filter(Boolean);
  const layers = step.layUp === null ? [] : (program.layUps[step.layUp] ?? []);
  const showStack = layers.length > 0 && !timed;
  // beside the clock, so that the big button hides no caution
  const { design, plan } = useJob();
  const place = placeOf(step, plan);
  const beside = showStack || place !== null;
  const columns = beside ? '1.2fr 1fr' : step.cautions.length > 0 ? '2fr 1fr' : '1fr';
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        gridTemplateColumns: { xs: '1fr', md: columns },
        alignItems: 'center',
      }}
    >
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        <Typography component="h1" sx={titleSx}>
          {title}
        </Typography>
        {figures.length > 0 && (
          <Typography
            sx={{
              fontFamily: FONTS.figure,
              fontSize: { xs: 30, sm: 44 },
              color: NIGHT.ember,
              lineHeight: 1,
            }}
          >
            {figures.join(' · ')}
          </Typography>
        )}
        {!timed && <Typography sx={detailSx}>{detail}</Typography>}
        <Clock phase={phase} />
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 3 }}>
        {place && (
          <PlatePlace
            {...{ step, place, plan, job: design, itemId: rowBelow(step, design, plan) }}
          />
        )}
        {showStack && !place && <LayerStack layers={layers} program={program} large />}
        <Cautions cautions={step.cautions} />
      </Box>
    </Box>
  );
}

function Opening({ stops }: { stops: readonly Check[] }) {
  const { plan } = useJob();
  const units = useUnits();
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2.5 }}>
      <Typography component="h1" sx={titleSx}>
        {stops.length > 0 ? 'Not yet' : 'Ready to press'}
      </Typography>
      {stops.map((check) => (
        <Typography key={check.id} sx={{ ...detailSx, color: NIGHT.ember }}>
          Stop: {checkWords(check, units).text}
        </Typography>
      ))}
      {stops.length === 0 && (
        <Typography sx={detailSx}>
          {plan.press.program.operations.length} steps, one at a time. The clock goes on if you
          close this page or the screen sleeps.
        </Typography>
      )}
      <Cautions cautions={plan.tools.recipe.cautions} />
    </Box>
  );
}

/** The step at hand, as large as the screen allows. */
export function StepView({ pressing, stops }: { pressing: Pressing; stops: readonly Check[] }) {
  const { run, step, phase } = pressing;
  if (!phase || !run) return <Opening stops={stops} />;
  if (!step || phase.kind === 'finished') {
    return (
      <Box>
        <Typography component="h1" sx={titleSx}>
          That was the last step
        </Typography>
        <Typography sx={{ ...detailSx, mt: 2 }}>
          Look at it closely, then write down how it came out.
        </Typography>
      </Box>
    );
  }
  return <Step step={step} program={run.program} phase={phase} />;
}
