import { HOSTILE_SVG, ORNAMENT_SVG } from '@tests/support/drawings';
import { pngPicture } from '@tests/support/pictures';
import { kindOf } from './fileKind';

const file = (...parts: BlobPart[]) => new Blob(parts);

test.each([
  ['an SVG with a prolog', HOSTILE_SVG, 'svg'],
  ['a bare SVG', ORNAMENT_SVG, 'svg'],
  ['an SVG after a comment and a DOCTYPE', `<!-- a -->\n<!DOCTYPE svg>\n${ORNAMENT_SVG}`, 'svg'],
  ['an SVG with a byte order mark', `\uFEFF${ORNAMENT_SVG}`, 'svg'],
  ['a PDF', '%PDF-1.7\n', 'pdf'],
  ['a page that only names svg', '<html><svg></svg></html>', 'pixels'],
  ['text', 'svg', 'pixels'],
  ['nothing', '', 'pixels'],
])('%s is known by its first bytes, never by its name', async (_what, text, kind) => {
  expect(await kindOf(file(text))).toBe(kind);
});

test('a PNG is a picture of pixels', async () => {
  expect(await kindOf(file(new Uint8Array(await pngPicture(4, 4))))).toBe('pixels');
});
