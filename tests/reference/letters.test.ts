import { execFileSync } from 'node:child_process';
import { create } from '@cantoo/fontkit';
import { LETTER_WIDTHS } from '@/words/drawings/letterWidths';
import { textWidthMm } from '@/words/drawings/wrap';
import { FONT_FILES } from '../support/letters';
import { pngPicture } from '../support/pictures';
import { jobWith, printToFile, renderWithPoppler } from '../support/printed';

test('every letter is as wide as the font that ships with the app says (fontkit)', () => {
  const fonts = FONT_FILES.map((bytes) => create(Buffer.from(bytes) as never)) as unknown as {
    unitsPerEm: number;
    hasGlyphForCodePoint: (code: number) => boolean;
    glyphForCodePoint: (code: number) => { advanceWidth: number };
  }[];
  let letters = 0;
  for (const [width, alike] of LETTER_WIDTHS)
    for (const letter of alike) {
      const code = letter.codePointAt(0) ?? 0;
      const font = fonts.find((each) => each.hasGlyphForCodePoint(code));
      const { advanceWidth } = font?.glyphForCodePoint(code) ?? { advanceWidth: NaN };
      expect([letter, width]).toEqual([
        letter,
        Math.round((1000 * advanceWidth) / (font?.unitsPerEm ?? 1)),
      ]);
      letters++;
    }
  expect(letters).toBeGreaterThan(290);
});

test('a line is as wide as Poppler sets it, and reads as typed', async () => {
  const picture = await pngPicture(600, 300);
  const job = await jobWith(picture, (old) => ({ ...old, name: 'Żółw Ærø & Šárka' }));
  const { path, sheet } = await printToFile(job, picture);
  expect(execFileSync('pdftotext', [path, '-']).toString()).toContain('Żółw Ærø & Šárka');
  const words = execFileSync('pdftotext', ['-bbox', path, '-']).toString();
  const box = /xMin="([\d.]+)"[^>]*xMax="([\d.]+)"[^>]*>dialog:</.exec(words);
  const wide = ((Number(box?.[2]) - Number(box?.[1])) / 72) * 25.4;
  const size = sheet.marks.foot?.textSizeMm ?? 0;
  expect(wide / textWidthMm('dialog:', size)).toBeCloseTo(1, 1);
  const fonts = execFileSync('pdffonts', [path]).toString();
  expect(fonts).toMatch(/AtkinsonHyperlegible.* Identity-H +yes \S+ +yes/);
});

test('a name in another script is on the paper, not a row of question marks', async () => {
  const picture = await pngPicture(600, 300);
  const inked = async (name: string) => {
    const job = await jobWith(picture, (old) => ({ ...old, name }));
    const { path, sheet } = await printToFile(job, picture);
    const line = sheet.marks.foot?.lines[0];
    const page = await renderWithPoppler(path, 150);
    let dark = 0;
    const row = (mm: number) => Math.round(mm * page.pxPerMm);
    for (let y = row((line?.y ?? 0) - 3); y < row((line?.y ?? 0) + 1); y++)
      for (let x = 0; x < page.width; x++)
        if ((page.data[(y * page.width + x) * 3] ?? 255) < 128) dark++;
    return { dark, text: execFileSync('pdftotext', [path, '-']).toString() };
  };
  const kept = await inked('星の集い');
  expect(kept.text).not.toContain('?');
  expect(kept.dark).toBeGreaterThan(200);
});
