'use client';

import Box from '@mui/material/Box';
import { DataGrid, type GridColDef } from '@mui/x-data-grid';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { exportedName } from '@/files/exported';
import type { PressRecord } from '@/core/model';
import { formatDuration, formatTemperature, type UnitStyle } from '@/words/units';
import { useNonce } from '@/ui/nonce';
import { OutcomeWord } from '@/ui/OutcomeWord';
import { FAULT_WORDS } from '@/words';

function columnsFor(units: UnitStyle): GridColDef<PressRecord>[] {
  return [
    {
      field: 'at',
      headerName: 'When',
      width: 150,
      type: 'dateTime',
      valueGetter: (_, row) => new Date(row.at),
      valueFormatter: (value: Date) => format(value, 'yyyy-MM-dd HH:mm'),
    },
    {
      field: 'outcome',
      headerName: 'Result',
      width: 110,
      type: 'singleSelect',
      valueOptions: ['good', 'usable', 'spoiled'],
      renderCell: ({ row }) => <OutcomeWord outcome={row.outcome} />,
    },
    { field: 'jobName', headerName: 'Job', width: 190 },
    {
      field: 'machineName',
      headerName: 'Machine',
      width: 200,
      valueGetter: (_, row) => row.machineName + (row.simulated ? ', simulated' : ''),
    },
    {
      field: 'temperatureC',
      headerName: 'Heat',
      width: 95,
      type: 'number',
      valueFormatter: (value: number | null) =>
        value === null ? 'fixed' : formatTemperature(value, units.temperature),
    },
    {
      field: 'dwellS',
      headerName: 'Time',
      width: 90,
      type: 'number',
      valueFormatter: (value: number) => formatDuration(value),
    },
    {
      field: 'pressure',
      headerName: 'Pressure',
      width: 95,
      valueFormatter: (value: string | null) => value ?? '–',
    },
    {
      field: 'faults',
      headerName: 'Faults',
      width: 180,
      valueGetter: (_, row) => row.faults.map((fault) => FAULT_WORDS[fault][0]).join(', '),
    },
    { field: 'note', headerName: 'Note', width: 240 },
    { field: 'blankName', headerName: 'Blank', width: 170 },
    { field: 'printerName', headerName: 'Printer', width: 160 },
    { field: 'paperName', headerName: 'Paper', width: 110 },
    { field: 'mirroredBy', headerName: 'Mirrored by', width: 110 },
  ];
}

/** All records: sort, filter, and export as CSV from the toolbar. */
export function LogTable({
  records,
  units,
}: {
  records: readonly PressRecord[];
  units: UnitStyle;
}) {
  const columns = useMemo(() => columnsFor(units), [units]);
  const nonce = useNonce();
  return (
    <Box sx={{ height: 420, mt: 2 }}>
      <DataGrid
        rows={records}
        columns={columns}
        density="compact"
        showToolbar
        disableRowSelectionOnClick
        label="Log of pressings"
        {...(nonce ? { nonce } : {})}
        slotProps={{
          toolbar: {
            csvOptions: { fileName: exportedName('log'), utf8WithBom: true, escapeFormulas: true },
            printOptions: { disableToolbarButton: true },
          },
        }}
      />
    </Box>
  );
}
