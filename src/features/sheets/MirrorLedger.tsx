'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RadioField } from '@/ui/fields/RadioField';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { COLOURS, FONTS } from '@/ui/theme';
import { TRANSFERS } from '@/core/transfer';
import { flipperWords } from '@/words';

const WHO = { file: 'File', driver: 'Print dialog', printer: 'Printer' } as const;

const WHO_MIRRORS = [
  ['file', 'The file'],
  ['driver', 'The print dialog'],
] as const;

/** Who flips the picture, and the count that proves it is done once. */
export function MirrorLedger() {
  const { job, plan, edit } = useJob();
  const { mirror, tools } = plan;
  const choice = tools.printer.driverCanMirror && !tools.printer.mirrorsOnItsOwn;
  return (
    <Section title="Mirror, once">
      {choice && (
        <RadioField
          row
          label="Who mirrors"
          value={job.sheet.mirrorBy}
          options={WHO_MIRRORS}
          onChoose={(mirrorBy) => edit((old) => ({ ...old, sheet: { ...old.sheet, mirrorBy } }))}
        />
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {mirror.flippers.map((flipper) => (
          <Box
            component="li"
            key={flipper.who}
            sx={{ display: 'grid', gridTemplateColumns: '64px 1fr', gap: 1, py: 0.5, fontSize: 15 }}
          >
            <Box
              component="span"
              sx={{
                fontFamily: FONTS.figure,
                fontSize: 13,
                pt: 0.25,
                color: flipper.flips ? COLOURS.bluebell : COLOURS.graphite,
                fontWeight: flipper.flips ? 500 : 400,
              }}
            >
              {flipper.flips ? 'flips' : '–'}
            </Box>
            <span>
              <strong>{WHO[flipper.who]}.</strong> {flipperWords(flipper)}
            </span>
          </Box>
        ))}
      </Box>
      <Typography
        sx={{
          fontSize: 15,
          fontWeight: 700,
          color: mirror.readsRight ? COLOURS.clover : COLOURS.ember,
        }}
      >
        {mirror.flips === 1 ? 'Flipped once' : `Flipped ${mirror.flips} times`}; laid{' '}
        {TRANSFERS[job.transfer].imageSide === 'face up' ? 'face up on' : 'face to'} the blank it{' '}
        {mirror.readsRight ? 'reads right.' : 'reads backwards.'}
      </Typography>
    </Section>
  );
}
