import { eveningCalled, SEVEN } from '@tests/support/demoEvenings';
import type { KeptLook } from '../../model';
import { assembledOf, lastTouch, lookedAt, looksOf, progressOf, takenBack, touched } from '.';

const at = (s: number) => new Date(SEVEN.getTime() + 1000 * s);

test('a look at a photo is kept beside what is done: no touch, never taken back, told once with its remedy', () => {
  const begun = eveningCalled({ 'demo-comet': 2 });
  const made = assembledOf(begun);
  const on = touched(made, begun, 0, at(1));
  const found: KeptLook = { at: '', found: ['step'], remedies: [] };
  const looks: [string, KeptLook][] = [
    ['demo-comet', found],
    ['demo-comet', { ...found, remedies: ['lay-again'] }],
    ['demo-tee', found],
    ['demo-comet', { ...found, found: [] }],
  ];
  const run = looks.reduce(
    (sum, [jobId, look], nth) => lookedAt(sum, jobId, look, at(2 + nth)),
    on,
  );
  expect(lastTouch(run)).toBe(at(1).toISOString());
  expect(progressOf(made, run, 90)).toEqual(progressOf(made, on, 90));
  expect(takenBack(run).events.map(({ kind }) => kind)).toEqual(looks.map(() => 'looked'));
  expect(looksOf(run, 'demo-comet')).toEqual([
    { at: at(3).toISOString(), found: ['step'], remedies: ['lay-again'] },
    { at: at(5).toISOString(), found: [], remedies: [] },
  ]);
});
