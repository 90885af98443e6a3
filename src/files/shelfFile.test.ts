import { readFileSync } from 'node:fs';
import { BLANKS } from '@/core/shelf/blanks';
import { readBlanksFile, writeBlanksFile } from './shelfFile';

test('every blank goes out to a file and comes back the same', () => {
  expect(readBlanksFile(writeBlanksFile(BLANKS))).toEqual({ ok: true, value: [...BLANKS] });
});

test.each([
  ['{', /not a JSON/],
  ['{"format":"other"}', /not blanks of Lucky Sheet: the file.format/],
  [writeBlanksFile([]), /blanks/],
  [writeBlanksFile(BLANKS).replace(/"widthMm": [\d.]+/, '"widthMm": -3'), /widthMm/],
])('%#: a file that cannot be read changes nothing and says why', (text, says) => {
  const read = readBlanksFile(text);
  expect(read.ok ? '' : read.reason).toMatch(says);
});

test.each([2, 3])('a blanks file of version %i is read', (version) => {
  const text = readFileSync(`tests/fixtures/documents/blanks-file.v${version}.json`, 'utf8');
  expect(readBlanksFile(text)).toMatchObject({ ok: true, value: [{ id: 'mug-12oz' }] });
});

test('a newer one is told from a broken one', () => {
  const newer = writeBlanksFile(BLANKS).replace(/"version": \d+/, '"version": 99');
  const read = readBlanksFile(newer);
  expect(read.ok ? '' : read.reason).toMatch(/newer Lucky Sheet/);
});
