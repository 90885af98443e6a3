'use client';

import type { ComponentType } from 'react';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import { convertForm, measuringDoubt, type FormKind } from '@/core/form';
import { misreadWords, sayIn } from '@/words';
import { SelectField } from '../fields/SelectField';
import { Section } from '../Section';
import { useUnits } from '../units';
import { FORM_KINDS, FORM_PARTS } from './formParts';
import { TapeHint } from './TapeHint';
import { useBlankEdit } from './BlankEditor';

function FormFields() {
  const { form } = useBlankEdit().blank;
  // the table guarantees that they belong together
  const Fields = FORM_PARTS[form.kind].Measures as ComponentType<{ form: typeof form }>;
  return <Fields form={form} />;
}

/** Asks back when a figure is unlikely, and takes the other reading at once. */
function Doubtful() {
  const { blank, setForm } = useBlankEdit();
  const units = useUnits();
  const doubt = measuringDoubt(blank.form);
  if (!doubt) return null;
  const { question, answer } = misreadWords(doubt.misread, sayIn(units));
  return (
    <Alert
      severity="warning"
      action={
        <Button size="small" color="inherit" onClick={() => setForm(() => doubt.instead)}>
          {answer}
        </Button>
      }
    >
      {question}
    </Alert>
  );
}

/**
 * What a tape measure gives, by the form of the blank.
 * @param asks whether unlikely figures are asked about right here; on a job the check rail does it.
 */
export function Measures({ asks = false }: { asks?: boolean }) {
  const { blank, setForm } = useBlankEdit();
  const { kind } = blank.form;
  return (
    <Section title="Measures">
      <SelectField
        label="Form"
        value={kind}
        onChange={({ target }) => setForm((old) => convertForm(old, target.value as FormKind))}
      >
        {FORM_KINDS.map((each) => (
          <MenuItem key={each} value={each}>
            {FORM_PARTS[each].label}
          </MenuItem>
        ))}
      </SelectField>
      <TapeHint kind={kind} />
      <FormFields />
      {asks && <Doubtful />}
    </Section>
  );
}
