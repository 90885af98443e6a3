'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { NextStep } from '@/ui/job/NextStep';
import { useNotify } from '@/ui/notify';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { AboutFields, BlankEditor, Measures, SubstrateFields } from '@/ui/blank';
import { withBlank } from '@/core/job';
import type { Blank } from '@/core/model';
import { newId } from '@/store';
import { SelectField } from '@/ui/fields/SelectField';
import { WordsField } from '@/ui/fields/WordsField';

function ShelfChoice() {
  const { job, edit } = useJob();
  const { shelf } = useBench();
  const known = shelf.blanks.find(({ id }) => id === job.blank.id);
  return (
    <>
      <SelectField
        fullWidth
        label="Blank"
        value={known ? job.blank.id : ''}
        onChange={({ target }) => {
          const blank = shelf.blanks.find(({ id }) => id === target.value);
          if (blank) edit((old) => withBlank(old, blank, shelf));
        }}
      >
        {shelf.blanks.map((blank) => (
          <MenuItem key={blank.id} value={blank.id}>
            {blank.name}, {blank.origin}
          </MenuItem>
        ))}
      </SelectField>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {job.blank.origin === 'measured'
          ? 'Figures: measured by you.'
          : `Figures: ${job.blank.origin}. Nominal sizes lie: check yours with a soft tape.`}
      </Typography>
    </>
  );
}

function KeepOnShelf() {
  const { job, edit } = useJob();
  const editBlank = (change: (blank: Blank) => Blank, group = '') =>
    edit((old) => ({ ...old, blank: change(old.blank) }), group);
  const { addToShelf, shelf } = useBench();
  const notify = useNotify();

  async function keep() {
    const preset = shelf.blanks.find(({ id }) => id === job.blank.id);
    const own = preset?.origin === 'measured';
    const blank = { ...job.blank, id: own ? job.blank.id : newId() };
    await addToShelf({ blanks: [blank] });
    editBlank((old) => ({ ...old, id: blank.id }));
    notify({ tone: 'success', text: `“${blank.name}” is on your shelf.` });
  }

  return (
    <Section title="Keep it">
      <WordsField
        label="Name of this blank"
        value={job.blank.name}
        most={120}
        needed="A blank needs a name; it keeps its last one."
        onWords={(name) => editBlank((blank) => ({ ...blank, name }), 'blank-name')}
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
  const { job, edit } = useJob();
  const { shelf } = useBench();
  const change = (how: (blank: Blank) => Blank, group?: string) =>
    edit((old) => withBlank(old, how(old.blank), shelf), group);
  return (
    <>
      <NextStep to="art" label="Next: the art" />
      <Section title="Which blank">
        <ShelfChoice />
      </Section>
      <BlankEditor blank={job.blank} edit={change}>
        <Measures />
        <SubstrateFields />
        <AboutFields />
      </BlankEditor>
      <KeepOnShelf />
    </>
  );
}
