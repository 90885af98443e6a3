import { leave, settled, tab } from '@tests/support/tabs';
import { runOf } from '@tests/support/jobs';
import { createKeeper, loadDocument } from '.';

afterEach(() => leave());

test('what another tab wrote is not written over by what was made before it was read', async () => {
  const store = await tab();
  const keeper = createKeeper(store);
  await keeper.put('run', 'job-1', runOf('job-1'));
  const lost = jest.fn();
  keeper.onOvertaken(lost);
  const other = await tab();
  const elsewhere = createKeeper(other);
  elsewhere.know('run', 'job-1', 1);
  await elsewhere.put('run', 'job-1', runOf('job-1', 2));
  await settled();
  await keeper.put('run', 'job-1', runOf('job-1', 3));
  expect(lost).toHaveBeenCalledWith(
    expect.objectContaining({ stored: { ok: true, kept: expect.objectContaining({ rev: 2 }) } }),
  );
  expect(await loadDocument(store, 'run', 'job-1')).toMatchObject({
    kept: { body: { events: { length: 2 } } },
  });
});
