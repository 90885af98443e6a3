'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { driftIn } from '@/core/log';
import { NOTHING_OWN, type Machine } from '@/core/model';
import { plateDriftIn } from '@/core/press';
import { freeName } from '@/core/shelf';
import { SelectField } from '@/ui/fields/SelectField';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { useLog } from '@/ui/bench/useLog';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import { displayReasons, displayText, driftWords, plateDriftWords } from '@/words';
import { MachineTraits } from './MachineTraits';
import { ReadingsDialog } from './readings/ReadingsDialog';
import { newId } from '@/store';
import { useHeatEdit } from './useHeatEdit';

/** What its measurings and the log tell of a machine that has begun to heat otherwise; nothing where it has not. */
function Drifts({ machine, onMeasure }: { machine: Machine; onMeasure: () => void }) {
  const records = useLog();
  const drift = useMemo(
    () => driftIn((records ?? []).filter(({ machineId }) => machineId === machine.id)),
    [records, machine.id],
  );
  const plateDrift = plateDriftIn(machine.measured);
  const told = [
    ...(plateDrift ? [plateDriftWords(plateDrift, machine.displayUnit)] : []),
    ...(drift ? [driftWords(drift)] : []),
  ];
  return told.map((words) => (
    <Alert key={words} severity="warning">
      {words}
      <Button
        color="inherit"
        variant="outlined"
        size="small"
        sx={{ display: 'block', mt: 1 }}
        onClick={onMeasure}
      >
        Measure it
      </Button>
    </Alert>
  ));
}

/** The heat source, and what must be known of it; changes are kept on the shelf for every job. */
export function MachineFields() {
  const { job, plan } = useJob();
  const { shelf, addToShelf } = useBench();
  const { change } = useHeatEdit();
  // as it is on the shelf by now: the plan may still be of before the last change
  const machine =
    shelf.machines.find(({ id }) => id === plan.tools.machine.id) ?? plan.tools.machine;
  const units = useUnits();
  const [measures, setMeasures] = useState(false);
  const { display } = plan.press;
  const why = display ? displayReasons(display, units) : [];
  const learn = (part: Partial<Machine>) =>
    void addToShelf({ machines: [{ ...machine, ...part, origin: 'own setting' }] });
  /** A second machine of the same kind, with a name of its own to be told apart by. */
  async function another() {
    const id = newId();
    const name = freeName(machine.name, shelf.machines);
    await addToShelf({ machines: [{ ...machine, id, name, origin: 'own setting' }] });
    change({ machineId: id });
  }
  return (
    <Section title="Machine">
      <SelectField
        label="Heat source"
        value={job.heat.machineId}
        onChange={({ target }) => change({ machineId: target.value, own: NOTHING_OWN })}
      >
        {shelf.machines.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </SelectField>
      <Drifts machine={machine} onMeasure={() => setMeasures(true)} />
      {display && why.length > 0 && (
        <Typography sx={{ fontSize: 15 }}>
          Set it to <strong>{displayText(display)}</strong>. {why.join(' ')}
        </Typography>
      )}
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Figures: {plan.tools.recipe.origin}. Your machine’s and blank’s own instructions come first.
      </Typography>
      <Tucked title="What it can do" now={machine.origin}>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          Kept for every job with this machine.
        </Typography>
        <Button variant="outlined" size="small" onClick={() => setMeasures(true)}>
          Measure it with a thermometer or strips
        </Button>
        <MachineTraits machine={machine} change={learn} />
        <Button size="small" onClick={() => void another()}>
          Add another like it
        </Button>
      </Tucked>
      {measures && (
        <ReadingsDialog
          machine={machine}
          onClose={() => setMeasures(false)}
          onKeep={(measured) => {
            learn(measured);
            setMeasures(false);
          }}
        />
      )}
    </Section>
  );
}
