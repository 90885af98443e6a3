'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import NextLink from 'next/link';
import { useEffect, useRef, useState } from 'react';
import { isPrintedOn } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { Cautions, NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { aloneWords, checkWords, heatLine, NOT_PRESSED_WORDS } from '@/words';
import { BIG } from '../live/big';
import type { Alone } from './useAlone';

const LookDialog = dynamic(() => import('@/ui/look/LookDialog').then((m) => m.LookDialog));

const detailSx = { fontSize: { xs: 20, sm: 26 }, lineHeight: 1.35, maxWidth: 900 };

/** Before a job is pressed: what stops it, or how long it takes and what to take care of. */
export function Opening({ alone }: { alone: Alone }) {
  const { name } = useBench();
  const { whole, job, plan, pathTo, looks, keepLook } = useJob();
  const units = useUnits();
  const { shown, begin, tooMany } = alone;
  const button = useRef<HTMLButtonElement>(null);
  const stops = plan.checks.filter(({ level }) => level === 'stop');
  const [left] = shown?.made.left ?? [];
  const blocked = stops.length > 0 || left !== undefined;
  const pass = plan.press.program.passes.find(({ transfer }) => transfer === job.transfer);
  const [looking, setLooking] = useState(false);
  // what was looked at before it began is part of how it went
  const beginAfterLooks = (simulated: boolean) => begin(simulated, [...looks]);
  useEffect(() => button.current?.focus(), []);
  return (
    <Box
      component="main"
      sx={{
        ...{ minHeight: '100dvh', display: 'flex', flexDirection: 'column', gap: 2 },
        ...{ p: { xs: 2, sm: 3 }, bgcolor: NIGHT.ground, color: NIGHT.text, '--focus': NIGHT.text },
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Button component={NextLink} href={pathTo('heat')} color="inherit" variant="outlined">
          Back to the job
        </Button>
        <Typography sx={{ flex: 1, fontSize: 18 }}>
          {whole.name} ·{' '}
          <span style={{ fontFamily: FONTS.figure }}>
            {heatLine({ ...plan.press, ...(pass && { settings: pass.settings }) }, units)}
          </span>
        </Typography>
      </Box>
      <Box
        sx={{
          flex: 1,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          gap: 2.5,
        }}
      >
        <Typography
          component="h1"
          sx={{
            fontFamily: FONTS.heading,
            fontWeight: 700,
            fontSize: { xs: 34, sm: 52 },
            lineHeight: 1.1,
          }}
        >
          {blocked ? 'Not yet' : 'Ready to press'}
        </Typography>
        {stops.map((check) => (
          <Typography key={check.id} sx={{ ...detailSx, color: NIGHT.ember }}>
            Stop: {checkWords(check, units).text}
          </Typography>
        ))}
        {stops.length === 0 && left && (
          <Typography sx={{ ...detailSx, color: NIGHT.ember }}>
            It is not pressed: {NOT_PRESSED_WORDS[left.why]}.
          </Typography>
        )}
        {!blocked && (
          <Typography sx={detailSx}>
            {shown ? aloneWords(shown.made.things.length, shown.plan, tooMany) : 'Being planned.'}{' '}
            The clock goes on if you close this page or the screen sleeps.
          </Typography>
        )}
        <Cautions cautions={plan.tools.recipe.cautions} />
      </Box>
      {blocked ? (
        <Button
          component={NextLink}
          href={pathTo(stops[0]?.station ?? 'art')}
          variant="contained"
          sx={BIG}
        >
          Settle what stops it first
        </Button>
      ) : (
        <Button ref={button} variant="contained" onClick={() => beginAfterLooks(false)} sx={BIG}>
          Begin
        </Button>
      )}
      {plan.sheets.length > 0 && isPrintedOn(plan.tools.paper) && (
        <Button
          color="inherit"
          variant="outlined"
          onClick={() => setLooking(true)}
          sx={{ alignSelf: 'flex-start' }}
        >
          Look before heat, by a photo
        </Button>
      )}
      {looking && (
        <LookDialog
          looking={{ job, plan }}
          first="laid"
          onLooked={keepLook}
          onClose={() => setLooking(false)}
        />
      )}
      {!blocked && name === 'demo' && (
        <Button
          color="inherit"
          onClick={() => beginAfterLooks(true)}
          sx={{ alignSelf: 'flex-start' }}
        >
          Try it on simulated machines
        </Button>
      )}
    </Box>
  );
}
