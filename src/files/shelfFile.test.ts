import { BLANKS } from '@/core/shelf/blanks';
import { readBlanksFile, writeBlanksFile } from './shelfFile';

test('every blank goes out to a file and comes back the same', () => {
  expect(readBlanksFile(writeBlanksFile(BLANKS))).toEqual({ ok: true, value: [...BLANKS] });
});

test.each([
  ['{', /not a JSON/],
  ['{"format":"other"}', /not blanks of Lucky Sheet: format/],
  [writeBlanksFile([]), /blanks/],
  [writeBlanksFile(BLANKS).replace(/"widthMm": [\d.]+/, '"widthMm": -3'), /widthMm/],
])('%#: a file that cannot be read changes nothing and says why', (text, says) => {
  const read = readBlanksFile(text);
  expect(read.ok ? '' : read.reason).toMatch(says);
});
