import { DEMO_RECORDS } from '@/demo/records';
import { blankOf, shelf } from '@tests/support/jobs';
import { FAULT_IDS, type PressRecord } from '../model';
import { alikeTo, FAULT_STATIONS, lastTimes, otherwiseIn, sufferedAt } from '.';

const mug = {
  blank: blankOf('mug-12oz'),
  transfer: 'sublimation',
  machineId: 'mug-attachment',
} as const;
const record = (part: Partial<PressRecord>): PressRecord => ({
  ...(DEMO_RECORDS[2] as PressRecord),
  ...part,
});

describe('what is alike', () => {
  test('the very blank counts on any machine; its kin on the machine at hand only', () => {
    const { same, kin } = alikeTo(mug, DEMO_RECORDS, shelf);
    expect(same).toHaveLength(DEMO_RECORDS.length);
    expect(kin).toEqual([]);
    const larger = alikeTo({ ...mug, blank: blankOf('mug-15oz') }, DEMO_RECORDS, shelf);
    expect(larger.same).toEqual([]);
    expect(new Set(larger.kin.map(({ machineId }) => machineId))).toEqual(
      new Set(['mug-attachment']),
    );
  });

  test('another transfer, another form and what was simulated teach nothing of it', () => {
    expect(alikeTo({ ...mug, transfer: 'vinyl' }, DEMO_RECORDS, shelf).same).toEqual([]);
    expect(alikeTo({ ...mug, blank: blankOf('tee') }, DEMO_RECORDS, shelf)).toEqual({
      same: [],
      kin: [],
    });
    expect(alikeTo(mug, [record({ simulated: true })], shelf).same).toEqual([]);
  });

  test('the latest stands first', () => {
    const { same } = alikeTo(mug, DEMO_RECORDS, shelf);
    expect(same[0]?.at.localeCompare(same.at(-1)?.at ?? '')).toBe(1);
  });
});

describe('the last times', () => {
  const { same } = alikeTo(mug, DEMO_RECORDS, shelf);
  const times = lastTimes(same, 'Press with mug attachment');

  test('what was tried on the machine at hand comes first, the best of it before the rest', () => {
    expect(times.tried[0]).toMatchObject({
      ...{ machineName: 'Press with mug attachment', dwellS: 180 },
      counts: { good: 3 },
    });
  });

  test('a spoiled one is held against the good one it differs least from', () => {
    const scorched = lastTimes(
      same.filter(({ machineId }) => machineId === 'mug-attachment'),
      '',
    ).spoiled.find((each) => each.record.faults.includes('scorched'));
    expect(scorched?.otherwise).toEqual([
      { what: 'heat', byC: expect.closeTo(20 / 1.8, 6) as number },
      { what: 'time', byS: 60 },
    ]);
    expect(lastTimes([record({ outcome: 'spoiled' })], '').spoiled[0]?.otherwise).toBeNull();
  });

  test('what is the same is not told; what is not known is not compared', () => {
    expect(otherwiseIn(record({}), record({ id: 'other' }))).toEqual([]);
    expect(
      otherwiseIn(record({ pressure: 'light', paperId: 'a4', paperName: 'A4' }), record({})),
    ).toEqual([
      { what: 'pressure', from: 'medium', to: 'light' },
      { what: 'paper', name: 'A4' },
    ]);
    expect(otherwiseIn(record({ temperatureC: null }), record({}))).toEqual([]);
  });
});

describe('a fault once suffered', () => {
  test('every fault has its station, and is told where it can be prevented', () => {
    expect(Object.keys(FAULT_STATIONS).sort()).toEqual([...FAULT_IDS].sort());
    const { same } = alikeTo(mug, DEMO_RECORDS, shelf);
    expect(sufferedAt('heat', same)[0]).toMatchObject({ fault: 'faded', times: 4 });
    expect(sufferedAt('sheets', same)).toMatchObject([{ fault: 'backwards', times: 1 }]);
    expect(sufferedAt('blank', same)).toEqual([]);
  });

  test('the last time is the latest, whatever the order', () => {
    const at = (day: number) => record({ at: `2026-01-0${day}T10:00:00.000Z`, faults: ['specks'] });
    expect(sufferedAt('press', [at(2), at(5), at(3)])).toEqual([
      { fault: 'specks', lastAt: '2026-01-05T10:00:00.000Z', times: 3 },
    ]);
  });
});
