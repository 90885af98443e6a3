'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { heatLine } from '@/words';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';

const MIRRORED_BY = {
  file: 'the file',
  driver: 'the print dialog',
  printer: 'the printer',
  nobody: 'nobody',
} as const;

/** The settings that go into the record by themselves. */
export function UsedSettings() {
  const { job, plan, run } = useJob();
  const units = useUnits();
  const { machine, paper, printer } = plan.tools;
  // what was begun is what goes in, whatever the job says by now
  const begun = run?.programs[run.things[0]?.program ?? 0];
  const pass = begun?.passes.find(({ transfer }) => transfer === job.transfer);
  const rows: readonly (readonly [string, string])[] = [
    ['Blank', job.blank.name],
    ['Machine', pass?.machineName ?? machine.name],
    ['Figures', heatLine({ ...plan.press, ...(pass && { settings: pass.settings }) }, units)],
    ['Paper', paper.name],
    ['Printer', printer.name],
    ['Mirrored by', MIRRORED_BY[plan.mirror.by]],
  ];
  return (
    <Section title="Goes in by itself">
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: '110px 1fr', rowGap: 0.75 }}
      >
        {rows.map(([name, value]) => (
          <Box key={name} sx={{ display: 'contents' }}>
            <Typography component="dt" sx={{ fontSize: 14, color: COLOURS.graphite }}>
              {name}
            </Typography>
            <Typography
              component="dd"
              sx={{ m: 0, fontSize: 14, fontFamily: name === 'Figures' ? FONTS.figure : undefined }}
            >
              {value}
            </Typography>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
