'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useTouched } from './useTouched';

interface SwitchFieldProps {
  label: string;
  checked: boolean;
  small?: boolean;
  onTurn: (on: boolean) => void;
}

/** Something that is so or is not, turned on and off. */
export function SwitchField({ label, checked, small = false, onTurn }: SwitchFieldProps) {
  const [shown, touch] = useTouched(checked);
  return (
    <FormControlLabel
      control={
        <Switch
          size={small ? 'small' : 'medium'}
          checked={shown}
          onChange={(_, on) => {
            touch(on);
            onTurn(on);
          }}
        />
      }
      label={label}
    />
  );
}
