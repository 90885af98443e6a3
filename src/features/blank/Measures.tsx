'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { aroundMm, convertForm, FORMS, uprightHeightMm, wallOf } from '@/core/blank';
import type { BlankForm, StraightWrapForm, TaperedWrapForm } from '@/core/model';
import { formatLength } from '@/core/units';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { Pair, Section } from '@/ui/Section';
import { useUnits } from '@/ui/units';
import { useBlankEdit } from './useBlankEdit';

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChoose: (value: T) => void;
}

/** Two ways to measure, side by side. */
function Choice<T extends string>({ label, value, options, onChoose }: ChoiceProps<T>) {
  return (
    <ToggleButtonGroup
      exclusive
      fullWidth
      size="small"
      color="primary"
      value={value}
      aria-label={label}
      onChange={(_, next: T | null) => {
        if (next !== null && next !== value) onChoose(next);
      }}
    >
      {options.map(([option, words]) => (
        <ToggleButton key={option} value={option}>
          {words}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

type Way = BlankForm['girthMeasuredAs'];
const WAYS: readonly (readonly [Way, string])[] = [
  ['circumference', 'Tape all round'],
  ['diameter', 'Straight across'],
];

/** The same girth, told the other way. */
const retold = (girthMm: number, from: Way, to: Way): number =>
  to === 'diameter' ? aroundMm(girthMm, from) / Math.PI : aroundMm(girthMm, from);

/** A girth with its other reading under it. */
function GirthField(props: {
  label: string;
  girthMm: number;
  way: Way;
  onGirth: (mm: number) => void;
}) {
  const { length } = useUnits();
  const { label, girthMm, way, onGirth } = props;
  const around = aroundMm(girthMm, way);
  const other =
    way === 'circumference'
      ? `${formatLength(around / Math.PI, length)} across`
      : `${formatLength(around, length)} all round`;
  return (
    <LengthField
      label={label}
      value={girthMm}
      min={1}
      max={5000}
      helperText={other}
      onValue={onGirth}
    />
  );
}

function StraightMeasures({ form }: { form: StraightWrapForm }) {
  const { measureStraight } = useBlankEdit();
  const way = form.girthMeasuredAs;
  return (
    <>
      <Choice
        label="How the girth was measured"
        value={way}
        options={WAYS}
        onChoose={(next) =>
          measureStraight(
            { girthMeasuredAs: next, girthMm: retold(form.girthMm, way, next) },
            'way',
          )
        }
      />
      <GirthField
        label={way === 'circumference' ? 'Circumference' : 'Diameter'}
        girthMm={form.girthMm}
        way={way}
        onGirth={(girthMm) => measureStraight({ girthMm }, 'girth')}
      />
      <LengthField
        label="Wall height"
        value={form.wallHeightMm}
        min={1}
        max={1000}
        helperText="straight part only"
        onValue={(wallHeightMm) => measureStraight({ wallHeightMm }, 'height')}
      />
    </>
  );
}

function TaperedMeasures({ form }: { form: TaperedWrapForm }) {
  const { measureTapered } = useBlankEdit();
  const way = form.girthMeasuredAs;
  return (
    <>
      <Choice
        label="How the girths were measured"
        value={way}
        options={WAYS}
        onChoose={(next) =>
          measureTapered(
            {
              girthMeasuredAs: next,
              rimGirthMm: retold(form.rimGirthMm, way, next),
              baseGirthMm: retold(form.baseGirthMm, way, next),
            },
            'way',
          )
        }
      />
      <Pair>
        <GirthField
          label="At the rim"
          girthMm={form.rimGirthMm}
          way={way}
          onGirth={(rimGirthMm) => measureTapered({ rimGirthMm }, 'rim-girth')}
        />
        <GirthField
          label="At the base"
          girthMm={form.baseGirthMm}
          way={way}
          onGirth={(baseGirthMm) => measureTapered({ baseGirthMm }, 'base-girth')}
        />
      </Pair>
      <Choice
        label="How the height was measured"
        value={form.heightMeasuredAs}
        options={[
          ['slant', 'Along the wall'],
          ['upright', 'Straight up'],
        ]}
        onChoose={(next) => {
          const wall = wallOf(form);
          const heightMm = next === 'slant' ? wall.slantMm : uprightHeightMm(wall);
          measureTapered({ heightMeasuredAs: next, heightMm }, 'height-way');
        }}
      />
      <LengthField
        label="Wall height"
        value={form.heightMm}
        min={1}
        max={1000}
        onValue={(heightMm) => measureTapered({ heightMm }, 'height')}
      />
    </>
  );
}

/** What a tape measure gives, by the shape of the cup. */
export function Measures() {
  const { job } = useJob();
  const { setForm, measureCup } = useBlankEdit();
  const { form } = job.blank;
  return (
    <Section title="Measures">
      <Choice
        label="Shape of the cup"
        value={form.kind}
        options={[
          ['straight-wrap', FORMS['straight-wrap'].label],
          ['tapered-wrap', FORMS['tapered-wrap'].label],
        ]}
        onChoose={(kind) => setForm((old) => convertForm(old, kind))}
      />
      {form.kind === 'straight-wrap' ? (
        <StraightMeasures form={form} />
      ) : (
        <TaperedMeasures form={form} />
      )}
      <LengthField
        label="Handle gap"
        value={form.handleGapMm}
        min={0}
        max={1000}
        helperText={
          form.kind === 'straight-wrap' ? '0 without handle' : 'at mid-height; 0 without handle'
        }
        onValue={(handleGapMm) => measureCup({ handleGapMm }, 'gap')}
      />
      <Pair>
        <LengthField
          label="Keep clear at rim"
          value={form.rimKeepOutMm}
          min={0}
          max={500}
          onValue={(rimKeepOutMm) => measureCup({ rimKeepOutMm }, 'rim')}
        />
        <LengthField
          label="Keep clear at base"
          value={form.baseKeepOutMm}
          min={0}
          max={500}
          onValue={(baseKeepOutMm) => measureCup({ baseKeepOutMm }, 'base')}
        />
      </Pair>
    </Section>
  );
}
