import { artwork, findings, jobOn, NOW, shelf } from '@tests/support/jobs';
import { recordOf } from '../log';
import { planJob } from '../plan';
import { spentBy } from '../stock';
import { eveningOf } from '../evening';
import { FIRST_WISH, type Job } from '../model';
import { fahrenheitToC } from '../units';
import { testJob, type TestPiece } from '.';

const pieces = (
  [
    ['A', 380, 150],
    ['B', 400, 150],
    ['C', 400, 210],
  ] as const
).map(([letter, f, dwellS], i): TestPiece => ({
  name: `${letter} ${f} °F · ${dwellS} s`,
  heat: { temperatureC: fahrenheitToC(f), dwellS },
  art: artwork({ sha256: String(i + 1).repeat(64), storedWidthPx: 472, storedHeightPx: 472 }),
}));
const of = (blankId: string) =>
  testJob(jobOn(blankId), pieces, { id: 'test', name: 'Test pieces', now: NOW, shelf });

test.each(['mug-12oz', 'tee', 'round-coaster', 'tote', 'socks-m', 'latte-12oz', 'tumbler-20oz'])(
  '%s: every piece is printed once, small, and nothing stops it',
  (blankId) => {
    const job = of(blankId);
    const plan = planJob(job, shelf);
    expect(plan.checks.filter(({ level }) => level === 'stop')).toEqual([]);
    const printed = plan.sheets.flatMap(({ items }) => items);
    expect(printed.length).toBeGreaterThanOrEqual(3);
    const sides = plan.pieces.flatMap(({ arts }) => arts.map(({ box }) => box.width));
    expect(Math.max(...sides)).toBeLessThanOrEqual(40.001);
  },
);

const onAttachment = (): Job => {
  const job = of('mug-12oz');
  return { ...job, heat: { ...job.heat, machineId: 'mug-attachment' } };
};

test('each is pressed by its own figures, from the coolest on; the plate is set anew in between', () => {
  const { press } = planJob(onAttachment(), shelf);
  const done = press.program.operations.flatMap(({ kind, does, temperatureC, countedS }) =>
    kind === 'press' || does === 'reset-heat'
      ? [[does, Math.round(temperatureC ?? 0), countedS]]
      : [],
  );
  expect(done).toEqual(
    [
      ['press', 193, 150],
      ['reset-heat', 204, null],
      ['press', 204, 150],
      ['press', 204, 210],
    ].map(([does, ...figures]) => [does === 'press' ? expect.any(String) : does, ...figures]),
  );
});

test('in an evening every piece is a thing with a program of its own, and its record says so', () => {
  const job = onAttachment();
  const { things, left } = eveningOf([job], shelf, FIRST_WISH);
  expect(left).toEqual([]);
  expect(things.map(({ program }) => program.passes[0]?.settings.dwellS)).toEqual([150, 150, 210]);
  const own = { ...job, items: job.items.slice(2) };
  const told = { outcome: 'good', faults: [], note: '', photoSha256: null, items: [] } as const;
  const record = recordOf(
    'r',
    { job: own, plan: planJob(own, shelf), run: null },
    { ...told, faults: [], items: [] },
    NOW,
  );
  expect(record).toMatchObject({ dwellS: 210, test: true });
  expect(record.temperatureC).toBeCloseTo(fahrenheitToC(400), 6);
});

test('test pieces take sheets and supplies, but no new blanks', () => {
  const job = onAttachment();
  const kinds = (each: Job) => spentBy(each, planJob(each, shelf)).map(({ of }) => of.kind);
  expect(kinds(job)).toContain('paper');
  expect(kinds(job)).not.toContain('blank');
  expect(kinds({ ...job, items: job.items.map((item) => ({ ...item, heat: null })) })).toContain(
    'blank',
  );
});

test('a piece hotter than the blank bears stops the plan', () => {
  const tee = of('tee');
  const job = {
    ...tee,
    blank: { ...tee.blank, substrate: { ...tee.blank.substrate, maxC: fahrenheitToC(390) } },
  };
  expect(findings(job).join()).toContain('blank-limit');
});
