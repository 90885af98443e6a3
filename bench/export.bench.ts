import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser } from '@playwright/test';
import sharp from 'sharp';
import { ms, spreadOf, timed } from './stats';

const PORT = 3391;
const ROUNDS = 5;
const WIDTH = 6000;
const HEIGHT = 4000;

/** 24 megapixels of something like a photograph: smooth shapes with fine grain. */
async function picture(): Promise<Buffer> {
  const raw = Buffer.alloc(WIDTH * HEIGHT * 3);
  let state = 1;
  for (let y = 0, i = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++, i += 3) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      const grain = state >>> 28;
      raw[i] = 120 + 100 * Math.sin(x / 400) + grain;
      raw[i + 1] = 120 + 100 * Math.sin(y / 300) + grain;
      raw[i + 2] = 120 + 100 * Math.sin((x + y) / 500) + grain;
    }
  }
  return sharp(raw, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .png({ compressionLevel: 3 })
    .toBuffer();
}

async function serve(): Promise<() => void> {
  const server = spawn('npx', ['next', 'start', '-p', String(PORT)], {
    stdio: 'ignore',
    detached: true,
  });
  for (let i = 0; i < 100; i++) {
    const up = await fetch(`http://localhost:${PORT}/own`).then(
      () => true,
      () => false,
    );
    if (up) return () => server.pid && process.kill(-server.pid);
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error('The app did not start; run npm run build first.');
}

/** Writes a picture to disk, as a person has it. */
function kept(ending: string, bytes: Buffer): string {
  const path = join(mkdtempSync(join(tmpdir(), 'bench-')), `picture.${ending}`);
  writeFileSync(path, bytes);
  return path;
}

/** From dropping the file to the PDF in hand, through the real interface. */
async function exportOnce(browser: Browser, path: string): Promise<number> {
  const page = await browser.newPage();
  await page.goto(`http://localhost:${PORT}/own`);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await page.getByRole('link', { name: /^Art/ }).click();
  const input = page.getByLabel('Picture file', { exact: true });
  await input.waitFor({ state: 'attached' });
  const took = await timed(async () => {
    await input.setInputFiles(path);
    await page.getByText(`${WIDTH} × ${HEIGHT} px`).waitFor({ timeout: 120_000 });
    await page.getByRole('link', { name: /^Sheets/ }).click();
    const download = page.waitForEvent('download', { timeout: 120_000 });
    await page.getByRole('button', { name: 'Save the PDF' }).click();
    await (await download).path();
  });
  await page.close();
  return took;
}

/** Decode, place and export in the browser against sharp's decode, flip and re-encode of the same file. */
export async function benchExport(): Promise<void> {
  const png = await picture();
  const jpeg = await sharp(png).jpeg({ quality: 90 }).toBuffer();
  const stop = await serve();
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking'],
  });
  try {
    await exportOnce(browser, kept('jpg', jpeg));
    const files = [
      ['JPEG', kept('jpg', jpeg), () => sharp(jpeg).flop().jpeg({ quality: 90 }).toBuffer()],
      ['PNG', kept('png', png), () => sharp(png).flop().png().toBuffer()],
    ] as const;
    for (const [name, path, reference] of files) {
      const [ours, theirs]: [number[], number[]] = [[], []];
      for (let i = 0; i < ROUNDS; i++) {
        ours.push(await exportOnce(browser, path));
        theirs.push(await timed(reference));
      }
      const [own, ref] = [spreadOf(ours), spreadOf(theirs)];
      const ratio = spreadOf(ours.map((t, i) => t / (theirs[i] ?? Number.NaN)));
      const [low, high] = ratio.quartiles;
      console.log(
        `24 MP ${name}, decode + place + export: ${ms(own)}; sharp decode + flip + re-encode: ${ms(ref)}; ` +
          `ratio ${ratio.median.toFixed(2)} (${low.toFixed(2)}–${high.toFixed(2)})`,
      );
    }
  } finally {
    await browser.close();
    stop();
  }
}
