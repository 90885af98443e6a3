'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { useUnits } from '@/ui/units';
import { passHeatLine, TRANSFER_WORDS } from '@/words';
import { useHeatEdit } from './useHeatEdit';

/** What else is true of this item: other transfers on it, finished dye, paper and pad. */
export function ItemFields() {
  const { job, plan } = useJob();
  const { change } = useHeatEdit();
  const { heat } = job;
  const units = useUnits();
  const { passes, program } = plan.press;
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
      {passes.length > 1 && (
        <ol style={{ margin: 0, paddingLeft: 22, fontSize: 15 }}>
          {passes.map(({ id, transfer: kind }, i) => (
            <li key={id}>
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
