import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { cutFilesFor, filmOutlines, jigsFor, tilesOfDrawing, type Sketch } from '@/core/jig';
import { planJob } from '@/core/plan';
import { withTransfer } from '@/core/shelf';
import { inches } from '@/core/units';
import { TRADE_UNITS } from '@/words/units';
import { patternToPdf } from '@/files/pdf';
import { patternToSvg } from '@/files/svg/write';
import { patternOf, type Pattern } from '@/words';
import { artwork, jobOn, mugJob, shelf, withPlaces } from '../support/jobs';
import { letterTools } from '../support/letters';
import { renderWithPoppler } from '../support/printed';

const LETTER = { widthMm: inches(8.5), heightMm: inches(11) };
const square = artwork({ storedWidthPx: 800, storedHeightPx: 800 });

function jigOf(job: ReturnType<typeof jobOn>, kind: Sketch['kind']): Pattern {
  const { faces, pieces } = planJob(job, shelf);
  const jig = jigsFor({ job, faces, pieces, ruler: 'in' }).find((each) => each.kind === kind);
  if (!jig) throw new Error(`no ${kind}`);
  return patternOf(jig, TRADE_UNITS);
}

async function toFile(pattern: Pattern): Promise<string> {
  const path = join(mkdtempSync(join(tmpdir(), 'jig-')), 'jig.pdf');
  writeFileSync(path, await patternToPdf(pattern, LETTER, letterTools));
  return path;
}

/** The box of everything dark on a page, or on its upper part, mm. */
function inkOf(
  { data, width, height: whole, pxPerMm }: Awaited<ReturnType<typeof renderWithPoppler>>,
  upper = 1,
) {
  const height = Math.round(whole * upper);
  let [left, top, right, bottom] = [width, height, 0, 0];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      if ((data[(y * width + x) * 3] ?? 255) > 140) continue;
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
    }
  }
  return { width: (right - left) / pxPerMm, height: (bottom - top) / pxPerMm };
}

test('a jig fits letter paper and is drawn in true size, read by Poppler', async () => {
  const nest = jigOf(jobOn('round-coaster', square), 'corner-stops');
  const page = await renderWithPoppler(await toFile(nest), 200);
  expect(page.width).toBe(1700);
  expect(page.height).toBe(2200);
  const ink = inkOf(page);
  // 4 in and a frame of 3/4 in all round; the line itself is 0.25 mm wide
  expect(Math.abs(ink.width - inches(5.5))).toBeLessThan(0.4);
  expect(Math.abs(ink.height - inches(5.5))).toBeLessThan(0.4);
});

test('one too wide for upright paper lies across it; one too large goes over several pages', async () => {
  const box = (path: string) =>
    /Page size:\s+([\d.]+) x ([\d.]+)/
      .exec(execFileSync('pdfinfo', [path]).toString())
      ?.slice(1, 3);
  const cover = jigOf(mugJob(square), 'cover-paper');
  expect(box(await toFile(cover))).toEqual(['792', '612']);
  // 24.98 × 37 in with its frame: 7.95 in of it across a page, 10.2 in down, a quarter inch overlapping
  const nest = jigOf(jobOn('wall-panel', square), 'corner-stops');
  const info = execFileSync('pdfinfo', [await toFile(nest)]).toString();
  expect(info).toMatch(/Page size:\s+(612 x 792|792 x 612)/);
  const pages = Number(/Pages:\s+(\d+)/.exec(info)?.[1]);
  const least = Math.ceil((nest.widthMm * nest.heightMm) / (201.9 * 265.4));
  expect(pages).toBeGreaterThanOrEqual(least);
  expect(pages).toBeLessThanOrEqual(least + 4);
});

test('a drawing over several pages, joined on its dashed lines, is in true size, read by Poppler', async () => {
  const nest = jigOf(jobOn('garden-panel', square), 'corner-stops');
  const path = await toFile(nest);
  const tiles = tilesOfDrawing(nest, { widthMm: 215.9 - 14, heightMm: 279.4 - 20 });
  const turned = tilesOfDrawing(nest, { widthMm: 279.4 - 14, heightMm: 215.9 - 20 });
  const { columns, rows } = turned.tiles.length < tiles.tiles.length ? turned : tiles;
  // every page holds ink up to the edge of what it shows, so the pages less their overlaps are the whole
  const inks = await Promise.all(
    Array.from({ length: columns }, (_, i) =>
      renderWithPoppler(path, 100, i + 1).then((page) => inkOf(page, 0.9)),
    ),
  );
  const across = inks.reduce((sum, { width }) => sum + width, 0) - (columns - 1) * inches(1 / 4);
  expect(Math.abs(across - nest.widthMm)).toBeLessThan(1.5 * columns);
  const info = execFileSync('pdfinfo', [path]).toString();
  expect(Number(/Pages:\s+(\d+)/.exec(info)?.[1])).toBe(columns * rows);
});

test.each([
  ['film-white', 0],
  // clear film is cut a little larger on every side: common practice; 3 mm is our own choice
  ['film-clear', 3],
] as const)(
  'the outline of %s is its print, %d mm larger all round, read by Poppler',
  async (kind, beyondMm) => {
    const job = withTransfer(
      withPlaces(jobOn('tee-navy', square), {
        sizing: { mode: 'exact', widthMm: 120, heightMm: 90, locked: false },
      }),
      kind,
      shelf,
    );
    const { pieces, film } = planJob(job, shelf);
    const [piece] = pieces;
    const [outline] = filmOutlines(film?.pieces ?? []);
    if (!piece || !outline) throw new Error('a print and its film');
    const ink = inkOf(
      await renderWithPoppler(await toFile(patternOf(outline, TRADE_UNITS)), 200),
      0.9,
    );
    expect(Math.abs(ink.width - piece.widthMm - 2 * beyondMm)).toBeLessThan(0.5);
    expect(Math.abs(ink.height - piece.heightMm - 2 * beyondMm)).toBeLessThan(0.5);
  },
);

test('a scrap of paper is no page to join a drawing of: letter is taken', async () => {
  const nest = jigOf(jobOn('garden-panel', square), 'corner-stops');
  const path = join(mkdtempSync(join(tmpdir(), 'jig-')), 'jig.pdf');
  writeFileSync(path, await patternToPdf(nest, { widthMm: 20, heightMm: 20 }, letterTools));
  expect(execFileSync('pdfinfo', [path]).toString()).toMatch(/Page size:\s+(612 x 792|792 x 612)/);
});

test('a cut file in real units, drawn by sharp: motif and ground together are the face', async () => {
  const job = jobOn('round-coaster', square);
  const { faces, pieces } = planJob(job, shelf);
  const [piece] = pieces;
  if (!piece) throw new Error('no piece');
  const files = cutFilesFor({ piece, job, faces, mirrored: true });
  const share = async (kind: Sketch['kind']) => {
    const sketch = files.find((each) => each.kind === kind);
    if (!sketch) throw new Error(`no ${kind}`);
    const filled = patternToSvg(patternOf(sketch, TRADE_UNITS))
      .replace(/<g id="mark".*?<\/g>/, '')
      .replace(/<g id="cut"[^>]*>(.*?)<\/g>/, (_all, paths: string) => {
        const d = [...paths.matchAll(/d="([^"]*)"/g)].map(([, data]) => data).join('');
        return `<path fill-rule="evenodd" d="${d}"/>`;
      });
    const { data } = await sharp(Buffer.from(filled), { density: 72 })
      .ensureAlpha()
      .extractChannel('alpha')
      .raw()
      .toBuffer({ resolveWithObject: true });
    return data.reduce((sum, value) => sum + value, 0) / 255 / data.length;
  };
  const { widthMm, heightMm } = files[2] ?? { widthMm: 1, heightMm: 1 };
  // the round face, 12 mm of carrier kept beyond it on every side
  const face = ((Math.PI / 4) * ((widthMm - 24) * (heightMm - 24))) / (widthMm * heightMm);
  const [motif, ground] = [await share('motif'), await share('ground')];
  expect(motif + ground).toBeCloseTo(face, 2);
  expect(motif).toBeGreaterThan(0.3);
});
