import { celsiusToF } from '../units';
import { TRADE_UNITS } from '@/words/units';
import { conflictWords, saysWords } from '@/words';
import { planAgainst, readPacket, type PlanSays } from './packet';

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
])('“%s” says %s', (text, says) => {
  expect(readPacket(text).map((fact) => saysWords(fact, TRADE_UNITS))).toEqual([says]);
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
