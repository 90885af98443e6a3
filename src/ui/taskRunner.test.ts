import type { OnProgress } from '@/workers/progress';
import { Cancelled, type Task } from '@/workers/task';
import { createTaskRunner } from './taskRunner';

/** A task that tells and ends when it is told to. */
function told() {
  let tell: OnProgress = () => undefined;
  let cancel: () => void = () => undefined;
  let finish: (value: string) => void = () => undefined;
  const start = (onProgress: OnProgress): Task<string> => {
    tell = onProgress;
    const result = new Promise<string>((resolve, reject) => {
      finish = resolve;
      cancel = () => reject(new Cancelled());
    });
    return { result, cancel: () => cancel() };
  };
  return {
    start,
    tell: (share: number) => tell({ doing: 'Drawing', share }),
    finish: (value: string) => finish(value),
  };
}

test('what was told before it was stopped, and comes after, brings no bar back', async () => {
  const failed: string[] = [];
  const runner = createTaskRunner((reason) => failed.push(reason));
  const task = told();
  const result = runner.run(task.start);
  task.tell(0.5);
  expect(runner.progress.getState()).toEqual({ doing: 'Drawing', share: 0.5 });
  runner.cancel();
  expect(await result).toBeNull();
  task.tell(0.6);
  expect(runner.progress.getState()).toBeNull();
  expect(failed).toEqual([]);
});

test('a new task waits for the one before, and nothing of either is lost', async () => {
  const runner = createTaskRunner(() => undefined);
  const [one, two] = [told(), told()];
  const first = runner.run(one.start);
  const second = runner.run(two.start);
  one.tell(0.9);
  expect(runner.progress.getState()?.share).toBe(0.9);
  one.finish('first');
  expect(await first).toBe('first');
  await Promise.resolve();
  two.tell(0.2);
  expect(runner.progress.getState()?.share).toBe(0.2);
  two.finish('second');
  expect(await second).toBe('second');
  expect(runner.progress.getState()).toBeNull();
});

test('stopping stops those that wait as well', async () => {
  const runner = createTaskRunner(() => undefined);
  const results = [told(), told(), told()].map(({ start }) => runner.run(start));
  runner.cancel();
  expect(await Promise.all(results)).toEqual([null, null, null]);
  expect(runner.progress.getState()).toBeNull();
});
