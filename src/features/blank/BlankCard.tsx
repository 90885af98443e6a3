'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { circumferenceMm, diameterMm } from '@/core/blank';
import type { Blank, BlankForm } from '@/core/model';
import { formatLength } from '@/core/units';
import { useBench } from '@/ui/bench/BenchProvider';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
import { NextStep } from '@/ui/job/NextStep';
import { useNotify } from '@/ui/notify';
import { Pair, Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { SubstrateFields } from './SubstrateFields';

function useBlankEdit() {
  const { edit } = useJob();
  const editBlank = (change: (blank: Blank) => Blank, group: string) =>
    edit((job) => ({ ...job, blank: change(job.blank) }), group);
  const measure = (part: Partial<BlankForm>, group: string) =>
    editBlank(
      (blank) => ({ ...blank, origin: 'measured', form: { ...blank.form, ...part } }),
      `blank-${group}`,
    );
  return { editBlank, measure };
}

function ShelfChoice() {
  const { job, edit } = useJob();
  const { shelf } = useBench();
  const known = shelf.blanks.find(({ id }) => id === job.blank.id);
  return (
    <>
      <TextField
        select
        fullWidth
        label="Blank"
        value={known ? job.blank.id : ''}
        onChange={({ target }) => {
          const blank = shelf.blanks.find(({ id }) => id === target.value);
          if (blank) edit((old) => ({ ...old, blank }));
        }}
      >
        {shelf.blanks.map((blank) => (
          <MenuItem key={blank.id} value={blank.id}>
            {blank.name}, {blank.origin}
          </MenuItem>
        ))}
      </TextField>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {job.blank.origin === 'measured'
          ? 'Figures: measured by you.'
          : `Figures: ${job.blank.origin}. Nominal sizes lie: check yours with a soft tape.`}
      </Typography>
    </>
  );
}

function Girth() {
  const { job } = useJob();
  const { measure } = useBlankEdit();
  const { length } = useUnits();
  const { form } = job.blank;
  const round = form.girthMeasuredAs === 'circumference';
  return (
    <>
      <ToggleButtonGroup
        exclusive
        fullWidth
        size="small"
        color="primary"
        value={form.girthMeasuredAs}
        aria-label="How the girth was measured"
        onChange={(_, way: BlankForm['girthMeasuredAs'] | null) => {
          if (way === null || way === form.girthMeasuredAs) return;
          const girthMm = way === 'diameter' ? diameterMm(form) : circumferenceMm(form);
          measure({ girthMeasuredAs: way, girthMm }, 'way');
        }}
      >
        <ToggleButton value="circumference">Tape all round</ToggleButton>
        <ToggleButton value="diameter">Straight across</ToggleButton>
      </ToggleButtonGroup>
      <LengthField
        label={round ? 'Circumference' : 'Diameter'}
        value={form.girthMm}
        min={1}
        max={5000}
        helperText={
          round
            ? `${formatLength(diameterMm(form), length)} across`
            : `${formatLength(circumferenceMm(form), length)} all round`
        }
        onValue={(girthMm) => measure({ girthMm }, 'girth')}
      />
    </>
  );
}

function Measures() {
  const { job } = useJob();
  const { measure } = useBlankEdit();
  const { form } = job.blank;
  return (
    <Section title="Measures">
      <Girth />
      <Pair>
        <LengthField
          label="Wall height"
          value={form.wallHeightMm}
          min={1}
          max={1000}
          helperText="straight part only"
          onValue={(wallHeightMm) => measure({ wallHeightMm }, 'height')}
        />
        <LengthField
          label="Handle gap"
          value={form.handleGapMm}
          min={0}
          max={1000}
          helperText="0 without handle"
          onValue={(handleGapMm) => measure({ handleGapMm }, 'gap')}
        />
        <LengthField
          label="Keep clear at rim"
          value={form.rimKeepOutMm}
          min={0}
          max={500}
          onValue={(rimKeepOutMm) => measure({ rimKeepOutMm }, 'rim')}
        />
        <LengthField
          label="Keep clear at base"
          value={form.baseKeepOutMm}
          min={0}
          max={500}
          onValue={(baseKeepOutMm) => measure({ baseKeepOutMm }, 'base')}
        />
      </Pair>
    </Section>
  );
}

function KeepOnShelf() {
  const { job } = useJob();
  const { editBlank } = useBlankEdit();
  const { addToShelf, shelf } = useBench();
  const notify = useNotify();

  async function keep() {
    const preset = shelf.blanks.find(({ id }) => id === job.blank.id);
    const own = preset?.origin === 'measured';
    const blank = { ...job.blank, id: own ? job.blank.id : crypto.randomUUID() };
    await addToShelf({ blanks: [blank] });
    editBlank((old) => ({ ...old, id: blank.id }), '');
    notify({ tone: 'success', text: `“${blank.name}” is on your shelf.` });
  }

  return (
    <Section title="Keep it">
      <TextField
        label="Name of this blank"
        value={job.blank.name}
        onChange={({ target }) => {
          const name = target.value;
          if (name.trim()) editBlank((blank) => ({ ...blank, name }), 'blank-name');
        }}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      <Button
        variant="outlined"
        disabled={job.blank.origin !== 'measured'}
        onClick={() => void keep()}
      >
        Put these measures on my shelf
      </Button>
    </Section>
  );
}

/** The few numbers of the blank. */
export function BlankCard() {
  return (
    <>
      <NextStep to="art" label="Next: the art" />
      <Section title="Which blank">
        <ShelfChoice />
      </Section>
      <Measures />
      <SubstrateFields />
      <KeepOnShelf />
    </>
  );
}
