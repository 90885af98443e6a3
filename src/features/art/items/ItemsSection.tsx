'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { thingsIn } from '@/core/model';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import type { TakeIn } from '../useTakeIn';
import type { Items } from './useItems';

const ItemsDialog = dynamic(() => import('./ItemsDialog').then((m) => m.ItemsDialog));

/** How many things are made, and the table that tells them apart. */
export function ItemsSection({ items, takeIn }: { items: Items; takeIn: TakeIn }) {
  const { design } = useJob();
  const [open, setOpen] = useState(false);
  const [rows, things] = [design.items.length, thingsIn(design)];
  return (
    <Section title="What is made">
      <Typography>
        {things === 1 ? 'One thing.' : `${things} things`}
        {things > 1 && (rows === 1 ? ', all alike.' : ` in ${rows} rows.`)}
      </Typography>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        {rows > 1 ? 'Open the table' : 'Make several: pictures, names, sizes'}
      </Button>
      {open && <ItemsDialog items={items} takeIn={takeIn} onClose={() => setOpen(false)} />}
    </Section>
  );
}
