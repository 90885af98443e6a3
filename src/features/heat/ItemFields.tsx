'use client';

import Typography from '@mui/material/Typography';
import { SwitchField } from '@/ui/fields/SwitchField';
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
      <SwitchField
        label="Cover paper was used before"
        checked={heat.cover === 'used'}
        onTurn={(used) => change({ cover: used ? 'used' : 'fresh' })}
      />
      {plan.tools.recipe.needsPad && (
        <SwitchField
          label="A soft pad lies under it"
          checked={heat.pad}
          onTurn={(pad) => change({ pad })}
        />
      )}
      <SwitchField
        label="It carries finished dye already"
        checked={heat.overDye}
        onTurn={(overDye) => change({ overDye })}
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
