import { leave, settled, tab } from '@tests/support/tabs';
import { mugJob, runOf, shelf } from '@tests/support/jobs';
import { createKeeper, loadDocument, openShelf, survey, type BenchStore } from '.';

let store: BenchStore;
beforeEach(async () => {
  store = await tab();
});
afterEach(() => leave());
/** Puts something into the database as no version of the app would. */
const put = (kind: 'machine', id: string, body: unknown, version = 4) =>
  store.use(async (db) => {
    await db.put('documents', { kind, id, rev: 3, savedAt: '', version, body });
  });

describe('the shelf, thing by thing', () => {
  const oven = () => {
    const found = shelf.machines.find(({ id }) => id === 'oven');
    if (!found) throw new Error('no oven');
    return found;
  };
  const shelfIn = async (on: BenchStore) => {
    const keeper = createKeeper(on);
    return { keeper, own: await openShelf(on, keeper) };
  };

  test('two tabs add different things: both stay, and each sees the other’s', async () => {
    const [one, two] = [await shelfIn(store), await shelfIn(await tab())];
    one.own.put({ machines: [{ ...oven(), id: 'mine', name: 'Mine' }] });
    two.own.put({
      papers: [{ ...shelf.papers[0], id: 'odd', name: 'Odd' } as (typeof shelf.papers)[0]],
    });
    await settled();
    for (const { own } of [one, two, await shelfIn(store)]) {
      expect(own.shelf.getState().machines.map(({ id }) => id)).toEqual(['mine']);
      expect(own.shelf.getState().papers.map(({ id }) => id)).toEqual(['odd']);
    }
  });

  test('the last letters typed are the ones that are kept', async () => {
    const { own, keeper } = await shelfIn(store);
    for (const name of ['B', 'Bi', 'Big', 'Big oven']) own.put({ machines: [{ ...oven(), name }] });
    expect(keeper.state.getState().kind).toBe('saving');
    await settled();
    expect(keeper.state.getState().kind).toBe('saved');
    expect((await shelfIn(store)).own.shelf.getState().machines[0]?.name).toBe('Big oven');
  });

  test('the same thing changed in two tabs at one moment: the first stands, the second is asked', async () => {
    const [one, two] = [await shelfIn(store), await shelfIn(await tab())];
    const lost: unknown[] = [];
    two.keeper.onOvertaken((each) => lost.push(two.own.giveWay(each)));
    await Promise.all([
      one.own.put({ machines: [{ ...oven(), name: 'First' }] }),
      two.own.put({ machines: [{ ...oven(), name: 'Second' }] }),
    ]);
    await settled();
    expect(lost).toMatchObject([{ machines: [{ name: 'Second' }] }]);
    expect(two.own.shelf.getState().machines[0]?.name).toBe('First');
  });

  test('taken off and put back', async () => {
    const { own } = await shelfIn(store);
    own.put({ machines: [oven()] });
    await own.remove('machines', 'oven');
    expect(own.shelf.getState().machines).toEqual([]);
    own.put({ machines: [oven()] });
    await settled();
    expect((await shelfIn(store)).own.shelf.getState().machines).toEqual([oven()]);
  });

  test('550 blanks are told of with the figure, and nothing is taken', async () => {
    const { own } = await shelfIn(store);
    const blanks = Array.from({ length: 550 }, (_, i) => ({ ...mugJob().blank, id: `b${i}` }));
    const put = own.put({ blanks });
    expect(put.ok ? '' : put.reason).toMatch(/would hold 550 blanks .* up to 500/);
    expect(own.shelf.getState().blanks).toEqual([]);
    expect(own.put({ blanks: blanks.slice(0, 500) }).ok).toBe(true);
    await settled();
    expect((await shelfIn(store)).own.shelf.getState().blanks).toHaveLength(500);
  });

  test('one unreadable thing is not the end of the shelf', async () => {
    await put('machine', 'oven', { ...oven(), maxC: 'hot' });
    const { own } = await shelfIn(store);
    own.put({ machines: [{ ...oven(), id: 'other' }] });
    own.put({ machines: [oven()] });
    await settled();
    expect((await shelfIn(store)).own.shelf.getState().machines).toHaveLength(2);
    expect((await survey(store)).unreadable.map(({ raw }) => raw.body)).toMatchObject([
      { maxC: 'hot' },
    ]);
  });
});

test('begun in one tab, a pressing is not begun over by another', async () => {
  const [one, two] = [createKeeper(store), createKeeper(await tab())];
  const lost: string[] = [];
  two.onOvertaken(({ kind, id }) => lost.push(`${kind} ${id}`));
  await one.put('run', 'job-1', runOf('job-1', 4));
  two.know('run', 'job-1', 0); // opened before the other began
  await two.put('run', 'job-1', runOf('job-1'));
  expect(lost).toEqual(['run job-1']);
  expect(await loadDocument(store, 'run', 'job-1')).toMatchObject({
    kept: { body: { events: { length: 4 } } },
  });
});
