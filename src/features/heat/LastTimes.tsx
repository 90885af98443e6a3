'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { isSameSetting, lastTimes, type SettingTally } from '@/core/log';
import type { PressRecord } from '@/core/model';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { useAlike } from '@/ui/job/useAlike';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { spoiledWords, triedWords } from '@/words';
import { useHeatEdit } from './useHeatEdit';

/** Settings that are listed, at most. */
const MOST_TRIED = 4;

/** Photos that are shown, at most. */
const MOST_PHOTOS = 4;

/** Photos of the latest of them, each with how it came out. */
function Photos({ records }: { records: readonly PressRecord[] }) {
  const taken = records.filter(({ photoSha256 }) => photoSha256 !== null).slice(0, MOST_PHOTOS);
  const urls = useArtPreviews(taken.flatMap(({ photoSha256 }) => photoSha256 ?? []));
  if (taken.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      {taken.map(({ id, photoSha256, outcome }) => {
        const url = photoSha256 && urls.get(photoSha256);
        return (
          <Box key={id} component="figure" sx={{ m: 0, fontSize: 14 }}>
            {url && (
              // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
              <img
                src={url}
                alt="What came of it"
                style={{ width: 72, height: 72, objectFit: 'cover', borderRadius: 6 }}
              />
            )}
            <figcaption>
              <OutcomeWord outcome={outcome} />
            </figcaption>
          </Box>
        );
      })}
    </Box>
  );
}

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
  const isSet = (each: SettingTally) => isSameSetting(each, settings);
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
      <Photos records={records} />
      {spoiled.map(({ record, otherwise }) => (
        <Typography key={record.id} sx={{ fontSize: 15 }}>
          {spoiledWords(record, otherwise, units)}
        </Typography>
      ))}
    </Section>
  );
}
