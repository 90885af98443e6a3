import { HELD_OUT, TUNED, type FaultCase } from '@tests/support/faultCases';
import { blankOf, shelf } from '@tests/support/jobs';
import { DEMO_RECORDS } from '@/demo/records';
import { CAUSE_IDS, FAULT_IDS, type Cause, type PressRecord } from '../model';
import { askNext, CAUSES, diagnose, EVIDENCE, seenIn, type Seen } from '.';

const seenOf = ({ yes, no }: FaultCase): Seen =>
  Object.fromEntries([...yes.map((e) => [e, true]), ...no.map((e) => [e, false])]) as Seen;
const rankOf = (one: FaultCase): number =>
  diagnose(one.faults, seenOf(one)).findIndex(({ cause }) => cause === one.cause);
const within = (cases: readonly FaultCase[], most: number): number =>
  cases.filter((one) => rankOf(one) < most).length / cases.length;

describe('causes of 60 written cases', () => {
  test.each([
    ['looked over', TUNED],
    ['held out', HELD_OUT],
  ] as const)(
    '%s: the true cause is first in 70 %%, among the first three in 90 %%',
    (_, cases) => {
      expect(TUNED.length + HELD_OUT.length).toBe(60);
      expect(within(cases, 1)).toBeGreaterThanOrEqual(0.7);
      expect(within(cases, 3)).toBeGreaterThanOrEqual(0.9);
    },
  );
});

describe('a diagnosis', () => {
  test('shares of all causes come to one, and say what speaks for and against', () => {
    const found = diagnose(['faded'], { 'put-in-too-soon': true, 'pressed-less': false });
    expect(found.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(found[0]).toMatchObject({ cause: 'not-hot-yet', speaksFor: ['put-in-too-soon'] });
    const short = found.find(({ cause }) => cause === 'too-short');
    expect(short?.speaksAgainst).toContain('pressed-less');
  });

  test('nothing seen leaves the commonest causes of the fault', () => {
    const [first, second] = diagnose(['backwards'], {});
    expect([first?.cause, second?.cause].sort()).toEqual(['mirrored-twice', 'never-mirrored']);
  });

  test('a cause that was found before counts more the next time', () => {
    const share = (confirmed: readonly Cause[]) =>
      diagnose(['specks'], {}, confirmed).find(({ cause }) => cause === 'cover-used-twice')?.share;
    expect(share(['cover-used-twice', 'cover-used-twice'])).toBeGreaterThan(1.5 * (share([]) ?? 1));
  });

  test('what is asked next tells the likeliest causes apart', () => {
    expect([...askNext(['backwards'], {}, 2)].sort()).toEqual(['dialog-mirrored', 'file-mirrored']);
    const faded = askNext(['faded'], {}, 4);
    expect(faded).toHaveLength(4);
    expect(askNext(['tape-patch'], { 'tape-on-ink': true, 'in-one-place': true }, 3)).toEqual([]);
  });

  test('every fault has a cause that brings it, every thing seen a cause that shows it', () => {
    for (const fault of FAULT_IDS)
      expect(CAUSE_IDS.some((id) => fault in CAUSES[id].faults)).toBe(true);
    for (const evidence of EVIDENCE)
      expect(CAUSE_IDS.some((id) => evidence in CAUSES[id].shows)).toBe(true);
  });
});

test('a record tells by itself what was set, pressed and laid', () => {
  const hot = DEMO_RECORDS[6] as PressRecord;
  const machine = shelf.machines.find(({ id }) => id === 'mug-attachment') ?? null;
  expect(seenIn(hot, blankOf('mug-12oz'), machine)).toMatchObject({
    ...{ 'set-hotter': true, 'set-cooler': false, 'dark-blank': false },
    ...{ 'coating-unknown': false, 'never-measured': true },
  });
  expect(seenIn(hot, null, null)).not.toHaveProperty('mostly-cotton');
  expect(seenIn(hot, blankOf('tee-navy'), null)).toMatchObject({
    'mostly-cotton': true,
    'dark-blank': true,
  });
});
