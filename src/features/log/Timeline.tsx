'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { lifeOf } from '@/core/log';
import type { PressRecord } from '@/core/model';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { CAUSE_WORDS, FAULT_WORDS, lifeWords, settingsLine } from '@/words';

/** Pressings shown at once; further ones are asked for (own choice). */
const AT_ONCE = 30;

/** What was seen of a piece since: a line of its life, a point for each look. */
function Life({ record }: { record: PressRecord }) {
  const life = lifeOf(record);
  if (life.length === 0) return null;
  return (
    <Box
      component="ol"
      aria-label="What was seen of it since"
      sx={{
        listStyle: 'none',
        m: 0,
        mt: 0.75,
        p: 0,
        borderLeft: `2px solid ${COLOURS.clover}`,
        ml: 0.5,
      }}
    >
      {life.map((entry) => (
        <Box
          component="li"
          key={entry.at}
          sx={{
            ...{ position: 'relative', pl: 2, py: 0.25, fontSize: 15 },
            '&::before': {
              ...{ content: '""', position: 'absolute', left: -6, top: 10, width: 10, height: 10 },
              ...{ borderRadius: '50%', bgcolor: COLOURS.clover },
            },
          }}
        >
          <Box component="span" sx={{ color: COLOURS.graphite }}>
            {lifeWords(entry)}:
          </Box>{' '}
          {entry.text}
        </Box>
      ))}
    </Box>
  );
}

/** One pressing: how it came out, of what, by what, and its photo. */
function Entry({ record, photo }: { record: PressRecord; photo: string | undefined }) {
  const units = useUnits();
  const { faults, cause, note, jobName, blankName, machineName, simulated, test } = record;
  const kind = [test ? 'test piece' : '', simulated ? 'simulated' : ''].filter(Boolean).join(', ');
  return (
    <Box
      component="li"
      sx={{ display: 'flex', gap: 2, py: 1.25, borderTop: `1px solid ${COLOURS.hairline}` }}
    >
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontSize: 16 }}>
          <OutcomeWord outcome={record.outcome} /> {jobName}
          {kind && ` (${kind})`}
        </Typography>
        <Typography sx={{ fontSize: 15, color: COLOURS.graphite }}>
          {blankName} · {machineName} ·{' '}
          <span style={{ fontFamily: FONTS.figure }}>{settingsLine(record, units)}</span>
        </Typography>
        {faults.length > 0 && (
          <Typography sx={{ fontSize: 15 }}>
            {faults.map((fault) => FAULT_WORDS[fault][0]).join(', ')}
            {cause && `; found: ${CAUSE_WORDS[cause].name.toLowerCase()}`}
          </Typography>
        )}
        {note && <Typography sx={{ fontSize: 15 }}>{note}</Typography>}
        <Life record={record} />
      </Box>
      {photo && (
        // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
        <img
          src={photo}
          alt={`What came of ${jobName}`}
          style={{ width: 96, height: 96, objectFit: 'cover', borderRadius: 8 }}
        />
      )}
    </Box>
  );
}

/** The log by days, the latest first. */
export function Timeline({ records }: { records: readonly PressRecord[] }) {
  const [most, setMost] = useState(AT_ONCE);
  const shown = useMemo(
    () => [...records].sort((a, b) => b.at.localeCompare(a.at)).slice(0, most),
    [records, most],
  );
  const photos = useArtPreviews(shown.flatMap(({ photoSha256 }) => photoSha256 ?? []));
  const days = useMemo(() => {
    const found = new Map<string, PressRecord[]>();
    for (const record of shown) {
      const day = format(new Date(record.at), 'EEEE, d MMMM yyyy');
      found.set(day, [...(found.get(day) ?? []), record]);
    }
    return [...found];
  }, [shown]);
  return (
    <Box component="section" aria-label="Timeline" sx={{ mt: 2 }}>
      {days.map(([day, own]) => (
        <Box key={day} sx={{ mb: 2 }}>
          <Typography variant="h3" component="h2">
            {day}
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
            {own.map((record) => (
              <Entry
                key={record.id}
                record={record}
                photo={record.photoSha256 ? photos.get(record.photoSha256) : undefined}
              />
            ))}
          </Box>
        </Box>
      ))}
      {records.length > most && (
        <Button variant="outlined" onClick={() => setMost(most + AT_ONCE)}>
          Show {Math.min(AT_ONCE, records.length - most)} more of {records.length - most}
        </Button>
      )}
    </Box>
  );
}
