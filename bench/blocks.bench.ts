import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, Page } from '@playwright/test';
import sharp from 'sharp';
import { kept, mugReadyForArt, panelReadyForArt, photograph, shown, withApp } from './app';
import { ms, spreadOf, timed, timesAsLong } from './stats';

const ROUNDS = 5;
const LONGEST_MS = 120_000;
/** So long nothing is done before something is measured: names are typed, then read over, ms (own choice). */
const AT_REST_MS = 2000;

/** Tells of every task of the page over 50 ms that ran while some work was done, and its longest. @returns how long it took, ms. */
async function blockedBy(page: Page, what: string, work: () => Promise<unknown>): Promise<number> {
  await page.evaluate(() => {
    const blocks: number[] = [];
    const watch = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) blocks.push(duration);
    });
    watch.observe({ type: 'longtask' });
    Object.assign(window, { blocks, watch });
  });
  const start = performance.now();
  await work();
  const took = performance.now() - start;
  await page.waitForTimeout(300);
  const blocks = await page.evaluate(() => {
    const noted = window as unknown as { blocks: number[]; watch: PerformanceObserver };
    noted.watch.disconnect();
    return noted.blocks;
  });
  console.log(
    `${what}: ${(took / 1000).toFixed(1)} s; tasks of the page over 50 ms: ${blocks.length}, ` +
      `longest ${Math.max(0, ...blocks).toFixed(0)} ms`,
  );
  return took;
}

const toSheets = async (page: Page): Promise<void> => {
  await page.getByRole('link', { name: /^Sheets/ }).click();
  await page.getByText(/^Sheet 1 of \d+/).waitFor({ timeout: LONGEST_MS });
};

const saved = async (page: Page, button: string | RegExp): Promise<string> => {
  const download = page.waitForEvent('download', { timeout: LONGEST_MS });
  await page.getByRole('button', { name: button }).click();
  return (await download).path();
};

/** A trial of a dozen sheets looks at so many pixels a millimetre (`workers/pdfPages`), as dots an inch. */
const TRIAL_DPI = 2 * 25.4;

/** How long Poppler takes to draw the pages of a file as finely as the trial looks at them, ms. */
function popplerMs(path: string): number {
  const folder = mkdtempSync(join(tmpdir(), 'bench-'));
  const start = performance.now();
  execFileSync('pdftoppm', ['-r', String(TRIAL_DPI), '-png', path, join(folder, 'page')]);
  const took = performance.now() - start;
  rmSync(folder, { recursive: true });
  return took;
}

async function tried(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Try it without paper' }).click();
  await page.getByText(/along cut edges only/).waitFor({ timeout: LONGEST_MS });
}

/** Moves the picture on the stage to and fro. */
async function dragged(page: Page): Promise<void> {
  const box = await page.getByRole('button', { name: /arrow keys move it/ }).boundingBox();
  if (!box) throw new Error('The picture is not on the stage.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 40; i++) await page.mouse.move(x + 30 * Math.sin(i / 4), y);
  await page.mouse.up();
}

const NAMES = Array.from({ length: 24 }, (_, i) => `Observer ${i + 1}`);

/** A mug whose lettering is typed, for as many names. */
async function namesTyped(browser: Browser): Promise<Page> {
  const { page } = await mugReadyForArt(browser);
  await page.getByRole('button', { name: /^Lettering/ }).click();
  await page.getByRole('textbox', { name: 'Words' }).fill('{name}');
  await page.getByRole('textbox', { name: 'Names, one a line' }).fill(NAMES.join('\n'));
  await page.waitForTimeout(AT_REST_MS);
  return page;
}

async function letter(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add as a new line' }).click();
  await shown(page, `${NAMES.length} names`);
}

/** How long names take from the press of the button until they are planned and shown, against sharp's decoding of a JPEG. */
async function lettering(browser: Browser): Promise<void> {
  const jpeg = await sharp(await photograph(5400, 7200))
    .jpeg({ quality: 90 })
    .toBuffer();
  const [ours, theirs]: [number[], number[]] = [[], []];
  for (let i = 0; i <= ROUNDS; i++) {
    const page = await namesTyped(browser);
    const took = await timed(() => letter(page));
    await page.close();
    const decoding = await timed(() => sharp(jpeg).raw().toBuffer());
    if (i === 0) continue; // a browser just started is not what is measured
    ours.push(took);
    theirs.push(decoding);
  }
  console.log(
    `24 names lettered: ${ms(spreadOf(ours))}; sharp decodes a JPEG of 39 megapixels: ${ms(spreadOf(theirs))}; ` +
      `ratio ${timesAsLong(ours, theirs)}`,
  );
}

async function batchOfMugs(browser: Browser): Promise<void> {
  const page = await namesTyped(browser);
  await blockedBy(page, '24 mugs, lettering', () => letter(page));
  await blockedBy(page, '24 mugs, a width typed and undone', async () => {
    await page.getByRole('textbox', { name: 'Width', exact: true }).pressSequentially('2');
    await page.getByRole('heading', { name: 'Picture', exact: true }).click();
    await page.keyboard.press('Control+z');
  });
  await blockedBy(page, '24 mugs, a line of letters dragged', () => dragged(page));
  await blockedBy(page, '24 mugs, to the sheets', () => toSheets(page));
  await blockedBy(page, '24 mugs, PDF', () => saved(page, 'Save the PDF'));
  await blockedBy(page, '24 mugs, PNGs in a ZIP', () => saved(page, /^Save all/));
  await blockedBy(page, '24 mugs, trial', () => tried(page));
  await page.close();
}

async function largePanel(browser: Browser): Promise<void> {
  const { page, input } = await panelReadyForArt(browser, { widthIn: 24, heightIn: 36 });
  const picture = kept('png', await photograph(5400, 7200));
  await blockedBy(page, '24 × 36 in panel, 39 MP picture taken in', async () => {
    await input.setInputFiles(picture);
    await page.getByText('5400 × 7200 px').waitFor({ timeout: LONGEST_MS });
  });
  await blockedBy(page, '24 × 36 in panel, picture to cover it, dragged', async () => {
    await page.getByRole('button', { name: 'Cover', exact: true }).click();
    await dragged(page);
  });
  await blockedBy(page, '24 × 36 in panel, to the sheets', () => toSheets(page));
  await blockedBy(
    page,
    '24 × 36 in panel, laid on the table, a seam shifted ten times',
    async () => {
      await page.getByRole('button', { name: 'On the table' }).click();
      const seam = page.getByRole('slider', { name: 'Upright seam 1: arrow keys move it' });
      await seam.focus();
      for (let i = 0; i < 10; i++)
        await page.keyboard.press(i % 4 < 2 ? 'ArrowRight' : 'ArrowLeft');
    },
  );
  let path = '';
  await blockedBy(page, '24 × 36 in panel, PDF', async () => {
    path = await saved(page, 'Save the PDF');
  });
  const poppler = popplerMs(path);
  const took = await blockedBy(page, '24 × 36 in panel, trial', () => tried(page));
  console.log(
    `  Poppler draws its pages at ${TRIAL_DPI} dots an inch in ${(poppler / 1000).toFixed(1)} s; ratio ${(took / poppler).toFixed(2)}`,
  );
  await page.close();
}

/** How long a batch of names takes, and what holds the interface up in it and in a large panel: long tasks of the page. */
export async function benchBlocks(): Promise<void> {
  await withApp(async (browser) => {
    await lettering(browser);
    await batchOfMugs(browser);
    await largePanel(browser);
  });
}
