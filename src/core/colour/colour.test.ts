import { luminance } from '.';

test('relative luminance of primaries, WCAG 2.2 definition', () => {
  expect(luminance('#ffffff')).toBeCloseTo(1, 9);
  expect(luminance('#000000')).toBe(0);
  expect(luminance('#ff0000')).toBeCloseTo(0.2126, 9);
  expect(luminance('#00ff00')).toBeCloseTo(0.7152, 9);
});

test('mid grey #777777 against white has the well-known contrast of 4.48 : 1', () => {
  expect((1 + 0.05) / (luminance('#777777') + 0.05)).toBeCloseTo(4.48, 2);
});
