import { celsiusToF } from '../../units';
import { TRADE_UNITS } from '@/words/units';
import { conflictWords, saysWords } from '@/words';
import { planAgainst, readPacket, type PlanSays } from '.';

const PACKET = `Print mirrored on the coated side. Pre-press the shirt for 10 seconds.
Press at 400 °F (204°C) for 50-60 seconds with medium pressure. Let it cool for 2 minutes; cold peel.
Wash at 30 °C.`;

test('temperatures, times, pressure, mirroring and peel are found where they stand', () => {
  const facts = readPacket(PACKET);
  expect(facts.map((fact) => saysWords(fact, TRADE_UNITS))).toEqual([
    'Print mirrored on the coated side',
    'mirrored',
    '10 s, pre-press',
    '400 °F',
    '60 s',
    'medium pressure',
    '2 min, wait',
    'peel cold',
    'Wash at 30 °C',
  ]);
  expect(facts.map(({ from, to }) => PACKET.slice(from, to))).toEqual([
    'Print mirrored on the coated side',
    'mirrored',
    '10 seconds',
    '400 °F',
    '50-60 seconds',
    'medium pressure',
    '2 minutes',
    'cold peel',
    'Wash at 30 °C',
  ]);
});

test.each([
  ['Do not mirror the design.', 'not mirrored'],
  ["Don't reverse your image", 'not mirrored'],
  ['Flip the picture before printing', 'mirrored'],
  ['Pressure: firm', 'firm pressure'],
  ['use heavy pressure', 'firm pressure'],
  ['Peel the carrier while hot', 'peel hot'],
  ['165 degrees Celsius', '329 °F'],
  ['for 1.5 min', '90 s'],
  // signs and words of print and of other programs
  ['Press at 400ºF', '400 °F'],
  ['Press at 400℉', '400 °F'],
  ['Set it to 400 degrees', '400 °F'],
  ['Temp: 400', '400 °F'],
  ['Turn the press up to 400 degrees', '400 °F'],
  ['Press for half a minute', '30 s'],
  ['Temperature (°C): 200', '392 °F'],
  ['385°F – 400°F', '400 °F'],
  ['385 to 400 °F', '400 °F'],
  ['Press for 2 1/2 minutes', '2 min 30 s'],
  ['Press for 3½ minutes', '3 min 30 s'],
  ['Press 1 minute and 30 seconds', '90 s'],
  ['Press for 1:30', '90 s'],
  ['Time (sec): 60', '60 s'],
  ['Press for one minute', '60 s'],
  ['60 sec to 75 sec', '75 s'],
  // the picture is turned, not the thing it goes on
  ['Print in reverse', 'mirrored'],
  ['If your design has words, mirror it', 'mirrored'],
  ['No mirror needed', 'not mirrored'],
  ['The image does not need to be mirrored', 'not mirrored'],
  ['Mirroring is unnecessary', 'not mirrored'],
  ['You can skip mirroring', 'not mirrored'],
  ['Mirror image: no', 'not mirrored'],
  ['Mirroring required? No', 'not mirrored'],
  ['Mirror image: yes', 'mirrored'],
  ['Print it non-mirrored', 'not mirrored'],
  ['Don’t forget to mirror your image!', 'mirrored'],
  ['Never press without mirroring', 'mirrored'],
  ['Do not stretch or mirror the image', 'not mirrored'],
  ['Print with no bleed and mirror the image', 'mirrored'],
  ['Do not scale but mirror', 'mirrored'],
  ['Do not peel until cold', 'peel cold'],
])('“%s” says %s', (text, says) => {
  expect(readPacket(text).map((fact) => saysWords(fact, TRADE_UNITS))).toEqual([says]);
});

test.each([
  ['Pre-press 3 to 5 s, then press 60 s', ['5 s, pre-press', '60 s']],
  ['Press for 60 seconds and let cool', ['60 s']],
  ['Press 60 s and wait 10 s before pressing again', ['60 s', '10 s, wait']],
  ['Let it cool, about 30 seconds', ['30 s, wait']],
  ['10 seconds pre-press', ['10 s, pre-press']],
])('“%s”: what each time is for', (text, says) => {
  expect(readPacket(text).map((fact) => saysWords(fact, TRADE_UNITS))).toEqual(says);
});

test.each([
  'Do not exceed 400 °F',
  'Heat resistant to 400 °F',
  'Set it to 200 degrees',
  'Press at 1400F',
  'Never peel hot',
  'Press as firmly as needed, tens of times',
  'Press a second time',
  'Rotate the mug 360 degrees',
  'A 360 degree wrap',
  'Do not use heavy pressure',
  'Panels with a mirror finish',
  'Flip the shirt',
  'If it is not mirrored, words read backwards',
])('“%s” is no setting', (text) => expect(readPacket(text)).toEqual([]));

test('a denial is quoted with what it denies', () => {
  const text = 'Cotton sheets: no need to mirror the image.';
  expect(readPacket(text).map(({ from, to }) => text.slice(from, to))).toEqual([
    'no need to mirror',
  ]);
});

test('what is no pressing is left alone', () => {
  expect(readPacket('Store at 20 °C. Keep 10 sheets flat. Serves 2.')).toEqual([]);
  // how it is washed is kept as it stands, and is no temperature to press at
  expect(readPacket('Wash at 40 °C.').map(({ kind }) => kind)).toEqual(['wash']);
  expect(readPacket('')).toEqual([]);
});

test('only what contradicts the plan is a conflict', () => {
  const plan: PlanSays = {
    temperatureC: 200,
    dwellS: 60,
    pressure: 'medium',
    mirrored: true,
    peel: 'hot',
  };
  const conflicts = readPacket(PACKET).flatMap((fact) => {
    const ours = planAgainst(fact, plan);
    return ours ? [conflictWords(fact, ours, TRADE_UNITS)] : [];
  });
  expect(conflicts).toEqual([
    'The packet says 400 °F; the plan says 392 °F.',
    'The packet says peel cold; the plan says peel hot.',
  ]);
  expect(celsiusToF(200)).toBe(392);
});

test('a long run of digits is read as quickly as any other text', () => {
  // figures have few digits, so that no text makes the reader try every part of it against every other
  expect(readPacket('7'.repeat(20_000))).toEqual([]);
  expect(readPacket('Up to 4.5 x 4.5 in: 1.5 min')).toMatchObject([
    { kind: 'size-time', widthMm: 114.3, dwellS: 90 },
  ]);
});
