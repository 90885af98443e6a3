'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTouched } from './useTouched';

interface ChoiceProps<T extends string | number> {
  label: string;
  value: T | null;
  options: readonly (readonly [T, string])[];
  onChoose: (value: T) => void;
}

/** A few ways side by side, one of them taken. */
export function Choice<T extends string | number>({
  label,
  value,
  options,
  onChoose,
}: ChoiceProps<T>) {
  const [shown, touch] = useTouched(value);
  return (
    <ToggleButtonGroup
      exclusive
      fullWidth
      size="small"
      color="primary"
      value={shown}
      aria-label={label}
      onChange={(_, next: T | null) => {
        if (next === null || next === shown) return;
        touch(next);
        onChoose(next);
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
