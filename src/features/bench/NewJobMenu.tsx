'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Blank } from '@/core/model';

const BlanksMenu = dynamic(() => import('./BlanksMenu').then((menu) => menu.BlanksMenu));

/** Starts a job on any blank of the shelf, by its form. */
export function NewJobMenu({
  blanks,
  onBlank,
}: {
  blanks: readonly Blank[];
  onBlank: (blank: Blank) => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        variant="contained"
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        New job
      </Button>
      {anchor && (
        <BlanksMenu
          anchor={anchor}
          blanks={blanks}
          onClose={() => setAnchor(null)}
          onBlank={(blank) => {
            setAnchor(null);
            onBlank(blank);
          }}
        />
      )}
    </>
  );
}
