'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { TRANSFER_KINDS, type TransferKind } from '@/core/model';
import { canTake } from '@/core/press';
import { TRANSFERS } from '@/core/transfer';
import { SelectField } from '@/ui/fields/SelectField';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useHeatEdit } from './useHeatEdit';
import { TRANSFER_WORDS } from '@/words';

const WaysDialog = dynamic(() => import('./WaysDialog').then((m) => m.WaysDialog));
const PacketDialog = dynamic(() => import('./PacketDialog').then((m) => m.PacketDialog));

/** By what kind of transfer, and what that kind asks for. */
export function TransferFields() {
  const { job } = useJob();
  const { transfer } = useHeatEdit();
  const [open, setOpen] = useState<'ways' | 'packet' | null>(null);
  const kind = TRANSFERS[job.transfer];
  const words = TRANSFER_WORDS[job.transfer];
  const close = () => setOpen(null);
  return (
    <Section title="Transfer">
      <SelectField
        label="Kind of transfer"
        value={job.transfer}
        onChange={({ target }) => transfer(target.value as TransferKind)}
      >
        {TRANSFER_KINDS.map((each) => (
          <MenuItem key={each} value={each} disabled={!canTake(job.blank, each)}>
            {TRANSFER_WORDS[each].label}
            {canTake(job.blank, each) ? '' : ' (not on this blank)'}
          </MenuItem>
        ))}
      </SelectField>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {kind.mirrored ? 'Mirrored, ' : 'Not mirrored, '}
        {kind.imageSide}. White: {words.white.toLowerCase()} {words.rightSide} {words.cutting}
      </Typography>
      <Button size="small" onClick={() => setOpen('ways')} sx={{ alignSelf: 'flex-start' }}>
        Weigh the ways side by side
      </Button>
      <Button size="small" onClick={() => setOpen('packet')} sx={{ alignSelf: 'flex-start' }}>
        Read a maker’s instructions
      </Button>
      {open === 'ways' && <WaysDialog onClose={close} />}
      {open === 'packet' && <PacketDialog onClose={close} />}
    </Section>
  );
}
