import { readFileSync } from 'node:fs';
import { leave, tab } from '@tests/support/tabs';
import { openDB, type IDBPDatabase } from 'idb';
import { MAX_PLACEMENTS } from '@/core/model';
import { DEMO_RECORDS } from '@/demo/records';
import { artwork, mugJob, NOW, shelf } from '@tests/support/jobs';
import {
  createKeeper,
  getArt,
  listJobs,
  listRecords,
  loadDocument,
  loadJob,
  openShelf,
  putArt,
  removeRaw,
  restoreRaw,
  saveDocument,
  saveDocuments,
  saveJob,
  storageProblem,
  survey,
  sweepArts,
  type BenchStore,
} from '.';

let store: BenchStore;
beforeEach(async () => {
  store = await tab();
});
afterEach(() => leave());

const blob = new Blob(['picture']);
const keep = (sha256: string, when = NOW) => putArt(store, { sha256, blob, preview: blob }, when);
const record = (nth: number) => {
  const found = DEMO_RECORDS[nth];
  if (!found) throw new Error('no such record');
  return found;
};
/** Puts something into the database as no version of the app would. */
const put = (kind: 'job' | 'machine' | 'record', id: string, body: unknown, version = 4) =>
  store.use(async (db) => {
    await db.put('documents', { kind, id, rev: 3, savedAt: '', version, body });
  });

test('a job is kept, deleted and put back as it was', async () => {
  await saveJob(store, mugJob(), 0, NOW);
  const [stored] = await listJobs(store);
  if (!stored) throw new Error('not kept');
  expect(stored.body).toEqual(mugJob());
  const raw = await removeRaw(store, { kind: 'job', id: 'job-1' });
  expect(await loadJob(store, 'job-1')).toBeNull();
  expect(raw && (await restoreRaw(store, raw))).toBe(true);
  expect(await loadJob(store, 'job-1')).toEqual(stored);
  expect(raw && (await restoreRaw(store, raw))).toBe(false); // its place is taken
});

test('a save that knows nothing of a newer one writes nothing', async () => {
  await saveJob(store, mugJob(), 0);
  expect(await saveJob(store, { ...mugJob(), name: 'Mine' }, 1)).toEqual({
    kind: 'saved',
    revs: [2],
  });
  expect(await saveJob(store, { ...mugJob(), name: 'Stale' }, 1)).toMatchObject({
    kind: 'conflict',
  });
  expect((await loadJob(store, 'job-1'))?.body.name).toBe('Mine');
});

test('several are written together or not at all', async () => {
  await saveJob(store, mugJob(), 0);
  const writes = [
    { kind: 'record' as const, id: 'demo-record-1', body: record(0), baseRev: 0 },
    { kind: 'job' as const, id: 'job-1', body: mugJob(), baseRev: 0 },
  ];
  expect(await saveDocuments(store, writes)).toMatchObject({ kind: 'conflict', at: 1 });
  expect(await listRecords(store)).toEqual([]);
});

test('a job taken away in one tab does not come back by an edit in another', async () => {
  await saveJob(store, mugJob(), 0);
  await removeRaw(await tab(), { kind: 'job', id: 'job-1' });
  expect(await saveJob(store, mugJob(), 1)).toMatchObject({ kind: 'conflict', stored: null });
  expect(await loadJob(store, 'job-1')).toBeNull();
});

test('what its own reader would refuse is never written', async () => {
  const [placement] = mugJob().placements;
  if (!placement) throw new Error('no placement');
  const many = Array.from({ length: MAX_PLACEMENTS + 1 }, (_, i) => ({
    ...placement,
    id: `p${i}`,
  }));
  await expect(saveJob(store, { ...mugJob(), placements: many }, 0)).rejects.toThrow(/placements/);
  const faulty = { ...record(0), at: 'yesterday' };
  await expect(
    saveDocument(store, { kind: 'record', id: faulty.id, body: faulty, baseRev: 0 }),
  ).rejects.toThrow(/at:/);
  expect(await listJobs(store)).toEqual([]);
});

describe('benches of older databases', () => {
  const before = async (version: 1 | 2, fill: (db: IDBPDatabase) => Promise<unknown>) => {
    await leave();
    const old = await openDB('lucky-sheet-own', version, {
      upgrade(db) {
        const jobs = db.createObjectStore('jobs', { keyPath: 'id' });
        if (version === 2) jobs.createIndex('rev', ['id', 'rev']);
        db.createObjectStore('arts', { keyPath: 'sha256' });
        db.createObjectStore('runs', { keyPath: 'jobId' });
        for (const name of ['records', 'shelf']) db.createObjectStore(name, { keyPath: 'id' });
      },
    });
    await fill(old);
    old.close();
    store = await tab();
  };

  const written: unknown = JSON.parse(
    readFileSync('tests/fixtures/documents/record.v3.json', 'utf8'),
  );

  // what a paper is was known only as whether it came printed; film there was none
  const papers = shelf.papers.filter(({ is }) => is !== 'film');
  const oldPapers = papers.map(({ id, name, widthMm, heightMm, is, origin }) => ({
    ...{ id, name, widthMm, heightMm, origin },
    ...{ preprinted: is === 'ready-made', offcut: false, used: false },
  }));

  test.each([1, 2] as const)(
    'of version %i: everything on it is there, with its revision',
    (version) =>
      before(version, async (db) => {
        const job = mugJob();
        await db.put('jobs', {
          id: job.id,
          rev: 7,
          savedAt: NOW.toISOString(),
          schemaVersion: 3,
          job,
        });
        await db.put('runs', {
          ...{ jobId: 'job-1', startedAt: NOW.toISOString(), stepIndex: 0, countdownFrom: null },
        });
        await db.put('records', { id: 'r1', schemaVersion: 3, record: written });
        await db.put('shelf', {
          id: 'own',
          schemaVersion: 3,
          shelf: { blanks: [], papers: oldPapers, printers: [], machines: [] },
        });
        await db.put('arts', {
          sha256: 'a'.repeat(64),
          addedAt: NOW.toISOString(),
          blob,
          preview: blob,
        });
      }).then(async () => {
        expect((await loadJob(store, 'job-1'))?.body).toEqual(mugJob());
        expect(await saveJob(store, mugJob(), 6)).toMatchObject({ kind: 'conflict' });
        expect(await saveJob(store, mugJob(), 7)).toEqual({ kind: 'saved', revs: [8] });
        expect(await loadDocument(store, 'run', 'job-1')).toMatchObject({ ok: true });
        expect(await listRecords(store)).toMatchObject([
          { id: 'r1', transfer: 'sublimation', outcome: 'usable', program: null },
        ]);
        const own = await openShelf(store, createKeeper(store));
        expect(own.shelf.getState().papers).toEqual(expect.arrayContaining(papers));
        expect(await getArt(store, 'a'.repeat(64))).toBeDefined();
        expect((await survey(store)).unreadable).toEqual([]);
      }),
  );

  test('what is damaged on it is set aside whole; all else opens', () =>
    before(2, async (db) => {
      const job = mugJob();
      await db.put('jobs', { id: job.id, rev: 1, savedAt: '', schemaVersion: 3, job });
      await db.put('jobs', { id: 'empty' });
      await db.put('jobs', { id: 'newer', rev: 2, savedAt: '', schemaVersion: 99, job: { x: 1 } });
      await db.put('records', { id: 'r', schemaVersion: 99, record: { y: 1 } });
      await db.put('shelf', { id: 'own', schemaVersion: 3, shelf: { blanks: 'none', mine: 42 } });
    }).then(async () => {
      expect((await listJobs(store)).map(({ id }) => id)).toEqual(['job-1']);
      const lost = (await survey(store)).unreadable;
      expect(lost.map(({ raw, newer }) => [raw.kind, raw.id, newer])).toEqual([
        ['job', 'empty', false],
        ['job', 'newer', true],
        ['record', 'r', true],
        ['shelf', 'own', false],
      ]);
      expect(lost.at(-1)?.raw.body).toMatchObject({ shelf: { blanks: 'none', mine: 42 } });
    }));
});

describe('what cannot be read', () => {
  test('harms nothing beside it, is named, and is never overwritten', async () => {
    await saveJob(store, mugJob(), 0);
    await put('job', 'broken', {});
    await put('record', 'newer', { from: 'the future' }, 99);
    expect((await listJobs(store)).map(({ id }) => id)).toEqual(['job-1']);
    expect(await listRecords(store)).toEqual([]);
    expect((await survey(store)).unreadable.map(({ raw }) => raw.id)).toEqual(['broken', 'newer']);
    // a job file with the same id comes in: it takes the place, what was there is set aside whole
    const back = { ...mugJob(), id: 'broken' };
    expect(await saveJob(store, back, 0)).toEqual({ kind: 'saved', revs: [1] });
    expect((await loadJob(store, 'broken'))?.body).toEqual(back);
    const [aside] = (await survey(store)).unreadable.filter(({ raw }) => raw.key !== undefined);
    expect(aside?.raw).toMatchObject({ kind: 'job', id: 'broken', body: {} });
    const gone = aside && (await removeRaw(store, aside.raw));
    expect((await survey(store)).unreadable).toHaveLength(1);
    expect(gone && (await restoreRaw(store, gone))).toBe(true);
    expect((await survey(store)).unreadable).toHaveLength(2);
  });

  test('keeps its pictures', async () => {
    const longAgo = new Date(NOW.getTime() - 48 * 3600_000);
    const sha256 = 'f'.repeat(64);
    await keep(sha256, longAgo);
    await put('job', 'broken', { arts: [{ sha256 }], odd: true });
    expect(await sweepArts(store, NOW)).toBe(0);
  });
});

test('pictures in use, or just come in, are not swept away', async () => {
  const [used, photo, unused, fresh] = ['a', 'b', 'c', 'd'].map((c) => c.repeat(64)) as [
    string,
    string,
    string,
    string,
  ];
  const original = 'e'.repeat(64);
  await saveJob(store, mugJob(artwork({ sha256: used, madeFrom: original })), 0);
  const body = { ...record(0), photoSha256: photo };
  await saveDocument(store, { kind: 'record', id: body.id, body, baseRev: 0 });
  const longAgo = new Date(NOW.getTime() - 48 * 3600_000);
  for (const sha256 of [used, original, photo, unused]) await keep(sha256, longAgo);
  await keep(fresh);
  expect(await sweepArts(store, NOW)).toBe(1);
  expect(await getArt(store, unused)).toBeUndefined();
  expect((await getArt(store, fresh))?.sha256).toBe(fresh);
  // a prepared picture can always be brought back to what it was made from
  expect((await getArt(store, original))?.sha256).toBe(original);
});

test('storage that is full or refused is explained', () => {
  expect(storageProblem(new DOMException('', 'QuotaExceededError'))).toMatch(
    /full.*export the job file/,
  );
  expect(storageProblem(new DOMException('', 'SecurityError'))).toMatch(/refuses storage/);
  expect(storageProblem(new Error('odd'))).toMatch(/kept on the screen/);
});
