import { goldenJobs } from '@tests/support/golden';
import { mugJob, shelf } from '@tests/support/jobs';
import { passIds, programSchema, seenFrom, type Job, type Program } from '../model';
import { TRANSFERS } from '../transfer';
import { planJob } from '../plan';
import { pressedAgain } from '.';

const programOf = (job: Job): Program => planJob(job, shelf).press.program;
const doneIn = ({ operations }: Program) => operations.map(({ does }) => does);

describe('a second heat', () => {
  test('under its own paper: so long, and nothing printed, trimmed, dried or wrapped anew', () => {
    const first = programOf(mugJob());
    const again = pressedAgain(first, { how: 'under-its-paper', dwellS: 60 });
    const pressS = again.operations.reduce(
      (sum, { kind, countedS }) => sum + (kind === 'press' ? (countedS ?? 0) : 0),
      0,
    );
    expect(pressS).toBe(60);
    expect(again.passes[0]?.settings).toMatchObject({ dwellS: 60, own: true });
    expect(again.passes[0]?.settings.temperatureC).toBe(first.passes[0]?.settings.temperatureC);
    const kept = doneIn(again).filter((does) => does !== 'see-that-paper-holds');
    expect(doneIn(first)).toEqual(expect.arrayContaining(kept));
    expect(again.operations.filter(({ kind }) => kind === 'prepare')).toMatchObject([
      { does: 'see-that-paper-holds' },
    ]);
    expect(again.operations.flatMap(({ uses }) => uses).map(({ is }) => is)).not.toContain('print');
    expect(again.conditions.again).toBe('under-its-paper');
  });

  test('of every pass of every demo job it is a whole program, of what is there already', () => {
    const passes = goldenJobs().flatMap((job) =>
      passIds(job).map((id) => ({ ...seenFrom(job, id), further: [] })),
    );
    const tried = passes.filter((job) => programOf(job).operations.length > 0);
    expect(new Set(tried.map(({ transfer }) => transfer)).size).toBeGreaterThan(2);
    for (const job of tried) {
      const how = TRANSFERS[job.transfer].dye ? 'under-its-paper' : 'what-lifts';
      const again = pressedAgain(programOf(job), { how, dwellS: 30 });
      expect(programSchema.safeParse(again).error).toBeUndefined();
      const ids = again.operations.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      const begins = again.operations.flatMap(({ startsAfter }) => startsAfter ?? []);
      expect(ids).toEqual(expect.arrayContaining(begins));
      const kinds = again.operations.map(({ kind }) => kind).filter((kind) => kind !== 'prepare');
      expect([kinds[0], kinds.at(-1)]).toEqual(['switch-on', 'unwrap']);
      expect(ids.indexOf('prepare-again')).toBe(ids.indexOf('switch-on') + 1);
      const presses = again.operations.filter(({ kind }) => kind === 'press');
      expect(presses.every(({ layUp }) => layUp !== null)).toBe(true);
      if (how === 'under-its-paper') continue;
      expect(doneIn(again)).not.toEqual(expect.arrayContaining(['peel-hot']));
      expect(doneIn(again).at(-1)).toBe('look-at-edges');
      const over = again.layUps[0]?.findIndex(({ role }) => role === 'print') ?? 0;
      expect(again.layUps[0]?.slice(0, over).some(({ role }) => role === 'protect')).toBe(true);
      expect(again.layUps[0]?.[over]?.note).toBe('on-cloth-already');
    }
  });
});

describe('what a second heat needs anew', () => {
  test('what is put on the press for it is put on first, where it was taken off since', () => {
    const job = { ...mugJob(), heat: { ...mugJob().heat, machineId: 'mug-attachment' } };
    const again = pressedAgain(programOf(job), { how: 'under-its-paper', dwellS: 100 });
    expect(doneIn(again).slice(0, 3)).toEqual([
      'fit-attachment',
      again.operations[1]?.does,
      'see-that-paper-holds',
    ]);
    expect(again.operations[1]?.kind).toBe('switch-on');
  });

  test('an oven mug gets a new sleeve, since the first came off hot', () => {
    const oven = { ...mugJob(), heat: { ...mugJob().heat, machineId: 'oven' } };
    const again = pressedAgain(programOf(oven), { how: 'under-its-paper', dwellS: 600 });
    expect(doneIn(again)).toContain('shrink-sleeve');
    expect(doneIn(again)).not.toContain('wrap-and-tape');
    expect(again.operations.flatMap(({ uses }) => uses)).toContainEqual({
      is: 'shrink-sleeve',
      count: 1,
    });
  });
});
