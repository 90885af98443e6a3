'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import { useMemo } from 'react';
import { choicesIn, FACETS, type Facet, type LogFilter } from '@/core/log';
import type { Outcome, PressRecord, TransferKind } from '@/core/model';
import { SelectField } from '@/ui/fields/SelectField';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { TRANSFER_WORDS } from '@/words';

const LABELS: Readonly<Record<Facet, string>> = {
  blankName: 'Blank',
  transfer: 'Transfer',
  machineName: 'Machine',
  paperName: 'Paper',
  printerName: 'Printer',
  outcome: 'Result',
};

/** What a value of a facet is called. */
const called = (facet: Facet, value: string): string => {
  if (facet === 'outcome') return OUTCOMES[value as Outcome].word;
  if (facet === 'transfer') return TRANSFER_WORDS[value as TransferKind].label;
  return value;
};

/** Narrows the log: one list for each thing that differs in it. */
export function LogFilters({
  records,
  filter,
  onFilter,
}: {
  records: readonly PressRecord[];
  filter: LogFilter;
  onFilter: (filter: LogFilter) => void;
}) {
  const choices = useMemo(() => choicesIn(records), [records]);
  const shown = FACETS.filter((facet) => choices[facet].length > 0);
  if (shown.length === 0) return null;
  const set = (facet: Facet, value: string) => {
    const others = Object.entries(filter).filter(([each]) => each !== facet);
    onFilter(
      Object.fromEntries([...others, ...(value === '' ? [] : [[facet, value]])]) as LogFilter,
    );
  };
  return (
    <Box
      role="group"
      aria-label="Show only"
      sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}
    >
      {shown.map((facet) => (
        <SelectField
          key={facet}
          size="small"
          label={LABELS[facet]}
          value={filter[facet] ?? ''}
          onChange={({ target }) => set(facet, target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ minWidth: 150 }}
        >
          <MenuItem value="">All</MenuItem>
          {choices[facet].map((value) => (
            <MenuItem key={value} value={value}>
              {called(facet, value)}
            </MenuItem>
          ))}
        </SelectField>
      ))}
      {Object.keys(filter).length > 0 && (
        <Button size="small" onClick={() => onFilter({})}>
          Show all
        </Button>
      )}
    </Box>
  );
}
