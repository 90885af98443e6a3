import { DOCUMENT_KINDS, type DocumentKind } from '@/core/model';
import { logOf } from './records';
import {
  found,
  readable,
  readInPortions,
  spanOf,
  type Found,
  type Kept,
  type Span,
  type Unreadable,
} from './reading';
import type { AsideDocument, BenchStore, RawDocument } from './types';

/** All that lies on a bench, read once. */
export interface Survey {
  readonly kept: readonly Kept<DocumentKind>[];
  /** What cannot be read, where it lies or set aside. */
  readonly unreadable: readonly Unreadable[];
}

/** The documents of a kind among those of a survey. */
export const ofKind = <K extends DocumentKind>({ kept }: Survey, kind: K): Kept<K>[] =>
  kept.filter((one): one is Kept<K> => one.kind === kind);

const UNKNOWN_KIND = 'it is of a kind this version does not know';

/** What lies before the log and behind it: the log itself is known once it was read. */
const BEFORE_LOG: Span = [[], spanOf('record')[0]];
const BEHIND_LOG: Span = [spanOf('record')[1], [[]]];

function foundOrUnknown(raw: RawDocument): Found<DocumentKind> {
  if (DOCUMENT_KINDS.includes(raw.kind)) return found(raw);
  return { ok: false, lost: { raw, newer: true, reason: UNKNOWN_KIND } };
}

/** Why something was set aside. */
function setAside(raw: AsideDocument): Unreadable {
  if (raw.kind === 'shelf') return { raw, newer: false, reason: 'it has not the shape of a shelf' };
  const read = DOCUMENT_KINDS.includes(raw.kind) ? found({ ...raw, kind: raw.kind }) : null;
  if (!read) return { raw, newer: true, reason: UNKNOWN_KIND };
  const reason = 'it could not be read before, and another has taken its place';
  return read.ok ? { raw, newer: false, reason } : { ...read.lost, raw };
}

/** Reads everything on the bench, each thing once. */
export async function survey(store: BenchStore): Promise<Survey> {
  const rest = await store.use(async (db) => ({
    before: await readInPortions(db, BEFORE_LOG, foundOrUnknown),
    behind: await readInPortions(db, BEHIND_LOG, foundOrUnknown),
    aside: (await db.getAll('aside')).map(setAside),
  }));
  // only now: a bench that was cleared under the page is known to be another once the database was used
  const read = [...rest.before, ...(await logOf(store)), ...rest.behind];
  const inPlace = read.flatMap((one) => (one.ok ? [] : [one.lost]));
  return { kept: readable(read), unreadable: [...inPlace, ...rest.aside] };
}
