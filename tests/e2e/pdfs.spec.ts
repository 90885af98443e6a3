import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument, PDFName, PDFRawStream, PDFString } from '@cantoo/pdf-lib';
import sharp from 'sharp';
import { onStage } from '../support/rendered';
import { checks, expect, givePicture, goTo, startMug, test } from './bench';

/** Four fields of colour, 96 × 64 pixels; as JPEG 2000 (ISO/IEC 15444-1) they were written by OpenJPEG's own tool. */
const FIELDS = [
  [200, 160, 90],
  [30, 160, 90],
  [200, 60, 90],
  [30, 60, 90],
] as const;
const [WIDTH, HEIGHT] = [96, 64];
const JPEG_2000 = readFileSync(join(__dirname, '..', 'fixtures', 'pictures', 'fields.jp2'));

/** The same fields as a JPEG in wide colours, written by libvips, and the profile that says so. */
async function inWideColours() {
  const pixels = Buffer.from(
    Array.from({ length: WIDTH * HEIGHT }, (_, i) => {
      const [right, lower] = [i % WIDTH >= WIDTH / 2, i >= (WIDTH * HEIGHT) / 2];
      return [...(FIELDS[(lower ? 2 : 0) + (right ? 1 : 0)] ?? [])];
    }).flat(),
  );
  const jpeg = await sharp(pixels, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .withIccProfile('p3')
    .jpeg({ quality: 98, chromaSubsampling: '4:4:4' })
    .toBuffer();
  return { jpeg, profile: (await sharp(jpeg).metadata()).icc ?? Buffer.alloc(0) };
}

/**
 * A page of 4 × 2 in: a picture in JPEG 2000 on its left half, one in wide colours on its right; over them words, their
 * letters by the name of a table, where one is named.
 */
async function strangePdf(jpeg2000: Uint8Array, table: string | null): Promise<Buffer> {
  const doc = await PDFDocument.create();
  const leaf = doc.addPage([288, 144]);
  const { context } = doc;
  const place = (name: string, more: object, bytes: Uint8Array) =>
    leaf.node.setXObject(
      PDFName.of(name),
      context.register(
        PDFRawStream.of(
          context.obj({
            ...{ Type: 'XObject', Subtype: 'Image', Width: WIDTH, Height: HEIGHT },
            ...more,
          }),
          bytes,
        ),
      ),
    );
  const { jpeg, profile } = await inWideColours();
  const wide = context.register(PDFRawStream.of(context.obj({ N: 3 }), profile));
  place('Left', { Filter: 'JPXDecode' }, jpeg2000);
  place(
    'Right',
    { Filter: 'DCTDecode', BitsPerComponent: 8, ColorSpace: ['ICCBased', wide] },
    jpeg,
  );
  // a font that is only named, its letters by the name of a table (ISO 32000-1 §9.7.5.2)
  const name = 'SomeMincho-Regular';
  const ordering = {
    ...{ Registry: PDFString.of('Adobe'), Ordering: PDFString.of('Japan1'), Supplement: 6 },
  };
  const letters = {
    ...{ Type: 'Font', Subtype: 'CIDFontType0', BaseFont: name },
    FontDescriptor: {
      ...{ Type: 'FontDescriptor', FontName: name, Flags: 4, FontBBox: [0, -200, 1000, 900] },
      ...{ ItalicAngle: 0, Ascent: 880, Descent: -120, CapHeight: 700, StemV: 80 },
    },
  };
  leaf.node.setFontDictionary(
    PDFName.of('Far'),
    context.register(
      context.obj({
        ...{ Type: 'Font', Subtype: 'Type0', BaseFont: name, Encoding: table ?? 'Identity-H' },
        DescendantFonts: [{ ...letters, CIDSystemInfo: ordering }],
      }),
    ),
  );
  const text = table ? ' BT /Far 20 Tf 20 20 Td <661F7A7A> Tj ET' : '';
  const drawing = `q 144 0 0 144 0 0 cm /Left Do Q q 144 0 0 144 144 0 cm /Right Do Q${text}`;
  leaf.node.addContentStream(context.register(context.stream(drawing)));
  return Buffer.from(await doc.save());
}

test('pictures of a PDF in JPEG 2000 and in colours of a profile are seen as they are', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  const pdf = await strangePdf(JPEG_2000, null);
  await givePicture(page, 'fields.pdf', pdf, 'application/pdf');
  await expect(page.getByRole('button', { name: /Its own size: 4 × 2 in/ })).toBeVisible();
  const seen = await onStage(page, 8, 4);
  const at = (column: number, row: number) =>
    [0, 1, 2].map((channel) => seen[3 * (8 * row + column) + channel] ?? 0);
  for (const left of [0, 4])
    for (const [i, field] of FIELDS.entries()) {
      const found = at(left + (i % 2) * 3, i < 2 ? 0 : 3);
      const off = field.map((value, channel) => Math.abs(value - (found[channel] ?? 0)));
      expect(Math.max(...off), `${left === 0 ? 'left' : 'right'} field ${i}`).toBeLessThan(8);
    }
  await expect(page.getByText(/came in without|own fonts/)).toHaveCount(0);
});

test('what a page of a PDF is drawn without is said', async ({ page }) => {
  await startMug(page);
  await goTo(page, 'Art');
  const damaged = new Uint8Array(JPEG_2000);
  const beginning = JPEG_2000.indexOf(Buffer.from([0xff, 0x4f, 0xff, 0x51]));
  damaged.fill(0x55, beginning + 50);
  await givePicture(
    page,
    'fields.pdf',
    await strangePdf(damaged, 'UniJIS-UTF16-H'),
    'application/pdf',
  );
  const told =
    /“fields\.pdf”: It came in without pictures that .* cannot be read\. Its text is set in this computer’s own fonts.* Look it over before you print\./;
  await expect(checks(page).getByText(told)).toBeVisible();
  // it stands with the job as long as the picture does
  await page.reload();
  await expect(checks(page).getByText(told)).toBeVisible();
  await page.getByRole('button', { name: 'Take off' }).click();
  await expect(page.getByText(told)).toHaveCount(0);
});

test('words whose table of letters cannot be had are said to be missing', async ({ page }) => {
  await page.route('**/pdf-reader/cmaps/**', (route) => route.abort());
  await startMug(page);
  await goTo(page, 'Art');
  const pdf = await strangePdf(JPEG_2000, 'UniJIS-UTF16-H');
  await givePicture(page, 'fields.pdf', pdf, 'application/pdf');
  const told =
    /“fields\.pdf”: It came in without words in a font that cannot be read\. Look it over/;
  await expect(checks(page).getByText(told)).toBeVisible();
});
