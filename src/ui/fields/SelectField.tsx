'use client';

import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useTouched } from './useTouched';

/** A list that opens, one of it taken: what was taken stands there at once. */
export function SelectField({ value, onChange, ...rest }: TextFieldProps) {
  const [shown, touch] = useTouched(value);
  return (
    <TextField
      select
      {...rest}
      value={shown}
      onChange={(event) => {
        touch(event.target.value);
        onChange?.(event);
      }}
    />
  );
}
