import Papa from 'papaparse';
import * as z from 'zod/mini';
import { DOCUMENTS, readDocument, type PressRecord } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { complaints, documentFaultWords } from '@/words/documents';
import { listTo } from '@/core/schema';

const FORMAT = 'lucky-sheet-log';
/** Records of one file, at most: more than anybody presses in a life. */
const MOST_RECORDS = 20_000;
/** A longer file is no log, letters. */
export const MOST_LOG_LETTERS = 200_000_000;

const fileSchema = z.object({
  format: z.literal(FORMAT),
  /** That of the records in it. */
  version: z.int().check(z.minimum(1)),
  records: listTo(z.unknown(), MOST_RECORDS),
});

/** A log as it is written and read: the records of its version. */
export const logSchema = z.extend(fileSchema, {
  records: listTo(DOCUMENTS.record.schema, MOST_RECORDS),
});

/** A log as JSON, programs and all, to be kept or brought in elsewhere; photos stay on the bench. */
export const writeLogJson = (records: readonly PressRecord[]): string =>
  JSON.stringify({ format: FORMAT, version: DOCUMENTS.record.version, records });

/** Reads a log of any version, whole or not at all. */
export function readLogJson(text: string): Result<PressRecord[]> {
  const refuse = (why: string) =>
    failure(`This is not a log of Lucky Sheet: ${why}. Nothing was changed.`);
  if (text.length > MOST_LOG_LETTERS) return refuse('it is too large');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return refuse('it is not JSON');
  }
  const file = fileSchema.safeParse(value);
  if (!file.success) return refuse(complaints(file.error.issues, 'the file'));
  const records: PressRecord[] = [];
  for (const [i, each] of file.data.records.entries()) {
    const read = readDocument('record', file.data.version, each);
    if (!read.ok) return refuse(documentFaultWords(read.reason, `records.${i}`));
    records.push(read.value);
  }
  return success(records);
}

/** What a log brought in comes to beside the one that is there. */
export interface MergedLog {
  /** Not there yet. */
  readonly fresh: readonly PressRecord[];
  /** There already, exactly so. */
  readonly known: number;
  /** There already but told otherwise; what is there stays. */
  readonly other: number;
}

/** Merges a log into one that is there, without doubling and without overwriting. */
export function mergedLog(
  there: readonly PressRecord[],
  incoming: readonly PressRecord[],
): MergedLog {
  const own = new Map(there.map((record) => [record.id, record]));
  const fresh = new Map<string, PressRecord>();
  let known = 0;
  let other = 0;
  for (const record of incoming) {
    const mine = own.get(record.id) ?? fresh.get(record.id);
    if (!mine) fresh.set(record.id, record);
    else if (JSON.stringify(mine) === JSON.stringify(record)) known++;
    else other++;
  }
  return { fresh: [...fresh.values()], known, other };
}

const COLUMNS = [
  ...['row', 'record', 'at', 'job', 'blank', 'transfer', 'machine', 'temperature_C', 'seconds'],
  ...[
    'pressure',
    'paper',
    'printer',
    'mirrored_by',
    'outcome',
    'faults',
    'text',
    'simulated',
    'pressed_again',
    'test',
    'cause',
    'looked',
  ],
] as const;

/** A pressing, then what was seen of it later, a row each. */
function rowsOf(record: PressRecord): Readonly<Record<string, string | number>>[] {
  const { id, at, temperatureC } = record;
  const pressing = {
    ...{ row: 'pressing', record: id, at, job: record.jobName, blank: record.blankName },
    ...{ transfer: record.transfer ?? '', machine: record.machineName },
    temperature_C: temperatureC === null ? '' : Math.round(10 * temperatureC) / 10,
    ...{ seconds: record.dwellS, pressure: record.pressure ?? '', paper: record.paperName },
    ...{ printer: record.printerName, mirrored_by: record.mirroredBy, outcome: record.outcome },
    ...{ faults: record.faults.join(' '), text: record.note },
    simulated: record.simulated ? 'yes' : 'no',
    pressed_again: record.program?.conditions.again ?? '',
    ...{ test: record.test ? 'yes' : 'no', cause: record.cause ?? '' },
    looked: record.looks.map(({ found }) => found.join(' ') || 'nothing found').join(', '),
  };
  const later = record.later.map((each) => ({
    ...{ row: 'later', record: id, at: each.at, job: record.jobName, blank: record.blankName },
    text: each.text,
  }));
  return [pressing, ...later];
}

/** A log as CSV: one row a pressing, one a later entry, °C and seconds; no cell begins a formula. */
export const writeLogCsv = (records: readonly PressRecord[]): string =>
  Papa.unparse(
    { fields: [...COLUMNS], data: records.flatMap(rowsOf) },
    { escapeFormulae: true, newline: '\r\n' },
  );
