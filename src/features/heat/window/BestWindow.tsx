'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { isSameSetting } from '@/core/log';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { windowWords } from '@/words';
import { useHeatEdit } from '../useHeatEdit';
import { LadderPanel } from './Ladder';
import { useWindow } from './useWindow';

const WindowMap = dynamic(() => import('./WindowMap').then((map) => map.WindowMap), { ssr: false });

/** Where it comes out well as far as the log tells, and the test that would tell most. */
export function BestWindow() {
  const { job, plan } = useJob();
  const units = useUnits();
  const { change } = useHeatEdit();
  const { ask, seen } = useWindow();
  const { settings } = plan.press;
  const isSet = seen !== null && isSameSetting(seen.best, settings);
  const [from, best, planned] = seen ? windowWords(seen, units) : [];
  return (
    <Box
      component="section"
      aria-label="Where it comes out well"
      sx={{ flex: 1, overflowY: 'auto', p: { xs: 2, sm: 3 } }}
    >
      <Box sx={{ maxWidth: 900, mx: 'auto', display: 'flex', flexDirection: 'column', gap: 1.5 }}>
        <Typography variant="h2" component="h2">
          Where it comes out well
        </Typography>
        <Box sx={{ height: 4 }}>{!seen && <LinearProgress aria-label="Being worked out" />}</Box>
        {seen && (
          <>
            <Box aria-live="polite">
              <Typography sx={{ fontSize: 18 }}>{from}</Typography>
              <Typography sx={{ fontSize: 18, fontWeight: 700 }}>{best}</Typography>
              <Typography sx={{ fontSize: 18 }}>{planned}</Typography>
            </Box>
            {!isSet && (
              <Button
                variant="outlined"
                sx={{ alignSelf: 'flex-start' }}
                onClick={() => {
                  const { temperatureC, dwellS } = seen.best;
                  change({ own: { ...job.heat.own, temperatureC, dwellS } });
                }}
              >
                Take the best figures
              </Button>
            )}
            <WindowMap seen={seen} units={units} />
          </>
        )}
        <LadderPanel ask={ask} />
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          From your log and the recipes, by a regression that was tried on simulated crafters only:
          a guess with its width, never a promise. A pressing with another paper, printer or
          pressure, or an old one, counts less. Your blank’s and machine’s own instructions come
          first.
        </Typography>
      </Box>
    </Box>
  );
}
