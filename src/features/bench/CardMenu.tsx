'use client';

import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import MoreVertIcon from '@mui/icons-material/MoreVert';
import { useState } from 'react';

/** What can be done with a job on the bench. */
export interface CardActions {
  readonly onRename: () => void;
  readonly onDuplicate: () => void;
  readonly onExport: () => void;
  readonly onHandOver: () => void;
  readonly onDelete: () => void;
}

/** The menu of a card. */
export function CardMenu({ name, actions }: { name: string; actions: CardActions }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const item = (label: string, run: () => void) => (
    <MenuItem
      onClick={() => {
        setAnchor(null);
        run();
      }}
    >
      {label}
    </MenuItem>
  );
  return (
    <>
      <IconButton
        aria-label={`More for ${name}`}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVertIcon />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {item('Rename', actions.onRename)}
        {item('Duplicate', actions.onDuplicate)}
        {item('Export job file', actions.onExport)}
        {item('Take to another device', actions.onHandOver)}
        {item('Delete', actions.onDelete)}
      </Menu>
    </>
  );
}
