'use client';

import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState, type FormEvent } from 'react';
import { fetchByCode } from '@/ui/bench/handover';
import { useNotify } from '@/ui/notify';

/** Fetches what another device laid ready under a code. */
export function FetchByCode({ onFile }: { onFile: (file: File) => void }) {
  const notify = useNotify();
  const [code, setCode] = useState('');
  async function bringIn(event: FormEvent) {
    event.preventDefault();
    const got = await fetchByCode(code);
    if (!got.ok) return notify({ tone: 'error', text: got.reason });
    setCode('');
    onFile(got.value);
  }
  return (
    <Box
      component="form"
      onSubmit={(event: FormEvent) => void bringIn(event)}
      sx={{ display: 'flex', gap: 1, alignItems: 'center' }}
    >
      <TextField
        label="Code from another device"
        value={code}
        onChange={({ target }) => setCode(target.value.replace(/\D/g, '').slice(0, 6))}
        slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'one-time-code' } }}
      />
      <Button type="submit" variant="outlined" disabled={code.length < 6}>
        Bring it in
      </Button>
    </Box>
  );
}
