'use client';

import MenuItem from '@mui/material/MenuItem';
import type { Machine, Pressure } from '@/core/model';
import { MACHINES } from '@/core/traits';
import { useBench } from '@/ui/bench/BenchProvider';
import { SelectField } from '@/ui/fields/SelectField';
import { Choice } from '@/ui/fields/Choice';
import { NumberField } from '@/ui/fields/NumberField';
import { DurationField, LengthField, TemperatureField } from '@/ui/fields/QuantityField';
import { Pair } from '@/ui/Section';
import { degreesIn, fromDegrees } from '@/words/units';
import { WordsField } from '@/ui/fields/WordsField';
import { SwitchField } from '@/ui/fields/SwitchField';

const PRESSURES: readonly Pressure[] = ['light', 'medium', 'firm'];
/** What a timer is taken to end at while it is not known, s. */
const USUAL_TIMER_S = 999;
const MOST_LETTERS = 60;

const between = (least: number, most: number) => (text: string) => {
  const number = Number(text.trim().replace(',', '.').replace('−', '-'));
  return text.trim() !== '' && number >= least && number <= most ? number : null;
};

/** Degrees of the display that stand for a difference in °C, as they are typed. */
const degrees = (c: number, unit: Machine['displayUnit']) =>
  Math.round(degreesIn(c, unit) * 10) / 10;

interface PartProps {
  machine: Machine;
  /** Keeps what was learnt of it on the shelf. */
  change: (part: Partial<Machine>) => void;
}

function Display({ machine, change }: PartProps) {
  const { displayUnit: unit } = machine;
  return (
    <>
      <Choice
        label="Unit of its display"
        value={unit}
        options={[
          ['°F', '°F'],
          ['°C', '°C'],
        ]}
        onChoose={(displayUnit) => change({ displayUnit })}
      />
      <Pair>
        <NumberField
          label={`It steps by, ${unit}`}
          value={machine.displayStep}
          read={between(0.1, 50)}
          asks="From 0.1 to 50 degrees."
          onValue={(displayStep) => change({ displayStep })}
        />
        <NumberField
          label={`Plate less display, ${unit}`}
          value={degrees(machine.displayOffsetC, unit)}
          read={between(-60, 60)}
          asks="From −60 to 60 degrees; a plate that reads 390 at 395 is −5."
          onValue={(d) => change({ displayOffsetC: fromDegrees(d, unit) })}
        />
      </Pair>
      <NumberField
        label={`Drops on thick things by, ${unit}`}
        value={degrees(machine.dropC, unit)}
        read={between(0, 40)}
        asks="From 0 to 40 degrees."
        onValue={(d) => change({ dropC: fromDegrees(d, unit) })}
      />
    </>
  );
}

function Plate({ machine, change }: PartProps) {
  const { plate } = machine;
  if (!plate) return null;
  return (
    <>
      <Pair>
        <LengthField
          label="Plate width"
          value={plate.widthMm}
          min={20}
          max={1500}
          onValue={(widthMm) => change({ plate: { ...plate, widthMm } })}
        />
        <LengthField
          label="Plate height"
          value={plate.heightMm}
          min={20}
          max={1500}
          onValue={(heightMm) => change({ plate: { ...plate, heightMm } })}
        />
      </Pair>
      <LengthField
        label="Cooler border all round"
        value={machine.coolBorderMm}
        min={0}
        max={Math.min(100, Math.min(plate.widthMm, plate.heightMm) / 2 - 5)}
        onValue={(coolBorderMm) => change({ coolBorderMm })}
      />
      <SwitchField
        label="It has a soft pad"
        checked={machine.pad}
        onTurn={(pad) => change({ pad })}
      />
    </>
  );
}

/** A part: which press of the shelf it is put on. In an evening that press wears one part at a time. */
function OnPress({ machine, change }: PartProps) {
  const { shelf } = useBench();
  if (MACHINES[machine.kind].changes !== 'part') return null;
  const presses = shelf.machines.filter(({ kind }) => MACHINES[kind].changes === 'press');
  return (
    <SelectField
      size="small"
      label="The press it is put on"
      value={presses.some(({ id }) => id === machine.onPress) ? machine.onPress : ''}
      onChange={({ target }) => change({ onPress: target.value || null })}
      helperText="In an evening a press wears one part at a time."
    >
      <MenuItem value="">One of its own</MenuItem>
      {presses.map(({ id, name }) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </SelectField>
  );
}

function Abilities({ machine, change }: PartProps) {
  const timed = machine.timerMaxS !== null;
  return (
    <>
      {machine.maxC !== null && (
        <TemperatureField
          label="Hottest it goes"
          value={machine.maxC}
          min={50}
          max={400}
          onValue={(maxC) => change({ maxC })}
        />
      )}
      {machine.warmUpS !== null && (
        <DurationField
          label="Warms up in"
          value={machine.warmUpS}
          min={1}
          max={7200}
          onValue={(warmUpS) => change({ warmUpS })}
        />
      )}
      <SwitchField
        label="Its timer ends somewhere"
        checked={timed}
        onTurn={(on) => change({ timerMaxS: on ? USUAL_TIMER_S : null })}
      />
      {machine.timerMaxS !== null && (
        <DurationField
          label="Longest its timer runs"
          value={machine.timerMaxS}
          min={5}
          max={7200}
          onValue={(timerMaxS) => change({ timerMaxS })}
        />
      )}
      {machine.plate &&
        PRESSURES.map((pressure) => (
          <SwitchField
            key={pressure}
            label={`It can press ${pressure === 'medium' ? 'medium' : `${pressure}ly`}`}
            small
            checked={machine.pressures.includes(pressure)}
            onTurn={(on) =>
              change({
                pressures: PRESSURES.filter((each) =>
                  each === pressure ? on : machine.pressures.includes(each),
                ),
              })
            }
          />
        ))}
    </>
  );
}

/** What is known of a machine: its name, display, plate and reach. */
export function MachineTraits(props: PartProps) {
  const { machine, change } = props;
  return (
    <>
      <WordsField
        key={machine.id}
        label="What you call it"
        value={machine.name}
        most={MOST_LETTERS}
        needed="A machine needs a name; it keeps its last one."
        onWords={(name) => change({ name: name.trim() })}
      />
      <OnPress {...props} />
      <Display {...props} />
      <Plate {...props} />
      <Abilities {...props} />
    </>
  );
}
