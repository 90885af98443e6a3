'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useCallback, useMemo, useState } from 'react';
import { kindWords, logLesson } from '@/words';
import type { UnitStyle } from '@/words/units';
import { kindsIn, narrowed, teaches, type LogFilter } from '@/core/log';
import type { PressRecord } from '@/core/model';
import { storageProblem } from '@/store';
import { useLogSoFar } from '@/ui/bench/useLog';
import { useNotify } from '@/ui/notify';
import { SelectField } from '@/ui/fields/SelectField';
import { Choice } from '@/ui/fields/Choice';
import { OffBench } from '@/ui/OffBench';
import { useUnits } from '@/ui/units';
import { LogFiles } from './LogFiles';
import { LogFilters } from './LogFilters';
import { AT_ONCE, Timeline } from './Timeline';

const LogTable = dynamic(() => import('./LogTable').then((m) => m.LogTable), { ssr: false });
const OutcomeChart = dynamic(() => import('./OutcomeChart').then((m) => m.OutcomeChart), {
  ssr: false,
});

/** What pressings of one blank by one transfer teach, and how they came out by their settings: mugs say nothing about tees. */
function OfOneKind({
  records,
  whole,
  units,
  chart,
}: {
  records: readonly PressRecord[];
  /** Whether they are all there are: nothing is learned from a part. */
  whole: boolean;
  units: UnitStyle;
  chart: boolean;
}) {
  const [chosen, setChosen] = useState('');
  const kinds = useMemo(() => kindsIn(records), [records]);
  const kind = kinds.find(({ key }) => key === chosen) ?? kinds[0];
  if (!kind) return null;
  return (
    <>
      {kinds.length > 1 && (
        <SelectField
          size="small"
          label="Of what"
          value={kind.key}
          onChange={({ target }) => setChosen(target.value)}
          sx={{ minWidth: 280, mb: 1.5 }}
        >
          {kinds.map((each) => (
            <MenuItem key={each.key} value={each.key}>
              {kindWords(each)}
            </MenuItem>
          ))}
        </SelectField>
      )}
      <Typography sx={{ mb: 1.5, fontSize: 17 }}>
        {kindWords(kind)}:{' '}
        {whole ? logLesson(kind.records, units) : 'reading what lies further back …'}
      </Typography>
      {chart && whole && <OutcomeChart records={kind.records} units={units} />}
    </>
  );
}

/** How the log is shown. */
const WAYS = [
  ['timeline', 'Timeline'],
  ['chart', 'Chart'],
  ['table', 'Table'],
] as const;

/** Every pressing written down, and what they teach. */
export function LogScreen() {
  const units = useUnits();
  const notify = useNotify();
  const { records, whole } = useLogSoFar(
    AT_ONCE,
    useCallback(
      (error: unknown) => notify({ tone: 'error', text: storageProblem(error) }),
      [notify],
    ),
  );
  const [filter, setFilter] = useState<LogFilter>({});
  const [show, setShow] = useState<(typeof WAYS)[number][0]>('timeline');
  const shown = useMemo(() => narrowed(records, filter), [records, filter]);
  const real = useMemo(() => shown.filter(teaches), [shown]);
  return (
    <OffBench title="Log">
      <Typography variant="h1" sx={{ mb: 2 }}>
        What the log says
      </Typography>
      {whole && records.length === 0 && (
        <Typography>
          Nothing is written down yet. Press something, then tell on its Record station how it came
          out.
        </Typography>
      )}
      {records.length > 0 && (
        <>
          <LogFilters records={records} filter={filter} onFilter={setFilter} />
          <Box sx={{ mb: 2, maxWidth: 360 }}>
            <Choice label="How the log is shown" value={show} options={WAYS} onChoose={setShow} />
          </Box>
          <OfOneKind records={real} whole={whole} units={units} chart={show === 'chart'} />
          {show === 'timeline' && <Timeline records={shown} />}
          {show === 'table' && <LogTable records={shown} units={units} />}
        </>
      )}
      {whole && <LogFiles records={records} />}
    </OffBench>
  );
}
