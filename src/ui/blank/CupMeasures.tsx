'use client';

import {
  aroundMm,
  uprightHeightMm,
  wallOf,
  type CupForm,
  type StraightWrapForm,
  type TaperedWrapForm,
} from '@/core/form';
import { formatLength } from '@/words/units';
import { Choice } from '../fields/Choice';
import { LengthField } from '../fields/QuantityField';
import { Pair } from '../Section';
import { useUnits } from '../units';
import { UnusualStraight } from './UnusualStraight';
import { useBlankEdit } from './BlankEditor';

type Way = CupForm['girthMeasuredAs'];
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
  const { measure } = useBlankEdit();
  const measureStraight = (part: Partial<StraightWrapForm>, group: string) =>
    measure('straight-wrap', part, group);
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
        onValue={(wallHeightMm) => measureStraight({ wallHeightMm }, 'height')}
      />
      <LengthField
        label="Hump or shoulder below the rim"
        value={form.humpMm}
        min={0}
        max={500}
        helperText="the paper stops before it; 0 where the wall is straight all the way"
        onValue={(humpMm) => measureStraight({ humpMm }, 'hump')}
      />
    </>
  );
}

function TaperedMeasures({ form }: { form: TaperedWrapForm }) {
  const { measure } = useBlankEdit();
  const measureTapered = (part: Partial<TaperedWrapForm>, group: string) =>
    measure('tapered-wrap', part, group);
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

/** What a tape measure gives on a cup. */
export function CupMeasures({ form }: { form: CupForm }) {
  const { measure } = useBlankEdit();
  const set = (
    part: Partial<Pick<CupForm, 'handleGapMm' | 'rimKeepOutMm' | 'baseKeepOutMm'>>,
    group: string,
  ) => measure(form.kind, part, group);
  return (
    <>
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
        onValue={(handleGapMm) => set({ handleGapMm }, 'gap')}
      />
      <Pair>
        <LengthField
          label="Keep clear at rim"
          value={form.rimKeepOutMm}
          min={0}
          max={500}
          onValue={(rimKeepOutMm) => set({ rimKeepOutMm }, 'rim')}
        />
        <LengthField
          label="Keep clear at base"
          value={form.baseKeepOutMm}
          min={0}
          max={500}
          onValue={(baseKeepOutMm) => set({ baseKeepOutMm }, 'base')}
        />
      </Pair>
      {form.kind === 'straight-wrap' && <UnusualStraight form={form} />}
    </>
  );
}
