import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { SCHEMA_VERSION, type Job } from '@/core/model';
import { EMPTY_SHELF } from '@/core/shelf';
import { startRun } from '@/core/press';
import { DEMO_RECORDS } from '@/demo/records';
import { artwork, mugJob, NOW, shelf } from '@tests/support/jobs';
import {
  createJobSession,
  deleteJob,
  getArt,
  getRun,
  listJobs,
  listRecords,
  loadJob,
  loadOwnShelf,
  openBench,
  putArt,
  putRecord,
  putRun,
  restoreJob,
  saveJob,
  saveOwnShelf,
  storageProblem,
  sweepArts,
  wipeBench,
  type BenchDatabase,
} from '.';

let db: BenchDatabase;
beforeEach(async () => {
  db = await openBench('own');
});
afterEach(async () => {
  db.close();
  await wipeBench('own');
});

const bleed = (bleedMm: number) => (job: Job) => ({ ...job, bleedMm });
const blob = new Blob(['picture']);
const keep = (sha256: string, when = NOW) => putArt(db, { sha256, blob, preview: blob }, when);

test('a job is kept, deleted and put back as it was', async () => {
  await saveJob(db, mugJob(), 0, NOW);
  const [stored] = await listJobs(db);
  if (!stored) throw new Error('not kept');
  expect(stored.job).toEqual(mugJob());
  await deleteJob(db, 'job-1');
  expect(await loadJob(db, 'job-1')).toBeNull();
  await restoreJob(db, stored);
  expect(await loadJob(db, 'job-1')).toEqual(stored);
});

test('a save that knows nothing of a newer one writes nothing', async () => {
  await saveJob(db, mugJob(), 0);
  expect(await saveJob(db, { ...mugJob(), name: 'Mine' }, 1)).toEqual({ kind: 'saved', rev: 2 });
  expect(await saveJob(db, { ...mugJob(), name: 'Stale' }, 1)).toMatchObject({ kind: 'conflict' });
  expect((await loadJob(db, 'job-1'))?.job.name).toBe('Mine');
});

test('a bench laid out before revisions had an index keeps its jobs and its conflicts', async () => {
  db.close();
  await wipeBench('own');
  const before = await openDB('lucky-sheet-own', 1, {
    upgrade(old) {
      old.createObjectStore('jobs', { keyPath: 'id' });
      for (const store of ['runs', 'records', 'shelf']) old.createObjectStore(store);
      old.createObjectStore('arts', { keyPath: 'sha256' });
    },
  });
  const job = mugJob();
  await before.put('jobs', { id: job.id, rev: 7, savedAt: '', schemaVersion: SCHEMA_VERSION, job });
  before.close();
  db = await openBench('own');
  expect((await loadJob(db, job.id))?.job).toEqual(job);
  expect(await saveJob(db, job, 6)).toMatchObject({ kind: 'conflict', stored: { rev: 7 } });
  expect(await saveJob(db, job, 7)).toEqual({ kind: 'saved', rev: 8 });
});

test('shelf, runs and records come back; what cannot be read is left out', async () => {
  await saveOwnShelf(db, { ...EMPTY_SHELF, papers: shelf.papers });
  await putRun(db, startRun('job-1', NOW));
  await putRecord(db, { ...DEMO_RECORDS[0], at: 'yesterday' } as (typeof DEMO_RECORDS)[0]);
  for (const record of DEMO_RECORDS.slice(1, 4)) await putRecord(db, record);
  expect((await loadOwnShelf(db)).papers).toEqual(shelf.papers);
  expect(await getRun(db, 'job-1')).toEqual(startRun('job-1', NOW));
  expect((await listRecords(db)).map(({ id }) => id)).toEqual([
    'demo-record-4',
    'demo-record-3',
    'demo-record-2',
  ]);
});

test('pictures in use, or just come in, are not swept away', async () => {
  const [used, photo, unused, fresh] = ['a', 'b', 'c', 'd'].map((c) => c.repeat(64)) as [
    string,
    string,
    string,
    string,
  ];
  const original = 'e'.repeat(64);
  await saveJob(db, mugJob(artwork({ sha256: used, madeFrom: original })), 0);
  const [record] = DEMO_RECORDS;
  if (record) await putRecord(db, { ...record, photoSha256: photo });
  const longAgo = new Date(NOW.getTime() - 48 * 3600_000);
  for (const sha256 of [used, original, photo, unused]) await keep(sha256, longAgo);
  await keep(fresh);
  expect(await sweepArts(db, NOW)).toBe(1);
  expect(await getArt(db, unused)).toBeUndefined();
  expect((await getArt(db, fresh))?.sha256).toBe(fresh);
  // a prepared picture can always be brought back to what it was made from
  expect((await getArt(db, original))?.sha256).toBe(original);
});

test('storage that is full or refused is explained', () => {
  expect(storageProblem(new DOMException('', 'QuotaExceededError'))).toMatch(
    /full.*export the job file/,
  );
  expect(storageProblem(new DOMException('', 'SecurityError'))).toMatch(/refuses storage/);
  expect(storageProblem(new Error('odd'))).toMatch(/kept on the screen/);
});

describe('a job open for editing', () => {
  const settled = async () => {
    for (let i = 0; i < 30; i++) await new Promise((resolve) => setTimeout(resolve, 1));
  };
  const sessions: ReturnType<typeof createJobSession>[] = [];
  afterEach(() => {
    sessions.splice(0).forEach((session) => session.close());
    jest.restoreAllMocks();
  });

  /** The database as it is while the browser refuses to write. */
  const refusing = (refuses: () => boolean): BenchDatabase =>
    new Proxy(db, {
      get(target, key) {
        if (key === 'transaction' && refuses()) throw new DOMException('', 'QuotaExceededError');
        const value: unknown = Reflect.get(target, key);
        return typeof value === 'function' ? value.bind(target) : value;
      },
    });

  async function opened(on = db) {
    await saveJob(db, mugJob(), (await loadJob(db, 'job-1'))?.rev ?? 0);
    const stored = await loadJob(db, 'job-1');
    if (!stored) throw new Error('not kept');
    const session = createJobSession(on, 'own', stored);
    sessions.push(session);
    return session;
  }
  const shown = (session: Awaited<ReturnType<typeof opened>>) => session.jobStore.getState().job;

  test('every change is saved; undo and redo are changes too', async () => {
    const session = await opened();
    session.edit(bleed(3));
    session.edit(bleed(4));
    session.undo();
    await settled();
    expect(shown(session).bleedMm).toBe(3);
    expect((await loadJob(db, 'job-1'))?.job.bleedMm).toBe(3);
    session.redo();
    session.saveNow();
    await settled();
    expect((await loadJob(db, 'job-1'))?.job.bleedMm).toBe(4);
    expect(session.saveState.getState()).toEqual({ kind: 'saved' });
  });

  test('a change is saved at once; those of one drag together, when let go or the page is left', async () => {
    jest.spyOn(Date, 'now').mockReturnValue(NOW.getTime());
    const session = await opened();
    const before = (await loadJob(db, 'job-1'))?.rev ?? 0;
    const kept = async () => {
      await settled();
      const stored = await loadJob(db, 'job-1');
      return [stored?.job.bleedMm, (stored?.rev ?? 0) - before];
    };
    session.edit(bleed(1));
    expect(await kept()).toEqual([1, 1]);
    session.edit(bleed(2), 'drag');
    expect(await kept()).toEqual([2, 2]);
    for (const mm of [3, 4, 5]) session.edit(bleed(mm), 'drag');
    expect(session.saveState.getState()).toEqual({ kind: 'saving' });
    session.saveNow();
    expect(await kept()).toEqual([5, 3]);
    session.edit(bleed(6), 'drag');
    session.edit(bleed(7), 'another');
    expect(await kept()).toEqual([7, 4]);
    session.edit(bleed(8), 'another');
    session.close();
    expect(await kept()).toEqual([8, 5]);
  });

  test('a drag is one step of undo', async () => {
    const session = await opened();
    for (const mm of [5, 6, 7, 8]) session.edit(bleed(mm), 'drag');
    session.undo();
    expect(shown(session)).toEqual(mugJob());
  });

  test('two tabs at the same moment: nothing is overwritten until the person chooses', async () => {
    const session = await opened();
    const theirs = { ...mugJob(), name: 'Theirs' };
    await saveJob(db, theirs, (await loadJob(db, 'job-1'))?.rev ?? 0);
    session.edit(bleed(9));
    await settled();
    expect(session.saveState.getState().kind).toBe('conflict');
    expect((await loadJob(db, 'job-1'))?.job).toEqual(theirs);
    session.edit(bleed(10));
    await session.keepMine();
    expect((await loadJob(db, 'job-1'))?.job).toEqual({ ...mugJob(), bleedMm: 10 });
  });

  test('taking the other tab’s can be undone', async () => {
    const session = await opened();
    await saveJob(db, { ...mugJob(), name: 'Theirs' }, (await loadJob(db, 'job-1'))?.rev ?? 0);
    session.edit(bleed(9));
    await settled();
    session.takeTheirs();
    expect(shown(session).name).toBe('Theirs');
    session.undo();
    expect(shown(session).bleedMm).toBe(9);
    await settled();
  });

  test('an idle tab follows the one being worked in', async () => {
    const [idle, busy] = [await opened(), await opened()];
    busy.edit(bleed(12));
    await settled();
    await settled();
    expect(shown(idle).bleedMm).toBe(12);
  });

  test('when storing fails the work stays on the screen and can be tried again', async () => {
    let full = true;
    const session = await opened(refusing(() => full));
    session.edit(bleed(11));
    await settled();
    expect(session.saveState.getState()).toMatchObject({
      kind: 'failed',
      message: expect.stringMatching('full') as unknown,
    });
    expect(shown(session).bleedMm).toBe(11);
    full = false;
    await session.retry();
    expect((await loadJob(db, 'job-1'))?.job.bleedMm).toBe(11);
  });
});
