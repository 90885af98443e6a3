'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { format } from 'date-fns';
import { useState } from 'react';
import { MAX_LATER, type PressRecord } from '@/core/model';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { CAUSE_WORDS, FAULT_WORDS, keptLookWords, settingsLine } from '@/words';

interface RecordProps {
  record: PressRecord;
  /** Address of the photo of the result. */
  photo: string | undefined;
  onAdopt: () => void;
  onCorrect: () => void;
  onRemove: () => void;
  onLater: (text: string) => void;
  /** Asks what may be behind its faults. */
  onWhy: () => void;
}

const day = (at: string): string => format(new Date(at), 'd MMM yyyy, HH:mm');

/** A field for what is seen later, in wear and wash; opened when it is wanted. */
function Later({ onLater }: { onLater: (text: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  if (text === null)
    return (
      <Button size="small" onClick={() => setText('')}>
        Seen since
      </Button>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, width: '100%', mt: 1 }}>
      <TextField
        size="small"
        fullWidth
        autoFocus
        label="What was seen since"
        placeholder="After ten washes a corner lifts"
        value={text}
        onChange={({ target }) => setText(target.value.slice(0, 1000))}
      />
      <Button
        variant="outlined"
        disabled={text.trim() === ''}
        onClick={() => {
          onLater(text.trim());
          setText(null);
        }}
      >
        Add
      </Button>
    </Box>
  );
}

/** One pressing that was written down: how it came out, its photo, and what was seen since. */
export function EarlierRecord(props: RecordProps) {
  const { record, photo, onAdopt, onCorrect, onRemove, onLater, onWhy } = props;
  const units = useUnits();
  const figures = settingsLine(record, units);
  const when = day(record.at);
  const again = record.program?.conditions.again ?? null;
  return (
    <Box component="li" sx={{ py: 1, fontSize: 15, borderTop: `1px solid ${COLOURS.hairline}` }}>
      <Box sx={{ display: 'flex', gap: 1.5 }}>
        <Box sx={{ flex: 1 }}>
          <OutcomeWord outcome={record.outcome} /> · {when}
          {again && ' · pressed again'}
          {record.faults.length > 0 && (
            <Box sx={{ fontSize: 14, color: COLOURS.graphite }}>
              {record.faults.map((fault) => FAULT_WORDS[fault][0]).join(', ')}
            </Box>
          )}
          {record.items.map(({ variant, outcome }) => (
            <Box key={variant} sx={{ fontSize: 14 }}>
              {variant}: <OutcomeWord outcome={outcome} />
            </Box>
          ))}
          {record.cause && (
            <Box sx={{ fontSize: 14 }}>Found: {CAUSE_WORDS[record.cause].name.toLowerCase()}</Box>
          )}
          {record.looks.map((look) => (
            <Box key={look.at} sx={{ fontSize: 14, color: COLOURS.graphite }}>
              {keptLookWords(look)}
            </Box>
          ))}
          {record.note && <Box sx={{ fontSize: 14 }}>{record.note}</Box>}
          {record.later.map(({ at, text }) => (
            <Box key={at} sx={{ fontSize: 14, color: COLOURS.graphite }}>
              {format(new Date(at), 'd MMM yyyy')}: {text}
            </Box>
          ))}
        </Box>
        {photo && (
          // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
          <img src={photo} alt={`The result of ${when}`} style={{ width: 84, borderRadius: 6 }} />
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', mt: 0.5 }}>
        {record.outcome === 'good' && !again && (
          <Button
            size="small"
            onClick={onAdopt}
            aria-label={`Press by these figures again, ${figures}`}
          >
            Press by {figures} again
          </Button>
        )}
        {record.faults.length > 0 && (
          <Button size="small" onClick={onWhy} aria-label={`What was it, ${when}`}>
            What was it?
          </Button>
        )}
        <Button size="small" onClick={onCorrect} aria-label={`Put right, ${when}`}>
          Put right
        </Button>
        <Button size="small" onClick={onRemove} aria-label={`Delete the entry of ${when}`}>
          Delete
        </Button>
        {record.later.length < MAX_LATER && <Later onLater={onLater} />}
      </Box>
    </Box>
  );
}
