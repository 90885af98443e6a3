import { groundOf } from '@/core/colour';
import { TRANSFERS } from '@/core/transfer';
import { blankOf } from '@tests/support/jobs';
import { chartFaultWords, colourNameOf, forecastLine } from './colours';

test.each([
  ['#ffffff', 'white'],
  ['#000000', 'black'],
  ['#808080', 'grey'],
  ['#f8c8d8', 'pale pink'],
  ['#ff0000', 'red'],
  ['#8b4513', 'brown'],
  ['#ffa500', 'orange'],
  ['#ffff00', 'yellow'],
  ['#00a000', 'green'],
  ['#40e0d0', 'turquoise'],
  ['#0000ff', 'blue'],
  ['#1f2a6a', 'dark blue'],
  ['#800080', 'dark purple'],
  ['#ff69b4', 'pink'],
])('%s is called %s', (hex, name) => {
  expect(colourNameOf(hex)).toBe(name);
});

test('a forecast says what it goes by', () => {
  const on = (part: object) =>
    forecastLine(groundOf(TRANSFERS.sublimation, { ...blankOf('tee').substrate, ...part }), 'grey');
  expect(on({})).toMatch(/^Dye lets grey shine through.*A forecast, not a promise/);
  expect(on({ polyesterShare: 0.65 })).toContain('Only 65 % of the cloth takes dye');
  expect(on({ polyesterShare: 0 })).toContain('it washes out');
  expect(on({ finish: 'glitter' })).toContain('glitter hides');
  const covers = groundOf(TRANSFERS['dark-paper'], blankOf('tee').substrate);
  expect(forecastLine(covers, 'grey')).toMatch(/^It covers/);
});

test('a chart that cannot be read says what to do', () => {
  expect(chartFaultWords({ code: 'marks', found: 2 })).toMatch(/^2 of the four.*from above/);
  expect(chartFaultWords({ code: 'not-the-chart', alike: 0.1 })).toMatch(/Take the photo again/);
  expect(chartFaultWords({ code: 'light', share: 0.99 })).toMatch(/overexposed.*99 %/);
  expect(chartFaultWords({ code: 'light', share: 0.02 })).toMatch(/too dark/);
});
