import type { LookFinding } from '@/core/look';
import { lookFindingWords, lookRemedyWords } from './look';
import { TRADE_UNITS } from './units';

const METRIC = { length: 'mm', temperature: '°C' } as const;
const box = { x: 10, y: 20, width: 30, height: 40 };
const swapped = { code: 'tile-swapped', tile: 'A1', shows: 'B2', box } as const;
const FOUND: readonly LookFinding[] = [
  { code: 'mirrored' },
  { code: 'size', across: 0.97, along: null },
  { code: 'tile-missing', tile: 'A1', box },
  { ...swapped, exchanged: null },
  { ...swapped, exchanged: box },
  { code: 'tile-turned', tile: 'A1', turnDeg: 180, box },
  { code: 'tile-size', tile: 'A1', scale: 0.97, box },
  { code: 'step', between: ['A1', 'A2'], mm: -0.8, box },
  { code: 'gap', between: ['A1', 'A2'], mm: 0.8, box },
  { code: 'border', tile: 'A1', side: 'left', mm: 1, box },
  { code: 'clipped', tile: null, side: 'top', mm: 3, box },
  { code: 'bare', tile: 'A1', mm: 12, box },
  { code: 'covered', tile: null, mm: 12, box },
  { code: 'crooked', deg: -1.2, mm: 2 },
  { code: 'aside', mm: 3 },
];

test.each(FOUND)('$code is told in whole sentences, with what to do', (finding) => {
  for (const units of [TRADE_UNITS, METRIC])
    for (const text of [lookFindingWords(finding, units), lookRemedyWords(finding)]) {
      expect(text).toMatch(/^[A-Z0-9].*\.$/);
      expect(text).not.toMatch(/undefined|NaN|null|[-−]\d/);
    }
  expect(lookFindingWords(finding, METRIC)).not.toMatch(/\d in\b/);
});

test('two sheets that changed places are told as that, one in the place of another as it lies', () => {
  expect(lookFindingWords({ ...swapped, exchanged: box }, TRADE_UNITS)).toBe(
    'A1 and B2 lie in each other’s places.',
  );
  expect(lookFindingWords({ ...swapped, exchanged: null }, TRADE_UNITS)).toBe(
    'Where A1 must lie, B2 lies.',
  );
  expect(lookRemedyWords({ ...swapped, exchanged: box })).toMatch(/Lift A1 and B2/);
});
