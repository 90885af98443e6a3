import { PDFDocument } from '@cantoo/pdf-lib';
import { spaceOf } from './colourSpace';
import { srgbProfile } from './srgbProfile';

test('a profile that several pictures have stands in a document once, another beside it', async () => {
  const doc = await PDFDocument.create();
  const bytes = srgbProfile();
  const first = spaceOf(doc, 3, { bytes, channels: 3 });
  expect(spaceOf(doc, 3, { bytes: bytes.slice(), channels: 3 })).toEqual(first);
  const other = bytes.slice();
  other[4] = (other[4] ?? 0) ^ 1;
  expect(spaceOf(doc, 3, { bytes: other, channels: 3 })).not.toEqual(first);
  // what was given away since does not make it another
  const given = bytes.slice();
  const late = await PDFDocument.create();
  const own = spaceOf(late, 3, { bytes: given, channels: 3 });
  structuredClone(given.buffer, { transfer: [given.buffer] });
  expect(spaceOf(late, 3, { bytes, channels: 3 })).toEqual(own);
  expect(spaceOf(doc, 3)).toBe('DeviceRGB');
});
