import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { cutFilesFor, jigsFor, type Sketch } from '@/core/jig';
import { planJob } from '@/core/plan';
import { inches } from '@/core/units';
import { TRADE_UNITS } from '@/words/units';
import { patternToPdf } from '@/files/pdf';
import { patternToSvg } from '@/files/svg/write';
import { patternOf, type Pattern } from '@/words';
import { artwork, jobOn, mugJob, shelf } from '../support/jobs';
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

/** The box of everything dark on a page, mm. */
function inkOf({ data, width, height, pxPerMm }: Awaited<ReturnType<typeof renderWithPoppler>>) {
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

test('one too wide for upright paper lies across it; one too large has a page of its own', async () => {
  const box = (path: string) =>
    /Page size:\s+([\d.]+) x ([\d.]+)/
      .exec(execFileSync('pdfinfo', [path]).toString())
      ?.slice(1, 3);
  const cover = jigOf(mugJob(square), 'cover-paper');
  expect(box(await toFile(cover))).toEqual(['792', '612']);
  const panel = jigOf(jobOn('wall-panel', square), 'corner-stops');
  const [width = 0, height = 0] = (box(await toFile(panel)) ?? []).map(Number);
  expect(width).toBeGreaterThan(23.5 * 72);
  expect(height).toBeGreaterThan(35.5 * 72);
});

test('a cut file in real units, drawn by sharp: motif and ground together fill the sheet', async () => {
  const job = jobOn('round-coaster', square);
  const [piece] = planJob(job, shelf).pieces;
  if (!piece) throw new Error('no piece');
  const share = async (kind: Sketch['kind']) => {
    const sketch = cutFilesFor(piece, job, true).find((each) => each.kind === kind);
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
  const { widthMm, heightMm } = cutFilesFor(piece, job, true)[2] ?? { widthMm: 1, heightMm: 1 };
  const sheet = ((widthMm - 24) * (heightMm - 24)) / (widthMm * heightMm);
  const [motif, ground] = [await share('motif'), await share('ground')];
  expect(motif + ground).toBeCloseTo(sheet, 2);
  expect(motif).toBeGreaterThan(0.3);
});
