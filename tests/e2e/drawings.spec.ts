import { PDFDocument, rgb, StandardFonts } from '@cantoo/pdf-lib';
import sharp from 'sharp';
import { fromAProgram } from '../support/drawings';
import { onStage } from '../support/rendered';
import { checks, expect, givePicture, goTo, startMug, test } from './bench';

const COLUMNS = 24;
const ROWS = 12;

test('a drawing as programs write them is drawn as librsvg draws it', async ({ page }) => {
  const drawing = await fromAProgram();
  await startMug(page);
  await goTo(page, 'Art');
  await givePicture(page, 'stars.svg', Buffer.from(drawing), 'image/svg+xml');
  await expect(page.getByRole('button', { name: /Its own size: 4\.72 × 2\.36 in/ })).toBeVisible();
  const drawn = await sharp(Buffer.from(drawing), { density: 144 })
    .flatten({ background: '#fff' })
    .resize(COLUMNS, ROWS, { fit: 'fill', kernel: 'cubic' })
    .removeAlpha()
    .raw()
    .toBuffer();
  const seen = await onStage(page, COLUMNS, ROWS);
  const off = drawn.map((value, i) => Math.abs(value - (seen[i] ?? 0)));
  const mean = off.reduce((sum, each) => sum + each, 0) / off.length;
  expect(mean).toBeLessThan(5);
  // nothing of it is missing, and that is not said either
  await expect(page.getByText(/came in without|own fonts/)).toHaveCount(0);
});

test('what a drawing shows no more is said as it comes in, and its letters are warned of', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  const more =
    '<image width="9" height="9" href="photo.png"/><text x="20" y="60">Agnes</text>' +
    '<rect width="9" height="9"><animate attributeName="x" to="99"/></rect>';
  await givePicture(page, 'stars.svg', Buffer.from(await fromAProgram(more)), 'image/svg+xml');
  const told =
    /“stars\.svg”: It came in without movement, pictures that are not in the file or cannot be read\. Its text is set in this computer’s own fonts.* Look it over before you print\./;
  await expect(checks(page).getByText(told)).toBeVisible();
});

test('words of a PDF in a font that it does not bring are as wide as that font, letter by letter', async ({
  page,
}) => {
  const words = 'Agnes 7';
  const doc = await PDFDocument.create();
  const font = await doc.embedFont(StandardFonts.TimesRomanBold);
  const leaf = doc.addPage([288, 144]);
  leaf.drawRectangle({ x: 0, y: 0, width: 288, height: 144, color: rgb(0, 0, 0) });
  leaf.drawText(words, { x: 40, y: 60, size: 50, font, color: rgb(1, 1, 1) });
  await startMug(page);
  await goTo(page, 'Art');
  await givePicture(page, 'name.pdf', Buffer.from(await doc.save()), 'application/pdf');
  await expect(page.getByRole('button', { name: /Its own size: 4 × 2 in/ })).toBeVisible();
  const [across, down] = [1152, 576];
  const seen = await onStage(page, across, down);
  const light = (x: number) =>
    Array.from({ length: down }, (_, y) => seen[3 * (y * across + x)] ?? 0).some((v) => v > 128);
  const lit = Array.from({ length: across }, (_, x) => light(x));
  // each letter by itself, as its own width leaves it
  expect(lit.filter((now, x) => now && !lit[x - 1])).toHaveLength(6);
  // widths of the standard fonts (ISO 32000-1 §9.6.2.2), by the metrics that the PDF library brings
  const points = font.widthOfTextAtSize(words, 50);
  const seenPoints = ((lit.lastIndexOf(true) - lit.indexOf(true)) * 288) / across;
  expect(Math.abs(seenPoints - points) / points).toBeLessThan(0.03);
});
