'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { EveningWish } from '@/core/evening';
import { thingsIn, type Job } from '@/core/model';
import { Choice } from '@/ui/fields/Choice';
import { CountField } from '@/ui/fields/CountField';
import { COLOURS } from '@/ui/theme';

export interface WishesProps {
  jobs: readonly Job[];
  chosen: ReadonlySet<string>;
  onChosen: (chosen: ReadonlySet<string>) => void;
  wish: EveningWish;
  onWish: (wish: EveningWish) => void;
  /** “19:00”. */
  begin: string;
  onBegin: (begin: string) => void;
}

/** What is to be pressed in the evening, by whom, from when. */
export function Wishes({ jobs, chosen, onChosen, wish, onWish, begin, onBegin }: WishesProps) {
  const toggle = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    onChosen(next);
  };
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Typography component="legend" variant="h3" sx={{ mb: 1 }}>
          What is pressed
        </Typography>
        {jobs.map((job) => (
          <Box key={job.id}>
            <FormControlLabel
              control={
                <Checkbox
                  checked={chosen.has(job.id)}
                  onChange={(_, on) => toggle(job.id, on)}
                  sx={{ py: 0.5 }}
                />
              }
              label={
                <>
                  {job.name}
                  {thingsIn(job) > 1 && (
                    <Typography component="span" sx={{ color: COLOURS.graphite }}>
                      {' '}
                      · {thingsIn(job)}
                    </Typography>
                  )}
                </>
              }
            />
          </Box>
        ))}
      </Box>
      <Choice
        label="How many people"
        value={wish.people}
        options={[
          [1, 'By myself'],
          [2, 'The two of us'],
        ]}
        onChoose={(people) => onWish({ ...wish, people })}
      />
      <TextField
        label="Begin at"
        type="time"
        value={begin}
        onChange={({ target }) => onBegin(target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <CountField
        label="Things that stand free in an oven"
        value={wish.standing}
        min={1}
        max={24}
        onValue={(standing) => onWish({ ...wish, standing })}
      />
    </Box>
  );
}
