'use client';

import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';

/** Something that can be chosen, and what it does. */
export interface Choice {
  readonly key: string;
  readonly label: string;
  readonly run: () => void;
}

/** A button that opens a list of choices. */
export function Choices({ label, choices }: { label: string; choices: readonly Choice[] }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  if (choices.length === 0) return null;
  return (
    <>
      <Button
        color="inherit"
        variant="outlined"
        aria-haspopup="menu"
        onClick={({ currentTarget }) => setAt(currentTarget)}
      >
        {label}
      </Button>
      <Menu anchorEl={at} open={at !== null} onClose={() => setAt(null)}>
        {choices.map(({ key, label: text, run }) => (
          <MenuItem
            key={key}
            sx={{ minHeight: 48 }}
            onClick={() => {
              setAt(null);
              run();
            }}
          >
            {text}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
