'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import NextLink from 'next/link';
import { FAULTS, type PressRecord } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';

/** What was written down about this job before. */
export function EarlierRecords({ records }: { records: readonly PressRecord[] }) {
  const { name } = useBench();
  return (
    <Section title="Earlier pressings of this job">
      {records.length === 0 && (
        <Typography sx={{ fontSize: 15, color: COLOURS.graphite }}>
          None written down yet.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {records.map((record) => (
          <Box component="li" key={record.id} sx={{ py: 0.75, fontSize: 15 }}>
            <OutcomeWord outcome={record.outcome} /> ·{' '}
            {format(new Date(record.at), 'd MMM yyyy, HH:mm')}
            {record.faults.length > 0 && (
              <Box component="div" sx={{ fontSize: 14, color: COLOURS.graphite }}>
                {record.faults.map((fault) => FAULTS[fault][0]).join(', ')}
              </Box>
            )}
          </Box>
        ))}
      </Box>
      <Button
        component={NextLink}
        href={`/${name}/log`}
        size="small"
        sx={{ alignSelf: 'flex-start' }}
      >
        Open the log
      </Button>
    </Section>
  );
}
