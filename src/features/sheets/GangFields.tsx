'use client';

import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { withItem, withSheet } from '@/core/job';
import { MAX_COPIES, thingsIn, type SheetChoices } from '@/core/model';
import { CountField } from '@/ui/fields/CountField';
import { LengthField } from '@/ui/fields/QuantityField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';

/** How many are made, and how their pieces share sheets. */
export function GangFields() {
  const { job, plan, edit, pathTo } = useJob();
  const { gang } = job.sheet;
  const [only, ...others] = job.items;
  const change = (part: Partial<SheetChoices['gang']>) =>
    edit((old) => withSheet(old, { gang: { ...old.sheet.gang, ...part } }));
  const many = plan.pieces.reduce((sum, { copies }) => sum + copies, 0) > 1;
  const toggle = (label: string, key: 'together' | 'turn' | 'straightCuts') => (
    <SwitchField label={label} checked={gang[key]} onTurn={(on) => change({ [key]: on })} />
  );
  return (
    <Section title="How many">
      {only && others.length === 0 ? (
        <CountField
          label="Copies of the whole job"
          value={only.copies}
          min={1}
          max={MAX_COPIES}
          onValue={(copies) => edit((old) => withItem(old, only.id, { copies }), 'copies')}
        />
      ) : (
        <Typography>
          {thingsIn(job)} things in {job.items.length} rows.{' '}
          <Link component={NextLink} href={pathTo('art')}>
            Change them at Art
          </Link>
        </Typography>
      )}
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
