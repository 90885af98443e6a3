import { isInRanges } from './lettersOf';

test('a sign is in the ranges of a face as CSS Fonts 4, §4.5 reads them', () => {
  const latin = 'U+0-FF, U+131, U+2000-206F, U+4??';
  expect(['A', 'ß', 'ı', '–', 'я'].map((sign) => isInRanges(latin, sign))).toEqual(
    Array.from({ length: 5 }, () => true),
  );
  expect(['ő', '⭐', '月', '🦉'].map((sign) => isInRanges(latin, sign))).toEqual(
    Array.from({ length: 4 }, () => false),
  );
});
