'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { withSheet } from '@/core/job';
import type { SheetChoices } from '@/core/model';
import { CountField } from '@/ui/fields/CountField';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { Section } from '@/ui/Section';

/** How many are made, and how their pieces share sheets. */
export function GangFields() {
  const { job, plan, edit } = useJob();
  const { gang, copies } = job.sheet;
  const change = (part: Partial<SheetChoices['gang']>) =>
    edit((old) => withSheet(old, { gang: { ...old.sheet.gang, ...part } }));
  const many = plan.pieces.reduce((sum, piece) => sum + piece.copies * copies, 0) > 1;
  const toggle = (label: string, key: 'together' | 'turn' | 'straightCuts') => (
    <FormControlLabel
      control={<Switch checked={gang[key]} onChange={(_, on) => change({ [key]: on })} />}
      label={label}
    />
  );
  return (
    <Section title="How many">
      <CountField
        label="Copies of the whole job"
        value={copies}
        min={1}
        max={200}
        onValue={(next) => edit((old) => withSheet(old, { copies: next }), 'copies')}
      />
      {many && (
        <>
          {toggle('Pieces share sheets', 'together')}
          {gang.together && (
            <>
              {toggle('They may be turned', 'turn')}
              {toggle('Straight cuts only, for a trimmer', 'straightCuts')}
              <LengthField
                label="Room between pieces"
                value={gang.gapMm}
                min={0}
                max={50}
                onValue={(gapMm) => change({ gapMm })}
              />
            </>
          )}
        </>
      )}
    </Section>
  );
}
