'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useTouched } from './useTouched';

interface RadioFieldProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  row?: boolean;
  onChoose: (value: T) => void;
}

/** A few ways, told in whole lines, one of them taken. */
export function RadioField<T extends string>({
  label,
  value,
  options,
  row = false,
  onChoose,
}: RadioFieldProps<T>) {
  const [shown, touch] = useTouched(value);
  return (
    <RadioGroup row={row} aria-label={label} value={shown}>
      {options.map(([option, words]) => (
        <FormControlLabel
          key={option}
          value={option}
          control={<Radio size="small" />}
          label={words}
          onChange={() => {
            touch(option);
            onChoose(option);
          }}
        />
      ))}
    </RadioGroup>
  );
}
