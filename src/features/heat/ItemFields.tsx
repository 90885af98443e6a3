'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { TRANSFER_KINDS, type TransferKind } from '@/core/model';
import { canTake } from '@/core/press';
import { useJob } from '@/ui/job/JobProvider';
import { Section } from '@/ui/Section';
import { useUnits } from '@/ui/units';
import { passHeatLine, TRANSFER_WORDS } from '@/words';
import { useHeatEdit } from './useHeatEdit';

/** What else is true of this item: other transfers on it, finished dye, paper and pad. */
export function ItemFields() {
  const { job, plan } = useJob();
  const { change } = useHeatEdit();
  const { heat, transfer, blank } = job;
  const units = useUnits();
  const { passes, program } = plan.press;
  const others = TRANSFER_KINDS.filter((kind) => kind !== transfer && canTake(blank, kind));
  return (
    <Section title="This item">
      <FormControlLabel
        control={
          <Switch
            checked={heat.cover === 'used'}
            onChange={(_, used) => change({ cover: used ? 'used' : 'fresh' })}
          />
        }
        label="Cover paper was used before"
      />
      {plan.tools.recipe.needsPad && (
        <FormControlLabel
          control={<Switch checked={heat.pad} onChange={(_, pad) => change({ pad })} />}
          label="A soft pad lies under it"
        />
      )}
      <FormControlLabel
        control={<Switch checked={heat.overDye} onChange={(_, overDye) => change({ overDye })} />}
        label="It carries finished dye already"
      />
      {others.length > 0 && (
        <TextField
          select
          label="Also goes on it"
          value={heat.also}
          slotProps={{
            select: {
              multiple: true,
              renderValue: (value) =>
                (value as TransferKind[]).map((kind) => TRANSFER_WORDS[kind].label).join(', '),
            },
          }}
          onChange={({ target }) => change({ also: target.value as unknown as TransferKind[] })}
        >
          {others.map((kind) => (
            <MenuItem key={kind} value={kind}>
              <Checkbox size="small" checked={heat.also.includes(kind)} />
              {TRANSFER_WORDS[kind].label}
            </MenuItem>
          ))}
        </TextField>
      )}
      {passes.length > 1 && (
        <ol style={{ margin: 0, paddingLeft: 22, fontSize: 15 }}>
          {passes.map(({ transfer: kind }, i) => (
            <li key={kind}>
              <Typography sx={{ fontSize: 15 }}>
                <strong>{TRANSFER_WORDS[kind].label}.</strong> {passHeatLine(program, i, units)}
              </Typography>
            </li>
          ))}
        </ol>
      )}
    </Section>
  );
}
