'use client';

import { useState } from 'react';
import type { Machine, Readings } from '@/core/model';
import { readReadings } from '@/files/readingsFile';
import { LinesField } from '@/ui/fields/LinesField';
import { celsiusToF } from '@/core/units';

type Unit = Machine['displayUnit'];

const typed = ({ pressing }: Readings, unit: Unit): string =>
  pressing
    .map(({ s, plateC }) => `${s}; ${Math.round(unit === '°F' ? celsiusToF(plateC) : plateC)}`)
    .join('\n');

/** What the plate read over one pressing, a line a moment; what cannot be read is told and changes nothing. */
export function PressingField({
  unit,
  readings,
  onPressing,
}: {
  unit: Unit;
  readings: Readings;
  onPressing: (pressing: Readings['pressing']) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const read = draft !== null && draft.trim() !== '' ? readReadings(draft, unit) : null;
  const wrong =
    read && (read.ok ? read.value.places.length > 0 && 'Two figures a line.' : read.reason);
  return (
    <LinesField
      label="Over one pressing of a cold, thick thing"
      rows={4}
      placeholder={unit === '°F' ? '0; 400\n20; 388\n60; 399' : '0; 204\n20; 198\n60; 204'}
      value={draft ?? typed(readings, unit)}
      error={Boolean(wrong)}
      helperText={wrong || `Seconds since it closed; what the plate reads, ${unit}. A line each.`}
      onChange={({ target }) => {
        setDraft(target.value);
        if (target.value.trim() === '') return onPressing([]);
        const now = readReadings(target.value, unit);
        if (now.ok && now.value.places.length === 0) onPressing(now.value.pressing);
      }}
      onBlur={() => !wrong && setDraft(null)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
