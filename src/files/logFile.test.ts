import Papa from 'papaparse';
import { DEMO_RECORDS } from '@/demo/records';
import type { PressRecord } from '@/core/model';
import * as z from 'zod/mini';
import { published } from '@tests/support/published';
import { logSchema, mergedLog, readLogJson, writeLogCsv, writeLogJson } from './logFile';

const [first] = DEMO_RECORDS as readonly [PressRecord, ...PressRecord[]];

test('a log is written and read whole', () => {
  const read = readLogJson(writeLogJson(DEMO_RECORDS));
  expect(read).toEqual({ ok: true, value: DEMO_RECORDS });
});

test('docs/examples/log.schema.json is the schema of what is written', () => {
  published('docs/examples/log.schema.json', z.toJSONSchema(logSchema, { io: 'input' }));
  expect(logSchema.safeParse(JSON.parse(writeLogJson(DEMO_RECORDS))).success).toBe(true);
});

test.each([
  ['not JSON', /it is not JSON.*Nothing was changed/],
  ['{"format":"other","version":1,"records":[]}', /not a log/],
  [writeLogJson([{ ...first, dwellS: -4 }]), /records\.0/],
  [writeLogJson(DEMO_RECORDS).replace(/"version":\d+/, '"version":999'), /newer|999/],
])('%# is refused as a whole', (text, why) => {
  const read = readLogJson(text);
  expect(!read.ok && read.reason).toMatch(why);
});

test('brought in twice nothing doubles, and what was told otherwise here stays', () => {
  expect(mergedLog([], DEMO_RECORDS).fresh).toHaveLength(DEMO_RECORDS.length);
  expect(mergedLog(DEMO_RECORDS, DEMO_RECORDS)).toEqual({
    ...{ fresh: [], known: DEMO_RECORDS.length, other: 0 },
  });
  const changed = { ...first, note: 'Seen otherwise.' };
  expect(mergedLog([changed], [first, first])).toEqual({ fresh: [], known: 0, other: 2 });
  expect(mergedLog([], [first, first]).fresh).toHaveLength(1);
});

test('CSV has one row a pressing and one a later entry, and no cell begins a formula', () => {
  const nasty: PressRecord = {
    ...first,
    ...{ note: '=HYPERLINK("x")', jobName: '+1+1', machineName: '@SUM(A1)', paperName: '-2' },
    later: [
      { at: '2026-10-01T08:00:00.000Z', text: 'After ten washes: a corner lifts, "just" there' },
      { at: '2026-11-01T08:00:00.000Z', text: '\t=1+1' },
    ],
  };
  const { data } = Papa.parse<Record<string, string>>(writeLogCsv([nasty, first]), {
    header: true,
  });
  expect(data.map(({ row }) => row)).toEqual(['pressing', 'later', 'later', 'pressing']);
  expect(data[1]?.text).toBe('After ten washes: a corner lifts, "just" there');
  for (const row of data)
    for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
  expect(Number(data[3]?.temperature_C)).toBeCloseTo((360 - 32) / 1.8, 1);
});
