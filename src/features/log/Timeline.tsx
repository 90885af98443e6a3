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
import { CAUSE_WORDS, FAULT_WORDS, keptLookWords, lifeWords, settingsLine } from '@/words';

/** Pressings shown at once; further ones are asked for (own choice). */
export const AT_ONCE = 30;

/** What was seen of a piece since: a line of its life, a point for each look. */
function Life({ record }: { record: PressRecord }) {
  const life = lifeOf(record);
  if (life.length === 0) return null;
  return (
    <ol aria-label="What was seen of it since">
      {life.map((entry) => (
        <li key={entry.at}>
          <span className="aside">{lifeWords(entry)}:</span> {entry.text}
        </li>
      ))}
    </ol>
  );
}

/** One pressing: how it came out, of what, by what, and its photo. */
function Entry({ record, photo }: { record: PressRecord; photo: string | undefined }) {
  const units = useUnits();
  const { faults, cause, note, jobName, blankName, machineName, simulated, test } = record;
  const kind = [
    ...(test ? ['test piece'] : []),
    ...(simulated ? ['simulated'] : []),
    ...(record.program?.conditions.again ? ['pressed again'] : []),
  ].join(', ');
  return (
    <li>
      <div>
        <p className="what">
          <OutcomeWord outcome={record.outcome} /> {jobName}
          {kind && ` (${kind})`}
        </p>
        <p className="aside">
          {blankName} · {machineName} ·{' '}
          <span className="figures">{settingsLine(record, units)}</span>
        </p>
        {faults.length > 0 && (
          <p>
            {faults.map((fault) => FAULT_WORDS[fault][0]).join(', ')}
            {cause && `; found: ${CAUSE_WORDS[cause].name.toLowerCase()}`}
          </p>
        )}
        {record.looks.map((look) => (
          <p key={look.at} className="aside">
            {keptLookWords(look)}
          </p>
        ))}
        {note && <p>{note}</p>}
        <Life record={record} />
      </div>
      {photo && (
        // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
        <img src={photo} alt={`What came of ${jobName}`} />
      )}
    </li>
  );
}

/** How days, pressings and lives look: told once for all of them, since a year's pressings come at once. */
const LOOK = {
  ...{ mt: 2, fontSize: 15, lineHeight: 1.5 },
  '& .day': { mb: 2 },
  '& p': { m: 0 },
  '& ul': { listStyle: 'none', m: 0, mt: 1, p: 0 },
  '& ul > li': {
    ...{ display: 'flex', gap: 2, py: 1.25 },
    borderTop: `1px solid ${COLOURS.hairline}`,
  },
  '& ul > li > div': { flex: 1, minWidth: 0 },
  '& ul > li > img': { width: 96, height: 96, objectFit: 'cover', borderRadius: '8px' },
  '& .what': { fontSize: 16 },
  '& .aside': { color: COLOURS.graphite },
  '& .figures': { fontFamily: FONTS.figure },
  '& ol': {
    ...{ listStyle: 'none', m: 0, mt: 0.75, p: 0, ml: 0.5 },
    borderLeft: `2px solid ${COLOURS.clover}`,
  },
  '& ol > li': { position: 'relative', pl: 2, py: 0.25 },
  '& ol > li::before': {
    ...{ content: '""', position: 'absolute', left: -6, top: 10, width: 10, height: 10 },
    ...{ borderRadius: '50%', bgcolor: COLOURS.clover },
  },
} as const;

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
    <Box component="section" aria-label="Timeline" sx={LOOK}>
      {days.map(([day, own]) => (
        <div key={day} className="day">
          <Typography variant="h3" component="h2">
            {day}
          </Typography>
          <ul>
            {own.map((record) => (
              <Entry
                key={record.id}
                record={record}
                photo={record.photoSha256 ? photos.get(record.photoSha256) : undefined}
              />
            ))}
          </ul>
        </div>
      ))}
      {records.length > most && (
        <Button variant="outlined" onClick={() => setMost(most + AT_ONCE)}>
          Show {Math.min(AT_ONCE, records.length - most)} more of {records.length - most}
        </Button>
      )}
    </Box>
  );
}
