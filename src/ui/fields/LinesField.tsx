'use client';

import TextField, { type TextFieldProps } from '@mui/material/TextField';

/** It grows to so many lines with what stands in it; then they scroll. */
const MOST_ROWS = 8;

/**
 * A field of several lines, at least as many as told. The browser itself lets it grow (CSS Basic User Interface 4,
 * `field-sizing`); measured by script it would be measured anew with every letter anywhere on the screen. A browser that
 * does not know that scrolls sooner, and it can be pulled higher.
 */
export function LinesField({ slotProps, rows, ...rest }: TextFieldProps & { rows: number }) {
  const height = { minHeight: `${rows}lh`, maxHeight: `${MOST_ROWS}lh` };
  return (
    <TextField
      {...rest}
      multiline
      rows={rows}
      sx={{ '& textarea': { resize: 'vertical', fieldSizing: 'content', ...height } }}
      slotProps={{ ...slotProps, input: { inputComponent: 'textarea' } }}
    />
  );
}
