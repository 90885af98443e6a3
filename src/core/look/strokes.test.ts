import type { Box } from '../geometry';
import type { Patch } from './residue';
import { isSlight, lostStrokes } from './strokes';
import { inGroups } from './together';

const box = (x: number, y: number, width: number, height: number): Box => ({ x, y, width, height });
const patch = (at: Box, white = 1): Patch => ({
  ...{ box: at, areaMm2: at.width * at.height, white, inked: 1, off: 40 },
});
const GONE = { inPlace: 0.5, best: 0.6 };
const IN_PLACE = { inPlace: 0.97, best: 0.97 };
const ASIDE = { inPlace: 0.5, best: 0.95 };

test('what lies near each other is one group, also by what lies between; what lies apart is not', () => {
  const [left, right, apart] = [box(0, 0, 2, 2), box(10, 0, 2, 2), box(40, 0, 2, 2)];
  const between = box(5, 0, 2, 2);
  const of = (boxes: Box[]) =>
    inGroups(
      boxes.map((each) => ({ box: each })),
      3,
    ).map((group) => group.box.width);
  expect(of([left, right, apart])).toEqual([2, 2, 2]);
  expect(of([left, right, apart, between]).sort((a, b) => a - b)).toEqual([2, 12]);
  expect(of([])).toEqual([]);
});

test('small or thin is slight', () => {
  expect(isSlight(patch(box(0, 0, 2, 2)))).toBe(true);
  expect(isSlight(patch(box(0, 0, 1.4, 9)))).toBe(true);
  expect(isSlight(patch(box(0, 0, 2.4, 2.4)))).toBe(false);
});

test('the strokes of a letter that is gone are told as one, each counting by its area', () => {
  const stem = patch(box(10, 10, 1, 6), 1);
  const arm = patch(box(12, 10, 2, 1), 0.4);
  const far = patch(box(60, 10, 1, 6));
  const [letter, other, ...more] = lostStrokes([stem, arm, far], () => GONE);
  expect(more).toEqual([]);
  expect(letter?.box).toEqual(box(10, 10, 4, 6));
  expect(letter?.areaMm2).toBeCloseTo(8);
  expect(letter?.white).toBeCloseTo((6 * 1 + 2 * 0.4) / 8);
  expect(other?.box).toEqual(far.box);
});

test('strokes that are seen in their place or a little aside of it are not lost, nor is what is too little', () => {
  const stem = patch(box(10, 10, 1, 6));
  for (const seen of [IN_PLACE, ASIDE, null]) expect(lostStrokes([stem], () => seen)).toEqual([]);
  const crumb = patch(box(10, 10, 0.9, 0.9));
  const one = patch(box(10, 10, 1, 1.5));
  expect(lostStrokes([crumb, crumb, crumb, crumb], () => GONE)).toEqual([]);
  expect(lostStrokes([one], () => GONE)).toEqual([]);
  expect(lostStrokes([one, patch(box(12, 10, 1, 1.5))], () => GONE)).toHaveLength(1);
});
