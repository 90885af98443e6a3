import { mugJob, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { adoptTools, EMPTY_SHELF, mergeShelves, shelfFor } from '.';

const [printer] = shelf.printers;
const theirs = {
  ...shelfFor(mugJob(), shelf),
  printers: printer ? [{ ...printer, name: 'Theirs', feedSide: 'face up' }] : [],
};

test('the user’s own things stand in for presets of the same id', () => {
  const merged = mergeShelves(shelf, { ...EMPTY_SHELF, printers: theirs.printers });
  expect(merged.printers).toHaveLength(shelf.printers.length);
  expect(merged.printers.find(({ id }) => id === printer?.id)?.name).toBe('Theirs');
});

test('a job needs only its own paper, printer and machine to be planned elsewhere', () => {
  const small = shelfFor(mugJob(), shelf);
  expect([small.papers, small.printers, small.machines].map(({ length }) => length)).toEqual([
    1, 1, 1,
  ]);
  expect(planJob(mugJob(), small)).toEqual(planJob(mugJob(), shelf));
});

describe('a job from elsewhere', () => {
  const adopt = (from: typeof theirs, ours: typeof shelf) =>
    adoptTools(mugJob(), from, ours, () => 'new-id');

  test('uses what the shelf has already', () => {
    const { job, add } = adopt(shelfFor(mugJob(), shelf), shelf);
    expect(job).toEqual(mugJob());
    expect(add).toEqual(EMPTY_SHELF);
  });

  test('brings what is new under its own id', () => {
    expect(adopt(theirs, EMPTY_SHELF).add.printers).toEqual(theirs.printers);
  });

  test('gives a different tool of the same id a name of its own', () => {
    const { job, add } = adopt(theirs, shelf);
    expect(job.sheet.printerId).toBe('new-id');
    expect(add.printers).toEqual([{ ...theirs.printers[0], id: 'new-id' }]);
    expect(planJob(job, mergeShelves(shelf, add)).tools.printer.name).toBe('Theirs');
  });
});
