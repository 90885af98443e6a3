import { leave, settled, tab } from '@tests/support/tabs';
import { openDB } from 'idb';
import { DEMO_RECORDS } from '@/demo/records';
import { mugJob } from '@tests/support/jobs';
import {
  latestRecords,
  listRecords,
  recordsOfJob,
  removeRaw,
  saveDocument,
  saveDocuments,
  saveJob,
  survey,
  wipeBench,
  type BenchStore,
} from '.';

let store: BenchStore;
beforeEach(async () => {
  store = await tab();
});
afterEach(() => leave());

test('a log of years is read whole, though portion by portion', async () => {
  const [record] = DEMO_RECORDS;
  if (!record) throw new Error('no record');
  const ids = Array.from({ length: 430 }, (_, nth) => `r${nth}`);
  await saveDocuments(
    store,
    ids.map((id) => ({ kind: 'record', id, body: { ...record, id }, baseRev: 0 })),
  );
  await saveJob(store, mugJob(), 0);
  expect((await listRecords(store)).map(({ id }) => id).sort()).toEqual([...ids].sort());
  const { kept, unreadable } = await survey(store);
  expect([kept.length, unreadable]).toEqual([431, []]);
});

test('the log is read once: what is written, put right or taken away here or in another tab is read anew, alone', async () => {
  const days = DEMO_RECORDS;
  await saveDocuments(
    store,
    days.map((body) => ({ kind: 'record', id: body.id, body, baseRev: 0 })),
  );
  const latest = [...days].sort((a, b) => b.at.localeCompare(a.at)).map(({ id }) => id);
  expect((await latestRecords(store, 3)).map(({ id }) => id)).toEqual(latest.slice(0, 3));
  expect((await listRecords(store)).map(({ id }) => id)).toEqual(latest);

  const read = jest.spyOn(IDBObjectStore.prototype, 'getAll');
  const [first, second, third] = latest as [string, string, string];
  const other = await tab();
  const own = days.find(({ id }) => id === first);
  if (!own) throw new Error('no record');
  await saveDocument(store, {
    kind: 'record',
    id: first,
    body: { ...own, note: 'put right' },
    baseRev: 1,
  });
  await removeRaw(other, { kind: 'record', id: second });
  await saveDocument(other, {
    kind: 'record',
    id: 'new',
    body: { ...own, id: 'new', at: '2031-01-01T00:00:00.000Z' },
    baseRev: 0,
  });
  await settled();
  const now = await listRecords(store);
  expect(now.slice(0, 3).map(({ id }) => id)).toEqual(['new', first, third]);
  expect(now[1]?.note).toBe('put right');
  expect((await recordsOfJob(store, own.jobId)).find(({ id }) => id === first)?.rev).toBe(2);
  expect(read).not.toHaveBeenCalled();
  read.mockRestore();
  other.close();
});

test('a bench that was cleared under the page has no log but what was written since', async () => {
  const [record] = DEMO_RECORDS;
  if (!record) throw new Error('no record');
  await saveDocument(store, {
    kind: 'record',
    id: 'old',
    body: { ...record, id: 'old' },
    baseRev: 0,
  });
  expect(await listRecords(store)).toHaveLength(1);
  await wipeBench('own');
  expect((await survey(store)).kept).toEqual([]);
  await saveDocument(store, {
    kind: 'record',
    id: 'new',
    body: { ...record, id: 'new' },
    baseRev: 0,
  });
  await settled();
  expect((await listRecords(store)).map(({ id }) => id)).toEqual(['new']);
  expect((await survey(store)).kept.map(({ id }) => id)).toEqual(['new']);
});

test('a bench of database version 3 gets what puts its pressings in order', async () => {
  await leave();
  const old = await openDB('lucky-sheet-own', 3, {
    upgrade(db) {
      db.createObjectStore('arts', { keyPath: 'sha256' });
      const documents = db.createObjectStore('documents', { keyPath: ['kind', 'id'] });
      documents.createIndex('rev', ['kind', 'id', 'rev']);
      documents.createIndex('kind', 'kind');
      db.createObjectStore('aside', { keyPath: 'key', autoIncrement: true });
    },
  });
  for (const body of DEMO_RECORDS)
    await old.put('documents', {
      kind: 'record',
      id: body.id,
      rev: 1,
      savedAt: '',
      version: 8,
      body,
    });
  old.close();
  store = await tab();
  const [latest] = [...DEMO_RECORDS].sort((a, b) => b.at.localeCompare(a.at));
  expect(await latestRecords(store, 1)).toMatchObject([{ id: latest?.id }]);
});
