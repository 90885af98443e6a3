'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import NextLink from 'next/link';
import { FAULTS, type PressRecord } from '@/core/model';
import { ownFigures, settingsLine } from '@/core/press';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/JobProvider';
import { useNotify } from '@/ui/notify';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';

/** What was written down about this job before. */
export function EarlierRecords({ records }: { records: readonly PressRecord[] }) {
  const { name, shelf, addToShelf } = useBench();
  const { job } = useJob();
  const notify = useNotify();
  const units = useUnits();
  const figures = (record: PressRecord) => settingsLine({ ...record, own: true }, units);

  async function adopt({ temperatureC, dwellS, pressure, machineName }: PressRecord) {
    const machine = shelf.machines.find((each) => each.name === machineName);
    if (!machine) {
      const text = `“${machineName}” is no longer on the shelf; its figures hold on no other machine.`;
      notify({ tone: 'error', text });
      return;
    }
    await addToShelf({
      figures: [
        ownFigures({
          blankId: job.blank.id,
          transfer: job.transfer,
          machineId: machine.id,
          ...{ temperatureC, dwellS, pressure },
          origin: 'own log',
        }),
      ],
    });
    notify({
      tone: 'success',
      text: `Kept for every job with “${job.blank.name}” on ${machineName}.`,
    });
  }

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
            {record.outcome === 'good' && (
              <Button
                size="small"
                onClick={() => void adopt(record)}
                aria-label={`Press by these figures again, ${figures(record)}`}
              >
                Press by {figures(record)} again
              </Button>
            )}
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
