import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Locator, type Page } from '@playwright/test';
import sharp from 'sharp';

const PORT = 3391;
/** Where the app is while something is measured. */
export const BASE = `http://127.0.0.1:${PORT}`;

/** Something like a photograph, as PNG: smooth shapes with fine grain. */
export async function photograph(width: number, height: number): Promise<Buffer> {
  const raw = Buffer.alloc(width * height * 3);
  let state = 1;
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i += 3) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      const grain = state >>> 28;
      raw[i] = 120 + 100 * Math.sin(x / 400) + grain;
      raw[i + 1] = 120 + 100 * Math.sin(y / 300) + grain;
      raw[i + 2] = 120 + 100 * Math.sin((x + y) / 500) + grain;
    }
  }
  return sharp(raw, { raw: { width, height, channels: 3 } })
    .png({ compressionLevel: 3 })
    .toBuffer();
}

/** Writes a picture to disk, as a person has it. */
export function kept(ending: string, bytes: Buffer): string {
  const path = join(mkdtempSync(join(tmpdir(), 'bench-')), `picture.${ending}`);
  writeFileSync(path, bytes);
  return path;
}

async function serve(): Promise<() => void> {
  const server = spawn('npx', ['next', 'start', '-H', '127.0.0.1', '-p', String(PORT)], {
    stdio: 'ignore',
    detached: true,
  });
  for (let i = 0; i < 100; i++) {
    const up = await fetch(`${BASE}/own`).then(
      () => true,
      () => false,
    );
    if (up) return () => server.pid && process.kill(-server.pid);
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error('The app did not start; run npm run build first.');
}

/** Runs the built app and a browser for some work, and ends both. */
export async function withApp(work: (browser: Browser) => Promise<void>): Promise<void> {
  const stop = await serve();
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking'],
  });
  try {
    await work(browser);
  } finally {
    await browser.close();
    stop();
  }
}

/** Waits until some words stand on the page, to the frame: what a locator waits for is asked for twice a second at times. */
export const shown = (page: Page, words: string) =>
  page.waitForFunction((wanted) => document.body.textContent.includes(wanted), words, {
    polling: 'raf',
    timeout: 120_000,
  });

/**
 * Presses something by the mouse where it is now. `click` looks first whether it holds still, two frames long and more: some 50 ms
 * of the test tool's, not of the app's.
 */
export async function press(page: Page, what: Locator): Promise<void> {
  const box = await what.boundingBox();
  if (!box) throw new Error('What is to be pressed is not to be seen.');
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
}

/** A new mug on an empty bench, at the art station. */
export async function mugReadyForArt(browser: Browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${BASE}/own`);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await page.getByRole('link', { name: /^Art/ }).click();
  const input = page.getByLabel('Picture file', { exact: true });
  await input.waitFor({ state: 'attached' });
  return { page, input };
}

/** A panel of such a size, at the art station. */
export async function panelReadyForArt(
  browser: Browser,
  { widthIn, heightIn }: { widthIn: number; heightIn: number },
) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${BASE}/own`);
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('menuitem', { name: 'Fabric wall panel, 24 × 36 in' }).click();
  await page.getByRole('textbox', { name: 'Width' }).fill(`${widthIn} in`);
  await page.getByRole('textbox', { name: 'Height' }).fill(`${heightIn} in`);
  await page.getByRole('link', { name: /^Art/ }).click();
  const input = page.getByLabel('Picture file', { exact: true });
  await input.waitFor({ state: 'attached' });
  return { page, input };
}
