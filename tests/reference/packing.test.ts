/** Ganging against a common packing library on the same input, and against the area's lower bound. */
import { MaxRectsPacker, PACKING_LOGIC } from 'maxrects-packer';
import { area, contains, intersection } from '@/core/geometry';
import { pack, type PackItem, type PackRules } from '@/core/sheet/gang';

/** Numbers that look random and are the same every time (mulberry32). */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const LETTER = { width: 209, height: 273 };

function instance(seed: number, largest: number): PackItem[] {
  const random = seeded(seed);
  const count = 8 + Math.floor(random() * 40);
  return Array.from({ length: count }, (_, i) => ({
    id: `i${i}`,
    width: Math.round(18 + random() * (largest - 18)),
    height: Math.round(18 + random() * (largest - 18)),
  }));
}

const RULES: PackRules = { ...LETTER, gap: 5, turn: true, straightCuts: false };

/** What lies on the sheets must be every item once, on the sheet, apart by the gap. */
function expectSound(items: readonly PackItem[], rules: PackRules): number {
  const sheets = pack(items, rules);
  if (!sheets) throw new Error('not packed');
  expect(sheets.flat().map(({ id }) => id)).toHaveLength(items.length);
  expect(new Set(sheets.flat().map(({ id }) => id)).size).toBe(items.length);
  const page = { x: -1e-6, y: -1e-6, width: rules.width + 2e-6, height: rules.height + 2e-6 };
  for (const packed of sheets) {
    packed.forEach(({ box }, i) => {
      expect(contains(page, box)).toBe(true);
      const padded = { ...box, width: box.width + rules.gap, height: box.height + rules.gap };
      for (const other of packed.slice(i + 1)) {
        const grown = { ...other.box };
        grown.width += rules.gap;
        grown.height += rules.gap;
        expect(area(intersection(padded, grown))).toBeLessThan(1e-6);
      }
    });
  }
  return sheets.length;
}

const LOGICS = [PACKING_LOGIC.MAX_AREA, PACKING_LOGIC.MAX_EDGE];

/** The library at its best: each of its logics. */
function librarySheets(items: readonly PackItem[]): number {
  const counts = LOGICS.map((logic) => {
    const packer = new MaxRectsPacker(LETTER.width, LETTER.height, RULES.gap, {
      smart: false,
      pot: false,
      square: false,
      allowRotation: true,
      logic,
    });
    packer.addArray(
      items.map(({ width, height, id }) => ({ width, height, id, x: 0, y: 0 })) as never,
    );
    return packer.bins.length;
  });
  return Math.min(...counts);
}

test('over 200 seeded batches never more sheets than the library takes', () => {
  let fewer = 0;
  for (let seed = 1; seed <= 200; seed++) {
    const items = instance(seed, seed % 2 === 0 ? 70 : 140);
    const ours = expectSound(items, RULES);
    const theirs = librarySheets(items);
    expect({ seed, ours }).toEqual({ seed, ours: Math.min(ours, theirs) });
    if (ours < theirs) fewer++;
  }
  expect(fewer).toBeGreaterThan(0);
});

test('small items fill sheets to within 1.15 of what their area alone would take, on average', () => {
  let [sheets, bound] = [0, 0];
  for (let seed = 1; seed <= 60; seed++) {
    const random = seeded(seed + 500);
    const items = Array.from({ length: 150 }, (_, i) => ({
      id: `i${i}`,
      width: 15 + random() * 35,
      height: 15 + random() * 35,
    }));
    sheets += pack(items, RULES)?.length ?? Infinity;
    const needed = items.reduce((sum, { width, height }) => sum + (width + 5) * (height + 5), 0);
    bound += needed / ((LETTER.width + 5) * (LETTER.height + 5));
  }
  expect(sheets / bound).toBeLessThan(1.15);
});

/** Whether boxes can be parted by cuts from edge to edge, one after the other. */
function fallsApart(
  boxes: readonly { x: number; y: number; width: number; height: number }[],
): boolean {
  if (boxes.length < 2) return true;
  for (const [at, size] of [
    ['x', 'width'],
    ['y', 'height'],
  ] as const) {
    for (const { [at]: from, [size]: long } of boxes) {
      const cut = from + long;
      const before = boxes.filter((box) => box[at] + box[size] <= cut + 1e-6);
      const after = boxes.filter((box) => box[at] >= cut - 1e-6);
      if (after.length > 0 && before.length > 0 && before.length + after.length === boxes.length)
        return fallsApart(before) && fallsApart(after);
    }
  }
  return false;
}

test('packed for a trimmer, every sheet falls apart by straight cuts', () => {
  for (let seed = 1; seed <= 60; seed++) {
    const items = instance(seed, 120);
    const rules = { ...RULES, straightCuts: true };
    expectSound(items, rules);
    for (const packed of pack(items, rules) ?? [])
      expect(fallsApart(packed.map(({ box }) => box))).toBe(true);
  }
});

test('an item larger than the sheet is not packed; nothing takes no sheet', () => {
  expect(pack([{ id: 'a', width: 300, height: 300 }], RULES)).toBeNull();
  expect(pack([], RULES)).toEqual([]);
  // it fits once it may be turned
  const wide = { id: 'a', width: 270, height: 200 };
  expect(pack([wide], { ...RULES, turn: false })).toBeNull();
  expect(pack([wide], RULES)?.[0]?.[0]?.turned).toBe(true);
});
