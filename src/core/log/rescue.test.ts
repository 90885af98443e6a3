import { DEMO_RECORDS } from '@/demo/records';
import { rescueWords } from '@/words';
import { FAULT_IDS, TRANSFER_KINDS } from '../model';
import { TRANSFERS } from '../transfer';
import { againstSecondHeat, rescuesFor, testStock, type Spoiled } from '.';

const spoiled = (part: Partial<Spoiled>): Spoiled => ({
  ...{ transfer: 'sublimation', faults: ['faded'], takesOpaque: false, inParts: false },
  stillTaped: false,
  ...part,
});
const ways = (part: Partial<Spoiled>) => rescuesFor(spoiled(part)).map(({ way }) => way);

test('pale dye: once more only while its paper was never lifted; else it is said why not', () => {
  expect(ways({ stillTaped: true })).toEqual(['press-again', 'test-stock']);
  expect(ways({})).toEqual(['test-stock']);
  expect(againstSecondHeat(spoiled({}))).toBe('dye-moves-again');
  expect(againstSecondHeat(spoiled({ stillTaped: true }))).toBeNull();
});

test('what only sticks takes hold again; one bad piece of several is made anew', () => {
  expect(ways({ transfer: 'vinyl', faults: ['peeling'] })[0]).toBe('press-edges');
  expect(ways({ transfer: 'light-paper', faults: ['clipped'], inParts: true })[0]).toBe(
    'reprint-part',
  );
});

test('a ghost cannot be taken away: covered where the blank takes it', () => {
  expect(ways({ faults: ['ghost'], takesOpaque: true })).toEqual(['cover-over', 'test-stock']);
});

test('a cracked blank is never heated again, whatever else is wrong', () => {
  expect(ways({ faults: ['faded', 'cracked'], stillTaped: true })).toEqual(['give-up']);
});

test('spoiled ones are test stock until a test piece took them; cracked ones never are', () => {
  expect(testStock(DEMO_RECORDS, 'mug-12oz')).toBe(4);
  const used = DEMO_RECORDS.map((record) => ({ ...record, id: `test-${record.id}`, test: true }));
  expect(testStock([...DEMO_RECORDS, ...used.slice(0, 3)], 'mug-12oz')).toBe(1);
  expect(testStock([...DEMO_RECORDS, ...used], 'mug-12oz')).toBe(0);
  const cracked = DEMO_RECORDS.map((record) => ({ ...record, faults: ['cracked' as const] }));
  expect(testStock(cracked, 'mug-12oz')).toBe(0);
});

test('every fault of every transfer has a way out, in words; dye is never pressed again but taped', () => {
  for (const transfer of TRANSFER_KINDS)
    for (const fault of FAULT_IDS) {
      const found = rescuesFor(
        spoiled({ transfer, faults: [fault], takesOpaque: true, inParts: true }),
      );
      expect(found.length).toBeGreaterThan(0);
      found.forEach((each) => expect(rescueWords(each).length).toBeGreaterThan(20));
      const second = found.some(({ way }) => way === 'press-again' || way === 'press-edges');
      expect(second && TRANSFERS[transfer].dye).toBe(false);
    }
});
