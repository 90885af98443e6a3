import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { promisify } from 'node:util';
import { deflate, inflateSync } from 'node:zlib';
import sharp from 'sharp';
import { dotsOf, warpRows, type Piece } from '@/core/layout';
import type { Artwork, Job, Shelf } from '@/core/model';
import type { Raster } from '@/core/proof';
import { planJob, type JobPlan } from '@/core/plan';
import { inspectImage } from '@/files/image';
import { TRADE_UNITS } from '@/words/units';
import { letterTools } from './letters';
import { writeSheetsPdf, type PixelTools } from '@/files/pdf';
import { sha256Of } from '@/files/sha256';
import { artwork, mugJob, shelf } from './jobs';

const MM_PER_INCH = 25.4;
/** Bent pieces are drawn at half the print's density here: the geometry is the same, the wait shorter. */
const TEST_DOTS_PER_MM = 150 / MM_PER_INCH;

/** Stands in for the browser's decoder: sharp decodes as stored, zlib packs. */
const decodeWithSharp: PixelTools['decode'] = async (stored) => {
  const { data, info } = await sharp(Buffer.from(await stored.arrayBuffer()))
    .toColourspace('srgb')
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const rgb = Buffer.alloc(info.width * info.height * 3);
  const alpha = Buffer.alloc(info.width * info.height);
  for (let i = 0; i < alpha.length; i++) {
    data.copy(rgb, i * 3, i * 4, i * 4 + 3);
    alpha[i] = data[i * 4 + 3] ?? 0;
  }
  const pack = promisify(deflate);
  return {
    ...{ width: info.width, height: info.height, bits: 8, colours: 3, filtered: false },
    rgb: [await pack(rgb)],
    alpha: [await pack(alpha)],
  };
};

/** Stands in for the inflating worker: zlib, handed on in pieces that end within rows. */
const inflateWithZlib: PixelTools['inflate'] = (idat) => {
  const whole = inflateSync(Buffer.concat(idat));
  const step = 1000;
  return new ReadableStream({
    start(stream) {
      for (let at = 0; at < whole.length; at += step)
        stream.enqueue(new Uint8Array(whole.subarray(at, at + step)));
      stream.close();
    },
  });
};

/** Stands in for the worker: sharp decodes the only picture, the core bends it. */
const bendWithSharp = (bytes: Buffer, orientation: number) => async (piece: Piece) => {
  const { data, info } = await sharp(bytes)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const pixels = { width: info.width, height: info.height, data, orientation };
  const all = new Map(piece.arts.map(({ artSha256 }) => [artSha256, pixels]));
  const { width, height } = dotsOf(piece, TEST_DOTS_PER_MM);
  const rows = warpRows(piece, all, TEST_DOTS_PER_MM, 0, height);
  const drawn = await sharp(rows, { raw: { width, height, channels: 4 } })
    .png()
    .toBuffer();
  return decodeWithSharp(new Blob([new Uint8Array(drawn)]), artwork());
};

/** A mug job carrying this picture file. */
export async function jobWith(
  bytes: Buffer,
  change: (job: Job) => Job = (job) => job,
): Promise<Job> {
  return change(mugJob(await artOf(bytes)));
}

/** The facts of a picture file. */
export async function artOf(bytes: Buffer): Promise<Artwork> {
  const facts = inspectImage(bytes);
  if (!facts.ok) throw new Error(facts.reason);
  return artwork({ ...facts.value, sha256: await sha256Of(bytes) });
}

/** Exports a job's sheets and keeps the PDF on disk for outside readers. */
export async function printToFile(
  job: Job,
  bytes: Buffer,
  on: Shelf = shelf,
  laidOut: (plan: JobPlan) => JobPlan = (plan) => plan,
) {
  const plan = laidOut(planJob(job, on));
  const parts = await writeSheetsPdf({
    job,
    plan,
    units: TRADE_UNITS,
    letters: letterTools,
    storedOf: () => new Blob([new Uint8Array(bytes)]),
    pixels: { decode: decodeWithSharp, inflate: inflateWithZlib },
    drawBent: bendWithSharp(bytes, job.arts[0]?.orientation ?? 1),
  });
  const pdf = Buffer.from(await new Blob(parts as BlobPart[]).arrayBuffer());
  const path = join(mkdtempSync(join(tmpdir(), 'sheet-')), 'sheets.pdf');
  writeFileSync(path, pdf);
  const [sheet] = plan.sheets;
  const [piece] = plan.pieces;
  const item = sheet?.items[0];
  const art = piece?.arts[0];
  if (!sheet || !piece || !item || !art) throw new Error('nothing was printed');
  return { path, pdf, parts, plan, sheet, piece, item, art };
}

export type Printed = Awaited<ReturnType<typeof printToFile>>;

/** Poppler's rendering of the first page, as raw RGB. */
export async function renderWithPoppler(path: string, dpi = 300, page = 1) {
  const out = path.replace(/\.pdf$/, `-${page}`);
  const only = ['-f', String(page), '-l', String(page), '-singlefile'];
  execFileSync('pdftoppm', ['-r', String(dpi), '-png', ...only, path, out]);
  const { data, info } = await sharp(readFileSync(`${out}.png`))
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height, pxPerMm: dpi / MM_PER_INCH };
}

/** Poppler's rendering of every page, RGBA in true size. */
export async function renderPages(path: string, dpi: number): Promise<Raster[]> {
  const out = path.replace(/\.pdf$/, '-page');
  execFileSync('pdftoppm', ['-r', String(dpi), '-png', path, out]);
  const folder = dirname(out);
  const names = readdirSync(folder).filter((name) => name.startsWith('sheets-page'));
  return Promise.all(
    names.sort().map(async (name) => {
      const { data, info } = await sharp(join(folder, name))
        .ensureAlpha()
        .raw()
        .toBuffer({ resolveWithObject: true });
      return { data, width: info.width, height: info.height, pxPerMm: dpi / MM_PER_INCH };
    }),
  );
}

export type Rendered = Awaited<ReturnType<typeof renderWithPoppler>>;

/** Looked up once: global names are slow inside the test runner's sandbox. */
const { abs } = Math;

/** Whether a value fits what the 3 × 3 pixels round a place span, plus some slack. */
function fitsNeighbourhood(
  value: number,
  wanted: Buffer,
  at: number,
  row: number,
  slack: number,
): boolean {
  let low = 255;
  let high = 0;
  for (let dy = -row; dy <= row; dy += row) {
    for (let dx = -3; dx <= 3; dx += 3) {
      const near = wanted[at + dy + dx] ?? 0;
      if (near < low) low = near;
      if (near > high) high = near;
    }
  }
  return value >= low - slack && value <= high + slack;
}

/**
 * Share of RGB pixels that lie outside what the neighbourhood of the same place in the wanted
 * picture spans: 0 when the two differ by anti-aliasing alone.
 */
export function shareBeyondAntialiasing(
  got: Buffer,
  wanted: Buffer,
  width: number,
  height: number,
  slack = 12,
): number {
  const row = width * 3;
  let beyond = 0;
  for (let y = 1; y < height - 1; y++) {
    for (let x = 1; x < width - 1; x++) {
      for (let c = 0; c < 3; c++) {
        const at = y * row + x * 3 + c;
        const value = got[at] ?? 0;
        if (abs(value - (wanted[at] ?? 0)) <= slack) continue;
        if (fitsNeighbourhood(value, wanted, at, row, slack)) continue;
        beyond++;
        break;
      }
    }
  }
  return beyond / ((width - 2) * (height - 2));
}
