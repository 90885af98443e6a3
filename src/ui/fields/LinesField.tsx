'use client';

import TextField, { type TextFieldProps } from '@mui/material/TextField';

/**
 * A field of several lines. Its height is as it was pulled, not measured by what stands in it: that would be measured anew
 * with every letter anywhere on the screen. More lines scroll.
 */
export function LinesField({ slotProps, ...rest }: TextFieldProps & { rows: number }) {
  return (
    <TextField
      {...rest}
      multiline
      sx={{ '& textarea': { resize: 'vertical' } }}
      slotProps={{ ...slotProps, input: { inputComponent: 'textarea' } }}
    />
  );
}
