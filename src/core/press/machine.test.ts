import fc from 'fast-check';
import { shelf } from '@tests/support/jobs';
import type { Machine } from '../model';
import { fahrenheitToC } from '../units';
import { displaySetting, splitTimer } from '.';

const press = (part: Partial<Machine>): Machine => {
  const machine = shelf.machines.find(({ id }) => id === 'plate-press');
  if (!machine) throw new Error('no plate press on the shelf');
  return { ...machine, ...part };
};

test('165 °C is 329 °F; a press that steps by 5 shows 330: a degree is not worth a word', () => {
  const set = displaySetting(press({ displayStep: 5 }), 165);
  expect(set).toMatchObject({ figure: 330, unit: '°F', offsetC: null, coarseStep: null });
  expect(set.errorC).toBeCloseTo(1 / 1.8, 6);
  const coarse = displaySetting(press({ displayStep: 25 }), 165);
  expect(coarse.coarseStep).toBe(25);
  expect(coarse.errorC * 1.8).toBeCloseTo(-4, 6);
});

test('a display that says 395 while the plate reads 390 is set 5 up', () => {
  const offset = press({ displayOffsetC: -5 / 1.8 });
  const set = displaySetting(offset, fahrenheitToC(390));
  expect(set.figure).toBe(395);
  expect((set.offsetC ?? 0) * 1.8).toBeCloseTo(-5, 6);
  expect(set.errorC).toBeCloseTo(0, 6);
});

test('what cools the plate on contact is added, for thick things only (2 °F, common practice)', () => {
  const drops = press({ dropC: 2 / 1.8 });
  expect(displaySetting(drops, fahrenheitToC(395), true).figure).toBe(397);
  expect(displaySetting(drops, fahrenheitToC(395)).figure).toBe(395);
});

test('a press that counts in °C is set in °C', () => {
  const celsius = press({ displayUnit: '°C' });
  expect(displaySetting(celsius, fahrenheitToC(400)).figure).toBe(204);
});

test('runs of a timer: 250 s by 99 is 99 + 99 + 52; nothing is ever lost', () => {
  expect(splitTimer(250, 99)).toEqual([99, 99, 52]);
  expect(splitTimer(75, 75)).toEqual([75]);
  expect(splitTimer(150, 75)).toEqual([75, 75]);
  expect(splitTimer(600, null)).toEqual([600]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 7200 }), fc.integer({ min: 5, max: 999 }), (s, most) => {
      const runs = splitTimer(s, most);
      expect(runs.reduce((sum, run) => sum + run, 0)).toBe(s);
      expect(Math.max(...runs)).toBeLessThanOrEqual(most);
    }),
  );
});
