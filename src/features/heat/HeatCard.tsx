'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { HeatSettings, Pressure } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { DurationField, TemperatureField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { NextStep } from '@/ui/job/NextStep';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';

const PRESSURES: readonly Pressure[] = ['light', 'medium', 'firm'];
const NOTHING_OWN: HeatSettings['own'] = { temperatureC: null, dwellS: null, pressure: null };

function useHeatEdit() {
  const { edit } = useJob();
  const change = (part: Partial<HeatSettings>, group = '') =>
    edit((job) => ({ ...job, heat: { ...job.heat, ...part } }), group);
  const own = (part: Partial<HeatSettings['own']>, group: string) =>
    edit(
      (job) => ({ ...job, heat: { ...job.heat, own: { ...job.heat.own, ...part } } }),
      `heat-${group}`,
    );
  return { change, own };
}

function Figures() {
  const { plan } = useJob();
  const { own, change } = useHeatEdit();
  const { settings } = plan.press;
  return (
    <Section title="Figures">
      {settings.temperatureC === null ? (
        <Typography sx={{ fontSize: 15 }}>
          The temperature is fixed by the machine’s own program.
        </Typography>
      ) : (
        <TemperatureField
          label="Temperature"
          value={settings.temperatureC}
          min={20}
          max={400}
          onValue={(temperatureC) => own({ temperatureC }, 'temperature')}
        />
      )}
      <DurationField
        label="Time"
        value={settings.dwellS}
        min={1}
        max={7200}
        onValue={(dwellS) => own({ dwellS }, 'dwell')}
      />
      {settings.pressure !== null && (
        <TextField
          select
          label="Pressure"
          value={settings.pressure}
          onChange={({ target }) => own({ pressure: target.value as Pressure }, 'pressure')}
        >
          {PRESSURES.map((pressure) => (
            <MenuItem key={pressure} value={pressure}>
              {pressure}
            </MenuItem>
          ))}
        </TextField>
      )}
      {settings.own && (
        <Button
          size="small"
          onClick={() => change({ own: NOTHING_OWN })}
          sx={{ alignSelf: 'flex-start' }}
        >
          Back to the usual figures
        </Button>
      )}
    </Section>
  );
}

function CoolSchool() {
  const { job, plan } = useJob();
  const { change } = useHeatEdit();
  const { cool } = plan.tools.recipe;
  return (
    <Section title="Cooling: two schools">
      <Typography sx={{ fontSize: 15 }}>{cool.difference}</Typography>
      <RadioGroup
        aria-label="Cooling school"
        value={job.heat.coolSchool}
        onChange={(_, school) => change({ coolSchool: school as HeatSettings['coolSchool'] })}
      >
        {(['A', 'B'] as const).map((school) => (
          <FormControlLabel
            key={school}
            value={school}
            control={<Radio size="small" />}
            label={cool[school].title}
          />
        ))}
      </RadioGroup>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Fully cold is the more cautious one.
      </Typography>
    </Section>
  );
}

/** The few choices of the heat. */
export function HeatCard() {
  const { job, plan } = useJob();
  const { shelf } = useBench();
  const { change } = useHeatEdit();
  return (
    <Box>
      <NextStep to="press" label="Next: press" />
      <Section title="Machine">
        <TextField
          select
          label="Heat source"
          value={job.heat.machineId}
          onChange={({ target }) => change({ machineId: target.value, own: NOTHING_OWN })}
        >
          {shelf.machines.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          Figures: {plan.tools.recipe.origin}. Your machine’s and blank’s own instructions come
          first.
        </Typography>
      </Section>
      <Figures />
      <CoolSchool />
    </Box>
  );
}
