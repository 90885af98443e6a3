import { leave, settled, tab } from '@tests/support/tabs';
import { openDB } from 'idb';
import { MAX_PLACEMENTS, type Job } from '@/core/model';
import { mugJob, NOW, runOf } from '@tests/support/jobs';
import {
  createJobSession,
  createKeeper,
  loadDocument,
  loadJob,
  openBench,
  removeRaw,
  saveJob,
  wipeBench,
  type BenchStore,
} from '.';

let store: BenchStore;
beforeEach(async () => {
  store = await tab();
});
afterEach(() => leave());

const bleed = (bleedMm: number) => (job: Job) => ({ ...job, bleedMm });

describe('a job open for editing', () => {
  const sessions: ReturnType<typeof createJobSession>[] = [];
  afterEach(() => {
    sessions.splice(0).forEach((session) => session.close());
    jest.restoreAllMocks();
  });

  /** The bench as it is while the browser refuses to write. */
  const refusing = (refuses: () => boolean): BenchStore => ({
    ...store,
    use: (work) =>
      refuses() ? Promise.reject(new DOMException('', 'QuotaExceededError')) : store.use(work),
  });

  async function opened(on = store) {
    await saveJob(store, mugJob(), (await loadJob(store, 'job-1'))?.rev ?? 0);
    const stored = await loadJob(store, 'job-1');
    if (!stored) throw new Error('not kept');
    const session = createJobSession(on, stored);
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
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(3);
    session.redo();
    session.saveNow();
    await settled();
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(4);
    expect(session.saveState.getState()).toEqual({ kind: 'saved' });
  });

  test('a change is written after the task that made it', async () => {
    let asked = 0;
    const session = await opened(refusing(() => ++asked < 0));
    session.edit(bleed(3));
    for (let i = 0; i < 20; i++) await Promise.resolve();
    expect(asked).toBe(0);
    await settled();
    expect(asked).toBeGreaterThan(0);
  });

  test('a change is saved at once; those of one drag together, when let go or the page is left', async () => {
    jest.spyOn(Date, 'now').mockReturnValue(NOW.getTime());
    const session = await opened();
    const before = (await loadJob(store, 'job-1'))?.rev ?? 0;
    const kept = async () => {
      await settled();
      const stored = await loadJob(store, 'job-1');
      return [stored?.body.bleedMm, (stored?.rev ?? 0) - before];
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

  test('a drag is one step of undo, however slow, and the next another', async () => {
    const session = await opened();
    const clock = jest.spyOn(Date, 'now').mockReturnValue(NOW.getTime());
    const [first, second] = [Symbol('drag'), Symbol('drag')];
    for (const mm of [5, 6, 7, 8]) {
      session.edit(bleed(mm), first);
      // the hand rests
      clock.mockReturnValue(Date.now() + 5000);
    }
    for (const mm of [9, 10]) session.edit(bleed(mm), second);
    session.undo();
    expect(shown(session).bleedMm).toBe(8);
    session.undo();
    expect(shown(session)).toEqual(mugJob());
  });

  test('two tabs at the same moment: nothing is overwritten until the person chooses', async () => {
    const session = await opened();
    const theirs = { ...mugJob(), name: 'Theirs' };
    await saveJob(store, theirs, (await loadJob(store, 'job-1'))?.rev ?? 0);
    session.edit(bleed(9));
    await settled();
    expect(session.saveState.getState().kind).toBe('conflict');
    expect((await loadJob(store, 'job-1'))?.body).toEqual(theirs);
    session.edit(bleed(10));
    await session.keepMine();
    expect((await loadJob(store, 'job-1'))?.body).toEqual({ ...mugJob(), bleedMm: 10 });
  });

  test('taking the other tab’s can be undone', async () => {
    const session = await opened();
    await saveJob(
      store,
      { ...mugJob(), name: 'Theirs' },
      (await loadJob(store, 'job-1'))?.rev ?? 0,
    );
    session.edit(bleed(9));
    await settled();
    session.takeTheirs();
    expect(shown(session).name).toBe('Theirs');
    session.undo();
    expect(shown(session).bleedMm).toBe(9);
    await settled();
  });

  test('an idle tab follows the one being worked in', async () => {
    const [idle, busy] = [await opened(), await opened(await tab())];
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
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(11);
  });

  test('an edit over a limit changes nothing and is handed back to be told', async () => {
    const session = await opened();
    const many = (job: Job) => ({
      ...job,
      placements: Array.from({ length: MAX_PLACEMENTS + 1 }, (_, i) => ({
        ...(job.placements[0] as Job['placements'][0]),
        id: `p${i}`,
      })),
    });
    expect(session.edit(many)?.placements).toHaveLength(MAX_PLACEMENTS + 1);
    expect(shown(session)).toEqual(mugJob());
    expect(session.edit(bleed(2))).toBeNull();
  });

  test('taken off the bench in another tab: said at once, and put back only when asked', async () => {
    const session = await opened();
    await removeRaw(await tab(), { kind: 'job', id: 'job-1' });
    await settled();
    expect(session.saveState.getState()).toEqual({ kind: 'conflict', stored: null });
    session.edit(bleed(8));
    await settled();
    expect(await loadJob(store, 'job-1')).toBeNull();
    await session.keepMine();
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(8);
  });
});

describe('a database that goes away under the app', () => {
  test('closed: it is opened again', async () => {
    await store.use(async (db) => db.close());
    expect(await saveJob(store, mugJob(), 0)).toMatchObject({ kind: 'saved' });
  });

  test('cleared: what is on the screen is written anew', async () => {
    await saveJob(store, mugJob(), 0);
    const stored = await loadJob(store, 'job-1');
    if (!stored) throw new Error('not kept');
    const session = createJobSession(store, stored);
    const keeper = createKeeper(store);
    await keeper.put('run', 'job-1', runOf('job-1'));
    await wipeBench('own');
    session.edit(bleed(9));
    await keeper.put('run', 'job-1', runOf('job-1', 2));
    await settled();
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(9);
    expect(await loadDocument(store, 'run', 'job-1')).toMatchObject({
      kept: { body: { events: { length: 2 } } },
    });
    session.close();
  });

  test('cleared while several things wait: all of them are written anew', async () => {
    const keeper = createKeeper(store);
    await Promise.all([1, 2, 3].map((nth) => keeper.put('run', `job-${nth}`, runOf(`job-${nth}`))));
    await wipeBench('own');
    const kept = [1, 2, 3].map((nth) => keeper.put('run', `job-${nth}`, runOf(`job-${nth}`, nth)));
    expect(keeper.holds('run', 'job-2')).toBe(true);
    await Promise.all(kept);
    for (const nth of [1, 2, 3])
      expect(await loadDocument(store, 'run', `job-${nth}`)).toMatchObject({
        kept: { body: { events: { length: nth } } },
      });
    expect(keeper.holds('run', 'job-2')).toBe(false);
  });

  test('closed while something is written: it is written, and nobody is told', async () => {
    const saving = saveJob(store, mugJob(), 0);
    await Promise.resolve();
    store.close();
    expect(await saving).toMatchObject({ kind: 'saved' });
  });

  test('a tab with an older layout makes the new one wait, and it says so; a newer one is made way for', async () => {
    await leave();
    const old = await openDB('lucky-sheet-own', 2, {
      upgrade: (db) => void db.createObjectStore('jobs'),
    });
    const { createStore } = await import('zustand/vanilla');
    const condition = createStore<'open' | 'waiting' | 'outdated'>(() => 'open');
    const opening = openBench('own', condition);
    await settled();
    expect(condition.getState()).toBe('waiting');
    old.close();
    store = await opening;
    expect(condition.getState()).toBe('open');

    const newer = await openDB('lucky-sheet-own', 9);
    expect(condition.getState()).toBe('outdated');
    await expect(saveJob(store, mugJob(), 0)).rejects.toThrow();
    newer.close();
    store.close();
  });
});
