import { strToU8 } from 'fflate';
import sharp from 'sharp';
import type { Page } from '@playwright/test';
import { seeded } from '@/demo/paint';
import { fromAProgram, HOSTILE_SVG, ORNAMENT_SVG, twoPagePdf } from '../support/drawings';
import { pngPicture } from '../support/pictures';
import { launchedBare } from './browser';
import { mutated } from './files';
import type { Ordeal } from './ordeal';
import { BASE, served } from './server';

/** Longest a file may keep the page busy, ms of the clock. */
const LONGEST_MS = 10_000;
/** Files dropped on one job before another is begun. */
const A_JOB = 25;

/** Text with a part of it changed, so that it often stays well-formed. */
function rewritten(text: string, random: () => number): string {
  const figures = ['0', '-1', '1e9', '1e-9', 'NaN', '99999999', ''];
  const odd = () => figures[Math.floor(random() * figures.length)] ?? '';
  return random() < 0.5
    ? text.replaceAll(/\d+(\.\d+)?/g, (figure) => (random() < 0.1 ? odd() : figure))
    : new TextDecoder().decode(mutated(strToU8(text), random));
}

type Made = (random: () => number) => Uint8Array;

async function samples(): Promise<readonly (readonly [string, Made])[]> {
  const png = new Uint8Array(await pngPicture(60, 40));
  const jpeg = new Uint8Array(await sharp(png).jpeg().toBuffer());
  const webp = new Uint8Array(await sharp(png).webp().toBuffer());
  const pdf = new Uint8Array(await twoPagePdf());
  const bytes = (of: Uint8Array): Made => {
    return (random) => mutated(of, random);
  };
  const svg = (of: string): Made => {
    return (random) => strToU8(rewritten(of, random));
  };
  return [
    ['a.pdf', bytes(pdf)],
    ['a.svg', svg(HOSTILE_SVG)],
    ['b.svg', svg(ORNAMENT_SVG)],
    ['c.svg', svg(await fromAProgram())],
    ['a.png', bytes(png)],
    ['a.jpg', bytes(jpeg)],
    ['a.webp', bytes(webp)],
  ];
}

/** Drops a file and waits until the page has done with it; tells what went wrong. */
async function dropped(page: Page, name: string, buffer: Uint8Array): Promise<string | null> {
  const field = page.getByLabel('Picture file', { exact: true });
  await field.setInputFiles({ name, mimeType: '', buffer: Buffer.from(buffer) });
  const took = await page
    .waitForFunction(() => document.querySelector('[role="progressbar"]') === null, undefined, {
      polling: 50,
      timeout: LONGEST_MS,
    })
    .then(
      () => true,
      () => false,
    );
  if (!took) return 'not done with in 10 s';
  return (await page.evaluate(() => 'pwned' in window)) ? 'a script ran' : null;
}

/** Pictures and drawings, mutated, dropped on a job in the browser: no script runs, nothing is asked for outside, nothing hangs. */
export const drops: Ordeal = ({ seed, goesOn }) =>
  served(async () => {
    const random = seeded(seed);
    const all = await samples();
    const troubles: string[] = [];
    const browser = await launchedBare();
    let count = 0;
    let last = 'nothing';
    try {
      while (goesOn(count)) {
        const context = await browser.newContext({ serviceWorkers: 'block' });
        await context.route(
          (url) => !url.href.startsWith(BASE) && url.protocol.startsWith('http'),
          (route) => {
            troubles.push(`${last}: asked for ${route.request().url()}`);
            return route.abort();
          },
        );
        const page = await context.newPage();
        page.on('pageerror', (error) => troubles.push(`${last}: ${error.message}`));
        page.on('crash', () => troubles.push(`${last}: the page crashed`));
        await page.goto(`${BASE}/own`);
        await page.getByRole('button', { name: 'Start a mug' }).click();
        await page.waitForURL(/\/blank$/);
        await page.goto(page.url().replace(/blank$/, 'art'));
        for (let nth = 0; nth < A_JOB && goesOn(count); nth++) {
          const [name, make] = all[Math.floor(random() * all.length)] as (typeof all)[number];
          last = `${name} ${count}`;
          const wrong = await dropped(page, name, make(random));
          if (wrong) troubles.push(`${last}: ${wrong}`);
          count++;
          if (wrong) break;
        }
        await context.close();
      }
    } finally {
      await browser.close();
    }
    return { count, troubles };
  });
