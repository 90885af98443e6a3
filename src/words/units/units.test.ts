import fc from 'fast-check';
import {
  formatClock,
  formatDuration,
  formatFigure,
  formatLength,
  formatTemperature,
  parseDuration,
  parseLength,
  parseTemperature,
  readPrice,
} from '.';
import { fahrenheitToC } from '@/core/units';

const mm = (text: string, unit: 'in' | 'mm' = 'in') => {
  const read = parseLength(text, unit);
  return read.ok ? Number(read.value.toFixed(4)) : read.reason;
};

describe('lengths as crafters write them', () => {
  test.each([
    ['9 3/8', 238.125],
    ['9-3/8"', 238.125],
    ['9⅜', 238.125],
    ['¾', 19.05],
    ['9.375 in', 238.125],
    ['.5', 12.7],
    ['238 mm', 238],
    ['23,8 cm', 238],
    ['3/4in', 19.05],
    [' 8.75 inches ', 222.25],
    // as phones and other programs spell inch marks, hyphens and fractions
    ['9 3/8”', 238.125],
    ['9½″', 241.3],
    ['9–3/8 in.', 238.125],
    ["9 3/8''", 238.125],
    ['９', 228.6],
    ['2 ft', 609.6],
    ['1’ 2 1/2”', 368.3],
    ['2ft6', 762],
    ['1,375 in', 34.925],
  ])('%s', (text, expected) => expect(mm(text)).toBe(expected));

  test('a bare figure is taken in the unit at hand', () => expect(mm('238', 'mm')).toBe(238));

  test.each(['', 'in', 'nine', '9 3/', '3/0', '9 3', '-4', '9..3', '2 ft 30 mm', '2 ft in'])(
    '%j is explained',
    (text) => {
      expect(mm(text)).toMatch(/Try 9 3\/8, 9\.375 in or 238 mm/);
    },
  );

  test('a comma that can stand for thousands is asked about', () => {
    expect(mm('1,200 mm')).toBe('“1,200 mm” can be 1.2 mm or 1200 mm. Write it without the comma.');
    expect(mm('1,200', 'mm')).toMatch(/1200 mm/);
  });

  test('sixteenths are shown as fractions, other figures as decimals so that none is bent', () => {
    expect(formatLength(222.25, 'in')).toBe('8 3/4 in');
    expect(formatLength(25.4 * 3.79, 'in')).toBe('3.79 in');
    expect(formatLength(25.4 / 16, 'in')).toBe('1/16 in');
    expect(formatLength(222.25, 'mm')).toBe('222.3 mm');
    expect(formatFigure(-12.7, 'in')).toBe('−1/2');
    expect(formatFigure(25.4 * 1.999, 'in')).toBe('2');
  });

  test('what is shown reads back to within a hundredth of an inch', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2000, noNaN: true }), (length) => {
        const read = parseLength(formatLength(length, 'in'), 'in');
        return read.ok && Math.abs(read.value - length) <= 0.0051 * 25.4;
      }),
    );
  });
});

describe('temperatures and times', () => {
  test('400 °F is 204 °C (common practice, no source)', () => {
    expect(formatTemperature(fahrenheitToC(400), '°C')).toBe('204 °C');
    expect(formatTemperature(fahrenheitToC(400), '°F')).toBe('400 °F');
  });

  test('a typed unit outranks the unit at hand', () => {
    const read = parseTemperature('165 °C', '°F');
    expect(read.ok && formatTemperature(read.value, '°F')).toBe('329 °F');
    expect(parseTemperature('hot', '°F')).toMatchObject({ ok: false });
  });

  test.each(['400', '400º F', '400℉', '400 ˚f', '400 degrees Fahrenheit', '400 deg. F'])(
    '%s is 400 °F',
    (text) => {
      const read = parseTemperature(text, '°F');
      expect(read.ok && formatTemperature(read.value, '°F')).toBe('400 °F');
    },
  );

  test.each([
    ['60', 60],
    ['60 s', 60],
    ['3 min', 180],
    ['3:00', 180],
    ['6 min 30 s', 390],
    ['1,5 min', 90],
    ['2½ min', 150],
    ['1/2 min', 30],
    ['1m30', 90],
    ['1’30”', 90],
    ['30 mins', 1800],
    ['180 secs.', 180],
    ['1 h 5 min', 3900],
    ['1:30:00', 5400],
  ])('%s', (text, seconds) => expect(parseDuration(text)).toEqual({ ok: true, value: seconds }));

  test.each(['', '0', 'soon', '3:75', '1.5', '1 h 30', '3-4 min', '1/0 min'])(
    '%j is no time',
    (text) => expect(parseDuration(text).ok).toBe(false),
  );

  test('a clock shows 0:00 only when time is over', () => {
    expect(formatClock(0.2)).toBe('0:01');
    expect(formatClock(0)).toBe('0:00');
    expect(formatClock(900)).toBe('15:00');
    expect(formatDuration(390)).toBe('6 min 30 s');
    expect(formatDuration(60)).toBe('60 s');
  });
});

test.each([
  ['12.50', 12.5],
  ['12,50 €', 12.5],
  ['$1,299', 1299],
  ['1.299,00 EUR', 1299],
  ["1'299.5", 1299.5],
  ['.5', 0.5],
  ['0,035', 0.035],
  ['12.', 12],
  ['', null],
  ['€', null],
  ['-3', null],
  ['1,29,9', null],
  ['12 each', null],
])('%j is a price of %j', (text, price) => expect(readPrice(text)).toBe(price));
