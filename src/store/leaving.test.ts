import { leave, tab } from '@tests/support/tabs';
import { mugJob, NOW } from '@tests/support/jobs';
import { BUILT_IN_SHELF } from '@/core/shelf';
import type { Printer } from '@/core/model';
import {
  createJobSession,
  createKeeper,
  leaveBehind,
  loadDocument,
  loadJob,
  saveDocument,
  saveJob,
  takeUpLeft,
  type AtOnceStorage,
  type BenchStore,
} from '.';

/** What the browser keeps beside its database. */
function atOnceStorage(): AtOnceStorage & { readonly kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    get length() {
      return kept.size;
    },
    key: (nth) => [...kept.keys()][nth] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, text) => void kept.set(key, text),
    removeItem: (key) => void kept.delete(key),
  };
}

const [preset] = BUILT_IN_SHELF.printers;
if (!preset) throw new Error('no printer on the shelf');
const feeding = (feedSide: string): Printer => ({ ...preset, feedSide });
const feedOf = async (store: BenchStore) => {
  const found = await loadDocument(store, 'printer', preset.id);
  return found?.ok ? found.kept.body.feedSide : null;
};
/** A bench of which the page is gone before the database has answered. */
const gone = (store: BenchStore): BenchStore => ({
  ...store,
  use: () => new Promise(() => undefined),
});

let store: BenchStore;
beforeEach(async () => {
  store = await tab();
});
afterEach(() => leave());

describe('a page that is left before all is written', () => {
  test('the last letters typed at a printer are there again', async () => {
    const storage = atOnceStorage();
    const keeper = createKeeper(gone(store));
    void keeper.put('printer', preset.id, feeding('Print side to'));
    void keeper.put('printer', preset.id, feeding('Print side to the front'));
    leaveBehind('own', keeper.unwritten(), storage);
    expect(await feedOf(store)).toBeNull();
    await takeUpLeft(store, storage);
    expect(await feedOf(store)).toBe('Print side to the front');
    expect(storage.kept.size).toBe(0);
  });

  test('what was written after all while the page went is the ground of what came after it', async () => {
    const storage = atOnceStorage();
    const keeper = createKeeper(gone(store));
    void keeper.put('printer', preset.id, feeding('first'));
    void keeper.put('printer', preset.id, feeding('second'));
    leaveBehind('own', keeper.unwritten(), storage);
    const first = { kind: 'printer' as const, id: preset.id, body: feeding('first'), baseRev: 0 };
    await saveDocument(store, first);
    await takeUpLeft(store, storage);
    expect(await feedOf(store)).toBe('second');
  });

  test('what another tab stored since stands', async () => {
    const storage = atOnceStorage();
    const keeper = createKeeper(gone(store));
    void keeper.put('printer', preset.id, feeding('first'));
    void keeper.put('printer', preset.id, feeding('second'));
    leaveBehind('own', keeper.unwritten(), storage);
    const theirs = { kind: 'printer' as const, id: preset.id, body: feeding('other'), baseRev: 0 };
    await saveDocument(store, theirs);
    await takeUpLeft(store, storage);
    expect(await feedOf(store)).toBe('other');
  });

  test('a job’s last edit is there again, and an undo of what was just being saved', async () => {
    const storage = atOnceStorage();
    await saveJob(store, mugJob(), 0, NOW);
    const stored = await loadJob(store, 'job-1');
    if (!stored) throw new Error('not kept');
    const session = createJobSession(gone(store), stored);
    session.edit((job) => ({ ...job, bleedMm: 3 }));
    session.edit((job) => ({ ...job, bleedMm: 4 }));
    leaveBehind('own', session.unwritten(), storage);
    await takeUpLeft(store, storage);
    expect((await loadJob(store, 'job-1'))?.body.bleedMm).toBe(4);
    session.close();
  });

  test('nothing is left where all is written, and strangers’ words are not taken up', async () => {
    const storage = atOnceStorage();
    leaveBehind('own', createKeeper(store).unwritten(), storage);
    expect(storage.kept.size).toBe(0);
    storage.setItem('lucky-sheet-left/own/x', '[{"kind":"printer"}]');
    storage.setItem('lucky-sheet-left/own/y', 'no json');
    storage.setItem('lucky-sheet-left/demo/z', '[]');
    const broken = { kind: 'printer', id: preset.id, version: 1, baseRev: 0, body: { id: 7 } };
    storage.setItem('lucky-sheet-left/own/w', JSON.stringify([broken]));
    await takeUpLeft(store, storage);
    expect(await feedOf(store)).toBeNull();
    expect([...storage.kept.keys()]).toEqual(['lucky-sheet-left/demo/z']);
  });
});
