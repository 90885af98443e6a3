'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { changedKeys, setupOf, type Setup, type SetupChange } from '@/core/heat';
import { thingsIn } from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { compareWords, bearsWords, settingsLine } from '@/words';
import { Changes } from './Changes';
import { Usual } from './Usual';
import { useCompared } from './useCompared';

const HeatChart = dynamic(() => import('./HeatChart').then((chart) => chart.HeatChart), {
  ssr: false,
});

/** A change of the pressing, against it as it is planned. */
function Comparison({ setup, planned }: { setup: Setup; planned: string }) {
  const { job } = useJob();
  const units = useUnits();
  const [change, setChange] = useState<SetupChange>({});
  const { compared, busy } = useCompared(setup, change, job.transfer);
  const { maxC } = job.blank.substrate;
  const changed = changedKeys(setup, change).length > 0;
  return (
    <>
      <Box
        sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', minHeight: 40 }}
      >
        <Typography variant="h2" component="h2" sx={{ flex: '1 1 320px' }}>
          What if … instead of {planned} as planned
        </Typography>
        {changed && (
          <Button size="small" onClick={() => setChange({})}>
            As planned again
          </Button>
        )}
      </Box>
      <Usual setup={setup} several={thingsIn(job) > 1} onChange={setChange} />
      <Changes
        setup={{ ...setup, ...change }}
        onChange={(more) => setChange((before) => ({ ...before, ...more }))}
      />
      <Box sx={{ height: 4 }}>{busy && <LinearProgress aria-label="Being worked out" />}</Box>
      <Box aria-live="polite" sx={{ minHeight: 54 }}>
        {changed &&
          compared &&
          !busy &&
          compareWords(compared, setup, maxC, units).map((line, i) => (
            <Typography key={line} sx={{ fontSize: 18, fontWeight: i === 1 ? 700 : 400 }}>
              {line}
            </Typography>
          ))}
        {!changed && (
          <Typography sx={{ fontSize: 18 }}>
            Change what is otherwise with you, and it is compared with the plan. Nothing of the job
            is changed by it.
          </Typography>
        )}
      </Box>
      {compared &&
        setup.plateTold &&
        bearsWords(compared, maxC, units).map((line) => (
          <Typography key={line} sx={{ fontSize: 15 }}>
            {line}
          </Typography>
        ))}
      {compared && (
        <HeatChart
          before={compared.before}
          after={changed ? compared.after : null}
          dye={TRANSFERS[job.transfer].dye}
          units={units}
        />
      )}
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Computed by conduction through the lay-up, with figures from handbooks and memory: good for
        comparing, never a promise. No handle, base or edges; nothing of it was measured on your
        machine. Your blank’s and machine’s own instructions come first.
      </Typography>
    </>
  );
}

/** What if something is otherwise than the recipe thinks: how much more or less heat comes to the picture. */
export function WhatIf() {
  const { job, plan, passId } = useJob();
  const units = useUnits();
  const pass = plan.press.passes.find(({ id }) => id === passId) ?? plan.press.passes[0];
  const setup = useMemo(() => pass && setupOf(pass, job.blank), [pass, job.blank]);
  if (!pass || !setup) return null;
  return (
    <Box
      component="section"
      aria-label="What if"
      sx={{ flex: 1, overflowY: 'auto', p: { xs: 2, sm: 3 } }}
    >
      <Box sx={{ maxWidth: 900, mx: 'auto', display: 'flex', flexDirection: 'column', gap: 1.5 }}>
        <Comparison
          key={JSON.stringify(setup)}
          setup={setup}
          planned={settingsLine(pass.settings, units)}
        />
      </Box>
    </Box>
  );
}
