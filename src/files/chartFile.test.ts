import { CHART_COLOURS, CHART_LIGHT, difference, type Rgb } from '@/core/colour';
import { readPatchList, writePatchList } from './chartFile';

/** A list as a colour reader would fill it in: every patch the same grey, the bare blank nearly white. */
const filled = (line: (patch: number) => string) =>
  ['patch;L;a;b', ...Array.from({ length: CHART_COLOURS.length + 1 }, (_, i) => line(i))].join(
    '\n',
  );

test('patches are told beside the bare blank', () => {
  const read = readPatchList(filled((i) => (i === 0 ? '0;100;0;0' : `${i};53,39;0;0`)));
  if (!read.ok) throw new Error(read.reason);
  // L* 53.39 is 21.4 % of the light (CIE 1976)
  for (const patch of read.value) for (const v of patch) expect(v).toBeCloseTo(0.214, 3);
  expect(read.value).toHaveLength(CHART_LIGHT.length);
  const yellowish = readPatchList(filled((i) => `${i};90;1;6`));
  const all: readonly Rgb[] = yellowish.ok ? yellowish.value : [];
  for (const patch of all) expect(difference(patch, [1, 1, 1])).toBeLessThan(0.1);
});

test('the list to fill in names every patch, and is refused while it is empty', () => {
  const list = writePatchList();
  expect(list.split('\n')).toHaveLength(CHART_COLOURS.length + 2);
  expect(readPatchList(list)).toMatchObject({
    ok: false,
    reason: expect.stringMatching(/Line 2/) as string,
  });
});

test.each([
  ['name,colour\n1,2', /must name the columns/],
  [filled((i) => `${i};50;0;${i === 7 ? 'x' : 0}`), /Line 9: patch 7/],
  [filled((i) => `${i === 3 ? 99 : i};50;0;0`), /Line 5: no patch/],
  [filled((i) => `${i === 0 ? 1 : i};50;0;0`), /Patch 0, the bare blank/],
  [filled((i) => `${i === 5 ? 4 : i};50;0;0`), /Patch 5 \(#/],
  ['x'.repeat(60_000), /too long/],
])('%# is refused with its line', (text, why) => {
  const read = readPatchList(text);
  expect(!read.ok && read.reason).toMatch(why);
});
