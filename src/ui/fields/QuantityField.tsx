'use client';

import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { failure, success, type Result } from '@/core/result';
import {
  formatDuration,
  formatLength,
  formatTemperature,
  parseDuration,
  parseLength,
  parseTemperature,
  plainlyTyped,
} from '@/words/units';
import { FONTS } from '../theme';
import { useUnits } from '../units';
import { chooseAll, useDraft } from './useDraft';

interface QuantityProps extends Omit<TextFieldProps, 'value' | 'onChange' | 'onBlur'> {
  /** Null where it is not known; then the field is empty. */
  value: number | null;
  onValue: (value: number) => void;
  /** Takes the figure away; absent where there has to be one. */
  onClear?: () => void;
  format: (value: number) => string;
  parse: (text: string) => Result<number>;
  /** Bounds in the core's unit; outside them the field says so and keeps the last good figure. */
  min?: number;
  max?: number;
}

/** A figure with its unit. */
function QuantityField(props: QuantityProps) {
  const { value, onValue, onClear, format, parse, min, max, ...rest } = props;
  function judge(text: string): Result<number | null> {
    if (onClear && text.trim() === '') return success(null);
    const read = parse(text);
    if (!read.ok) return read;
    if (min !== undefined && read.value < min - 1e-6) {
      return failure(`At least ${format(min)} is needed here.`);
    }
    if (max !== undefined && read.value > max + 1e-6) {
      return failure(`At most ${format(max)} is possible here.`);
    }
    return read;
  }

  const { field, problem } = useDraft({
    text: value === null ? '' : format(value),
    read: judge,
    onValue: (read: number | null) => (read === null ? onClear?.() : onValue(read)),
  });
  return (
    <TextField
      {...rest}
      {...field}
      error={problem !== null}
      helperText={problem ?? rest.helperText}
      onFocus={chooseAll}
      slotProps={{
        ...rest.slotProps,
        htmlInput: { inputMode: 'text', autoComplete: 'off', style: { fontFamily: FONTS.figure } },
      }}
    />
  );
}

type FieldProps = Omit<QuantityProps, 'format' | 'parse'>;

/** A length: `9 3/8`, `9.375 in` and `238 mm` all work; the value is mm. */
export function LengthField(props: FieldProps) {
  const { length } = useUnits();
  return (
    <QuantityField
      format={(mm) => formatLength(mm, length)}
      parse={(text) => parseLength(text, length)}
      {...props}
    />
  );
}

/** A signed length, for offsets. */
export function OffsetField(props: FieldProps) {
  const { length } = useUnits();
  return (
    <QuantityField
      format={(mm) => formatLength(mm, length)}
      parse={(text) => {
        const [, sign, size = ''] = /^([-+]?)(.*)$/.exec(plainlyTyped(text)) ?? [];
        const read = parseLength(size, length);
        return read.ok && sign === '-' ? success(-read.value) : read;
      }}
      {...props}
    />
  );
}

/** A temperature in the user's unit or any typed one; the value is °C. */
export function TemperatureField(props: FieldProps) {
  const { temperature } = useUnits();
  return (
    <QuantityField
      format={(c) => formatTemperature(c, temperature)}
      parse={(text) => parseTemperature(text, temperature)}
      {...props}
    />
  );
}

/** A time: `60 s`, `3 min`, `3:00`; the value is seconds. */
export function DurationField(props: FieldProps) {
  return <QuantityField format={formatDuration} parse={parseDuration} {...props} />;
}
