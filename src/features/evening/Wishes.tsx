'use client';

import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { MOST_BREAKS, thingsIn, type EveningWish, type Job } from '@/core/model';
import { Choice } from '@/ui/fields/Choice';
import { CountField } from '@/ui/fields/CountField';
import { COLOURS } from '@/ui/theme';

export interface WishesProps {
  jobs: readonly Job[];
  chosen: ReadonlySet<string>;
  onChosen: (chosen: ReadonlySet<string>) => void;
  wish: EveningWish;
  onWish: (wish: EveningWish) => void;
}

const DAY_MIN = 24 * 60;
/** “19:00” as minutes after midnight; null where it is none. */
const minutesOf = (time: string): number | null => {
  const [hours, minutes] = time.split(':').map(Number);
  return hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)
    ? null
    : (60 * hours + minutes) % DAY_MIN;
};
const timeOf = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** Breaks from when, for how long: added, changed and taken away. */
function Breaks({ wish, onWish }: Pick<WishesProps, 'wish' | 'onWish'>) {
  const { breaks, beginsAt } = wish;
  const set = (next: EveningWish['breaks']) => onWish({ ...wish, breaks: next });
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
      <Typography component="legend" variant="h3" sx={{ mb: 1 }}>
        Breaks
      </Typography>
      {breaks.map(({ at, lastsMin }, i) => {
        const change = (next: Partial<EveningWish['breaks'][number]>) =>
          set(breaks.map((each, nth) => (nth === i ? { ...each, ...next } : each)));
        return (
          <Box key={i} sx={{ display: 'flex', gap: 1, mb: 1.5, alignItems: 'center' }}>
            <TextField
              label={`Break ${i + 1} from`}
              type="time"
              size="small"
              sx={{ width: 136, flexShrink: 0 }}
              value={timeOf(at)}
              onChange={({ target }) => change({ at: minutesOf(target.value) ?? at })}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            <CountField
              label="Minutes"
              value={lastsMin}
              min={1}
              max={240}
              onValue={(next) => change({ lastsMin: next })}
            />
            <IconButton
              aria-label={`Take break ${i + 1} away`}
              onClick={() => set(breaks.filter((_, nth) => nth !== i))}
            >
              <CloseIcon />
            </IconButton>
          </Box>
        );
      })}
      {breaks.length < MOST_BREAKS && (
        <Button
          size="small"
          onClick={() => set([...breaks, { at: (beginsAt + 60) % DAY_MIN, lastsMin: 15 }])}
        >
          Add a break
        </Button>
      )}
    </Box>
  );
}

/** What is to be pressed in the evening, by whom, from when. */
export function Wishes({ jobs, chosen, onChosen, wish, onWish }: WishesProps) {
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
        value={timeOf(wish.beginsAt)}
        onChange={({ target }) =>
          onWish({ ...wish, beginsAt: minutesOf(target.value) ?? wish.beginsAt })
        }
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <TextField
        label="To be done by"
        type="time"
        value={wish.endsBy === null ? '' : timeOf(wish.endsBy)}
        onChange={({ target }) => onWish({ ...wish, endsBy: minutesOf(target.value) })}
        slotProps={{ inputLabel: { shrink: true } }}
        helperText="Leave it empty where it does not matter"
      />
      <Breaks wish={wish} onWish={onWish} />
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
