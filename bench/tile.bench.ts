import { readdirSync, readFileSync } from 'node:fs';
import type { Browser } from '@playwright/test';
import sharp from 'sharp';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { artwork, jobOn } from '@tests/support/jobs';
import { kept, panelReadyForArt, photograph, withApp } from './app';
import { ms, spreadOf, timed } from './stats';

const WIDTH = 5400;
const HEIGHT = 7200;
const ROUNDS = 3;
const DECODED_BYTES = WIDTH * HEIGHT * 4;
/** 18 × 24 in over letter paper, printer margins 1/8 in, 1/4 in overlap: 2 × 3 sheets lying down. */
const GRID = { columns: 2, rows: 3, overlapIn: 0.25, widthIn: 18, heightIn: 24 };

/** Cropping the same tiles with sharp and writing each as a PNG. */
async function cropAll(bytes: Buffer): Promise<void> {
  const perInch = WIDTH / GRID.widthIn;
  const flap = Math.round((GRID.overlapIn / 2) * perInch);
  for (let row = 0; row < GRID.rows; row++)
    for (let column = 0; column < GRID.columns; column++) {
      const [w, h] = [WIDTH / GRID.columns, HEIGHT / GRID.rows];
      const left = Math.max(0, column * w - flap);
      const top = Math.max(0, row * h - flap);
      await sharp(bytes)
        .extract({
          left,
          top,
          width: Math.min(WIDTH, (column + 1) * w + flap) - left,
          height: Math.min(HEIGHT, (row + 1) * h + flap) - top,
        })
        .png()
        .toBuffer();
    }
}

const contents = (path: string): string => {
  try {
    return readFileSync(path, 'latin1');
  } catch {
    return ''; // a process that has just ended
  }
};

/**
 * The browser's page processes. Their memory is then read from the kernel's own tables: asking `ps`
 * many times a second would take a third of a processor from what is measured.
 */
const pageProcesses = (): readonly string[] =>
  readdirSync('/proc').filter((id) => contents(`/proc/${id}/cmdline`).includes('--type=renderer'));

/** Memory of the largest of some processes now, bytes. */
const memoryOf = (processes: readonly string[]): number =>
  1024 *
  Math.max(
    0,
    ...processes.map((id) =>
      Number(/VmRSS:\s+(\d+)/.exec(contents(`/proc/${id}/status`))?.[1] ?? 0),
    ),
  );

/** What the page notes of itself: tasks that keep it busy over 50 ms, and when the file was ready. */
interface Noted {
  blocks: number[];
  asked: number;
  ready: number;
}

/** Notes blocks, the click that asks for the file, and the moment the page hands the file out. */
const NOTE = () => {
  const noted: Noted = { blocks: [], asked: 0, ready: 0 };
  Object.assign(window, { noted });
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) noted.blocks.push(duration);
  }).observe({ type: 'longtask' });
  addEventListener('click', () => (noted.asked ||= performance.now()), true);
  const handOut = HTMLAnchorElement.prototype.click;
  HTMLAnchorElement.prototype.click = function (this: HTMLAnchorElement) {
    noted.ready = performance.now();
    handOut.call(this);
  };
};

/** One export of the tiled panel: from the click to the file, page memory above rest, longest block. */
async function exportOnce(browser: Browser, path: string) {
  const { page, input } = await panelReadyForArt(browser, GRID);
  await input.setInputFiles(path);
  await page.getByText(`${WIDTH} × ${HEIGHT} px`).waitFor({ timeout: 180_000 });
  await page.getByRole('textbox', { name: 'Bleed on every side' }).fill('0');
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await page.getByRole('link', { name: /^Sheets/ }).click();
  await page.getByText(/^Sheet 1 of 6/).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(1500);
  const processes = pageProcesses();
  const before = memoryOf(processes);
  let peak = before;
  const watch = setInterval(() => (peak = Math.max(peak, memoryOf(processes))), 40);
  await page.evaluate(NOTE);
  const download = page.waitForEvent('download', { timeout: 180_000 });
  await page.getByRole('button', { name: 'Save the PDF' }).click();
  await download;
  clearInterval(watch);
  const { blocks, asked, ready } = await page.evaluate(
    () => (window as unknown as { noted: Noted }).noted,
  );
  await page.close();
  return { took: ready - asked, memory: peak - before, blocked: Math.max(0, ...blocks) };
}

/** Export of a picture tiled over sheets against sharp cropping and re-encoding the same tiles. */
export async function benchTiles(): Promise<void> {
  const png = await photograph(WIDTH, HEIGHT);
  const jpeg = await sharp(png).jpeg({ quality: 90 }).toBuffer();
  const clear = await sharp(png).ensureAlpha(0.8).png({ compressionLevel: 3 }).toBuffer();
  const files = [
    ['JPEG', 'jpg', jpeg],
    ['opaque PNG', 'png', png],
    ['PNG with transparency', 'png', clear],
  ] as const;
  await withApp(async (browser) => {
    for (const [name, ending, bytes] of files) {
      const path = kept(ending, bytes);
      const ours: Awaited<ReturnType<typeof exportOnce>>[] = [];
      const theirs: number[] = [];
      for (let i = 0; i < ROUNDS; i++) {
        ours.push(await exportOnce(browser, path));
        theirs.push(await timed(() => cropAll(bytes)));
      }
      const ratio = spreadOf(ours.map(({ took }, i) => took / (theirs[i] ?? Number.NaN)));
      const [low, high] = ratio.quartiles;
      const memory = Math.max(...ours.map((each) => each.memory)) / DECODED_BYTES;
      const blocked = Math.max(...ours.map((each) => each.blocked));
      console.log(
        `39 MP ${name} over six sheets, export: ${ms(spreadOf(ours.map(({ took }) => took)))}; sharp crops + re-encodes: ` +
          `${ms(spreadOf(theirs))}; ratio ${ratio.median.toFixed(3)} (${low.toFixed(3)}–${high.toFixed(3)}); ` +
          `page memory above rest ${memory.toFixed(2)} × the decoded picture; longest block ${blocked.toFixed(0)} ms`,
      );
    }
  });
  await benchSeams(jpeg);
}

/** Planning an 8 × 8 grid of sheets, seams and all, against decoding the picture. */
async function benchSeams(jpeg: Buffer): Promise<void> {
  const side = { widthMm: 8 * 200, heightMm: 8 * 260 };
  const detail = {
    columns: 32,
    rows: 32,
    cells: Array.from({ length: 1024 }, (_, i) => (i * 37) % 256),
  };
  const facts = {
    ...{
      palette: [],
      whiteShare: 0,
      edgeMismatch: 0,
      turnedMismatch: 0,
      silhouette: [],
      neighbours: [],
    },
    detail,
  };
  const plain = jobOn('wall-panel', artwork({ facts }), side);
  const placements = plain.placements.map((each) => ({
    ...each,
    sizing: { mode: 'cover' as const },
  }));
  const job = { ...plain, placements };
  const [search, decode]: [number[], number[]] = [[], []];
  for (let i = 0; i < 12; i++) {
    search.push(await timed(() => planJob(job, BUILT_IN_SHELF)));
    decode.push(await timed(() => sharp(jpeg).raw().toBuffer()));
  }
  const ratio = spreadOf(search.slice(2).map((t, i) => t / (decode[i + 2] ?? Number.NaN)));
  const [tiling] = planJob(job, BUILT_IN_SHELF).tilings;
  console.log(
    `seams of ${tiling?.rows} × ${tiling?.columns} sheets, whole plan: ${ms(spreadOf(search.slice(2)))}; ` +
      `sharp decodes the 39 MP JPEG: ${ms(spreadOf(decode.slice(2)))}; ratio ${ratio.median.toFixed(3)}`,
  );
}
