'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lastTimes, type SettingTally } from '@/core/log';
import { useAlike } from '@/ui/job/useAlike';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { spoiledWords, triedWords } from '@/words';
import { useHeatEdit } from './useHeatEdit';

/** Settings that are listed, at most. */
const MOST_TRIED = 4;

/** What happened the last times with the like of it: what was tried, and what was otherwise where it was spoiled. */
export function LastTimes() {
  const { job, plan } = useJob();
  const units = useUnits();
  const { change } = useHeatEdit();
  const { same, kin } = useAlike();
  const { machine } = plan.tools;
  const records = same.length > 0 ? same : kin;
  if (records.length === 0) return null;
  const { tried, spoiled } = lastTimes(records, machine.name);
  const { settings } = plan.press;
  const isSet = ({ temperatureC, dwellS }: SettingTally) =>
    Math.round(dwellS) === Math.round(settings.dwellS) &&
    Math.round(temperatureC ?? 0) === Math.round(settings.temperatureC ?? 0);
  const take = ({ temperatureC, dwellS }: SettingTally) =>
    change({ own: { ...job.heat.own, temperatureC, dwellS } });
  return (
    <Section title={same.length > 0 ? 'Pressed before' : 'Pressed before, on the like of it'}>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {tried.slice(0, MOST_TRIED).map((each) => {
          const here = each.machineName === machine.name;
          const worth = here && each.counts.good > 0 && !isSet(each);
          return (
            <Box
              component="li"
              key={`${each.machineName} ${each.temperatureC} ${each.dwellS}`}
              sx={{ py: 0.5, fontSize: 15, color: here ? COLOURS.ink : COLOURS.graphite }}
            >
              {triedWords(each, units)}
              {worth && (
                <Button size="small" sx={{ ml: 0.5 }} onClick={() => take(each)}>
                  Take these figures
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
      {spoiled.map(({ record, otherwise }) => (
        <Typography key={record.id} sx={{ fontSize: 15 }}>
          {spoiledWords(record, otherwise, units)}
        </Typography>
      ))}
    </Section>
  );
}
