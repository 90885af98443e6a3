'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { NIGHT } from '@/ui/press';
import { useUnits } from '@/ui/units';
import { parseTemperature } from '@/words/units';

/** Hottest a display is believed to show, °C. */
const MOST_C = 300;

/** What a display says on the way to its heat: told whole, not while it is typed. @param onReads °C. */
export function Reading({ name, onReads }: { name: string; onReads: (c: number) => void }) {
  const { temperature } = useUnits();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const tell = () => {
    const read = parseTemperature(text, temperature);
    if (!read.ok) return setProblem(read.reason);
    if (read.value < 0 || read.value > MOST_C) return setProblem('No display shows that.');
    setText('');
    setProblem(null);
    onReads(read.value);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        tell();
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}
    >
      <TextField
        size="small"
        label={`${name} shows`}
        value={text}
        onChange={({ target }) => setText(target.value)}
        error={problem !== null}
        helperText={problem}
        slotProps={{ htmlInput: { inputMode: 'text', autoComplete: 'off' } }}
        sx={{
          maxWidth: 210,
          '& .MuiInputBase-root, & .MuiInputLabel-root': { color: NIGHT.text },
          '& .MuiOutlinedInput-notchedOutline': { borderColor: NIGHT.onWaiting },
        }}
      />
      <Button type="submit" color="inherit" variant="outlined" sx={{ minHeight: 44 }}>
        Tell
      </Button>
    </Box>
  );
}
