'use client';

import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { Blank } from '@/core/model';
import { FORM_KINDS, FORM_PARTS } from '@/ui/blank/formParts';
/** Starts a job on any blank of the shelf, by its form. */
export function NewJobMenu({
  blanks,
  onBlank,
}: {
  blanks: readonly Blank[];
  onBlank: (blank: Blank) => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const groups = FORM_KINDS.map((kind) => ({
    kind,
    own: blanks.filter(({ form }) => form.kind === kind),
  })).filter(({ own }) => own.length > 0);
  return (
    <>
      <Button
        variant="contained"
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        New job
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        slotProps={{ paper: { sx: { maxHeight: 520 } } }}
      >
        {groups.flatMap(({ kind, own }) => [
          <ListSubheader key={kind} sx={{ lineHeight: '32px' }}>
            {FORM_PARTS[kind].label}
          </ListSubheader>,
          ...own.map((blank) => (
            <MenuItem
              key={blank.id}
              dense
              onClick={() => {
                setAnchor(null);
                onBlank(blank);
              }}
            >
              {blank.name}
            </MenuItem>
          )),
        ])}
      </Menu>
    </>
  );
}
