'use client';

import { useMemo } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { areTestPieces, NOTHING_OWN, type HeatSettings, type Pressure } from '@/core/model';
import { figuresFor, RECIPES } from '@/core/press';
import { formatRuns } from '@/words/units';
import { areaLine, COOL_WORDS, schoolsLine, taskWords, testPieceWords } from '@/words';
import { useUnits } from '@/ui/units';
import { useBench } from '@/ui/bench/BenchProvider';
import { RadioField } from '@/ui/fields/RadioField';
import { SelectField } from '@/ui/fields/SelectField';
import { DurationField, TemperatureField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { NextStep } from '@/ui/job/NextStep';
import { Section } from '@/ui/Section';
import { Buying } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { FiguresBeside } from './FiguresBeside';
import { ItemFields } from './ItemFields';
import { LastTimes } from './LastTimes';
import { MachineFields } from './MachineFields';
import { TransferFields } from './TransferFields';
import { ByTheHeat } from './whatIf/ByTheHeat';
import { useHeatEdit } from './useHeatEdit';

const PRESSURES: readonly Pressure[] = ['light', 'medium', 'firm'];

/** Where the figures come from, and the way back to the usual ones. */
function Origin() {
  const { job, plan } = useJob();
  const { shelf, removeFromShelf } = useBench();
  const { change } = useHeatEdit();
  const kept = figuresFor(shelf.figures, {
    blankId: job.blank.id,
    transfer: job.transfer,
    machineId: job.heat.machineId,
  });
  if (plan.press.settings.own)
    return (
      <Button
        size="small"
        onClick={() => change({ own: NOTHING_OWN })}
        sx={{ alignSelf: 'flex-start' }}
      >
        Back to the usual figures
      </Button>
    );
  if (!kept) return null;
  return (
    <>
      <Typography sx={{ fontSize: 15 }}>
        These are your figures for this blank and machine, from{' '}
        {kept.origin === 'own log' ? 'your log' : 'its maker’s sheet'}.
      </Typography>
      <Button
        size="small"
        onClick={() => void removeFromShelf('figures', kept.id)}
        sx={{ alignSelf: 'flex-start' }}
      >
        Forget them
      </Button>
    </>
  );
}

/** Of test pieces what each is pressed at; it is printed on them, so it stays. */
function FiguresOfPieces() {
  const { job, plan } = useJob();
  const units = useUnits();
  return (
    <Section title="Figures">
      {testPieceWords(job, plan.press, units).map(({ letter, figures }) => (
        <Typography key={letter} sx={{ fontSize: 16 }}>
          <strong>{letter}</strong> {figures}
        </Typography>
      ))}
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Each test piece has its own figures, and they are printed on it. For others plan another
        test.
      </Typography>
    </Section>
  );
}

function Figures() {
  const { plan } = useJob();
  const { own } = useHeatEdit();
  const { length } = useUnits();
  const { settings, timer, areaRule } = plan.press;
  return (
    <Section title="Figures">
      {settings.temperatureC === null ? (
        <Typography sx={{ fontSize: 15 }}>
          {plan.tools.machine.kind === 'iron'
            ? 'Hottest cotton setting, dry.'
            : 'The temperature is fixed by the machine’s own program.'}
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
        helperText={
          timer.length > 1
            ? `Timer: ${formatRuns(timer)}`
            : (areaLine(areaRule, length) ?? undefined)
        }
        onValue={(dwellS) => own({ dwellS }, 'dwell')}
      />
      {settings.pressure !== null && (
        <SelectField
          label="Pressure"
          value={settings.pressure}
          onChange={({ target }) => own({ pressure: target.value as Pressure }, 'pressure')}
        >
          {PRESSURES.map((pressure) => (
            <MenuItem key={pressure} value={pressure}>
              {pressure}
            </MenuItem>
          ))}
        </SelectField>
      )}
      <FiguresBeside />
      <Origin />
    </Section>
  );
}

interface SchoolsProps {
  title: string;
  label: string;
  difference: string;
  value: 'A' | 'B';
  names: Readonly<Record<'A' | 'B', string>>;
  cautious: string;
  onChoose: (school: 'A' | 'B') => void;
}

/** Two schools, their difference in a sentence, and which is the careful one. */
function Schools({ title, label, difference, value, names, cautious, onChoose }: SchoolsProps) {
  return (
    <Section title={title}>
      <Typography sx={{ fontSize: 15 }}>{difference}</Typography>
      <RadioField
        label={label}
        value={value}
        options={(['A', 'B'] as const).map((school) => [school, names[school]])}
        onChoose={onChoose}
      />
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>{cautious}</Typography>
    </Section>
  );
}

/** The choices of the heat. */
export function HeatCard() {
  const { job, plan } = useJob();
  const { change } = useHeatEdit();
  const units = useUnits();
  const alone = useMemo(() => [job], [job]);
  const { recipe } = plan.tools;
  const { cool, schoolB } = recipe;
  const { handle } = plan.press.program;
  const schoolA = RECIPES.find(({ id }) => id === recipe.id) ?? recipe;
  return (
    <Box>
      <NextStep to="press" label="Next: press" />
      <TransferFields />
      <MachineFields />
      {areTestPieces(job) ? (
        <FiguresOfPieces />
      ) : (
        <>
          <LastTimes />
          <Figures />
          <ByTheHeat />
        </>
      )}
      {schoolB && !areTestPieces(job) && (
        <Schools
          title="Figures: two schools"
          label="School for the figures"
          difference={schoolsLine(schoolA, schoolB, units)}
          value={job.heat.figureSchool}
          names={{ A: 'Cooler and short', B: 'Hotter and longer' }}
          cautious="Cooler and short is the more cautious one."
          onChoose={(figureSchool: HeatSettings['figureSchool']) =>
            change({ figureSchool, own: NOTHING_OWN })
          }
        />
      )}
      {cool.difference !== null && (
        <Schools
          title="Cooling: two schools"
          label="Cooling school"
          difference={COOL_WORDS[cool.difference]}
          value={job.heat.coolSchool}
          names={{
            A: taskWords(cool.A.does, handle).title,
            B: taskWords(cool.B.does, handle).title,
          }}
          cautious="Fully cold is the more cautious one."
          onChoose={(coolSchool) => change({ coolSchool })}
        />
      )}
      <ItemFields />
      <Section title="Stock and cost">
        <Buying jobs={alone} />
      </Section>
    </Box>
  );
}
