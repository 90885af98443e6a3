'use client';

import IconButton from '@mui/material/IconButton';
import MoreVertIcon from '@mui/icons-material/MoreVert';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { CardActions } from './ActionsMenu';

const ActionsMenu = dynamic(() => import('./ActionsMenu').then((menu) => menu.ActionsMenu));

/** The menu of a card. */
export function CardMenu({ name, actions }: { name: string; actions: CardActions }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <IconButton
        aria-label={`More for ${name}`}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVertIcon />
      </IconButton>
      {anchor && <ActionsMenu anchor={anchor} actions={actions} onClose={() => setAnchor(null)} />}
    </>
  );
}
