import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { seeded } from '@/demo/paint';
import { parseLength } from '@/words/units';
import { pngPicture } from '../support/pictures';
import { kill, launched } from './browser';
import type { Ordeal } from './ordeal';
import { BASE, served } from './server';

/** The job the browser is killed over. */
interface Kept {
  readonly address: string;
  /** A backup of the bench with the job in it. */
  readonly backup: Buffer;
  /** Figures of the wall that are said to be saved, or were typed on at the kill. */
  figures: readonly string[];
  /** What the run said last, and what it may say after the last touch. */
  says: readonly string[];
  /** How often the run was touched since it was begun. */
  touches: number;
}

/** What goes on when the browser is killed; it ends a little before. */
type Act = (page: Page, kept: Kept, random: () => number) => Promise<void>;

const wall = (page: Page) => page.getByLabel('Wall height');
const title = (page: Page) => page.getByRole('heading', { level: 1 });
const pause = (page: Page, ms: number) => page.waitForTimeout(ms);

/** A figure is set and said to be saved; half the time somebody types on. */
const edits: Act = async (page, kept, random) => {
  await page.goto(`${kept.address}/blank`);
  const field = wall(page);
  await field.fill(`${90 + Math.floor(random() * 30)} mm`);
  await field.blur();
  await page.getByRole('status').getByText('Saved').waitFor({ timeout: 20_000 });
  const saved = await field.inputValue();
  kept.figures = [saved];
  if (random() < 0.5) return;
  await field.pressSequentially('1', { delay: 5 });
  kept.figures = [saved, await field.inputValue()];
};

/** The sheets are being written. */
const writing: Act = async (page, kept, random) => {
  await page.goto(`${kept.address}/sheets`);
  const save = page.getByRole('button', { name: /PDF/ }).first();
  await save.click();
  await pause(page, 400 * random());
};

/** A backup that has an older form of the job is coming in. */
const restores: Act = async (page, { backup }, random) => {
  await page.goto(`${BASE}/own`);
  await page
    .getByRole('region', { name: 'Kept safe' })
    .locator('input[type="file"]')
    .setInputFiles({ name: 'b.backup.zip', mimeType: 'application/zip', buffer: backup });
  await pause(page, 800 * random());
};

/** A run is given up after so many touches, long before its pieces are told of, so that there is always one to go on with. */
const TOUCHES = 8;
const giveUp = (page: Page) => page.getByRole('button', { name: 'Give up this run' });

/** A run is begun, or goes on by a touch where it waits for one. */
const runs: Act = async (page, kept, random) => {
  await page.goto(`${kept.address}/press`);
  const begin = page.getByRole('button', { name: 'Begin', exact: true });
  const on = page.getByRole('button', {
    name: /^(It is (on|set|open|hot)|Done, next|Start the clock)$/,
  });
  await begin.or(giveUp(page)).first().waitFor({ timeout: 20_000 });
  if (kept.touches >= TOUCHES) await giveUp(page).click();
  if (kept.touches >= TOUCHES || (await begin.isVisible())) {
    await begin.click();
    kept.touches = 0;
    await giveUp(page).waitFor({ timeout: 20_000 });
    await pause(page, 700);
  }
  const before = (await title(page).textContent()) ?? '';
  if (await on.first().isVisible()) await on.first().click();
  kept.touches++;
  await pause(page, 300 * random());
  kept.says = [before, (await title(page).textContent()) ?? ''];
};

const ACTS: readonly (readonly [string, Act])[] = [
  ['edit', edits],
  ['export', writing],
  ['restore', restores],
  ['run', runs],
];

/** What is not as it must be, once the browser is open again. */
async function lostOf(page: Page, act: Act, kept: Kept): Promise<string | null> {
  await page.goto(`${kept.address}/blank`);
  const found = await wall(page)
    .inputValue({ timeout: 20_000 })
    .catch(() => 'nothing');
  // typed as decimals, it is shown in sixteenths
  const mm = (figure: string) => {
    const read = parseLength(figure, 'in');
    return read.ok ? read.value : NaN;
  };
  if (!kept.figures.some((figure) => Math.abs(mm(figure) - mm(found)) < 0.2))
    return `${kept.figures[0]} was saved, ${found} is there`;
  kept.figures = [found];
  if (act !== runs) return null;
  await page.goto(`${kept.address}/press`);
  const there = await giveUp(page)
    .waitFor({ timeout: 20_000 })
    .then(
      () => true,
      () => false,
    );
  if (!there) return `the run at “${kept.says[0]}” is gone`;
  const says = (await title(page).textContent()) ?? '';
  return kept.says.includes(says) ? null : `the run said “${kept.says[0]}”, now “${says}”`;
}

/** A mug with a picture on the own bench, and a backup of it. */
async function setUp(page: Page): Promise<Kept> {
  await page.goto(`${BASE}/own`);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await page.waitForURL(/\/blank$/);
  const address = page.url().replace(/\/blank$/, '');
  const found = await wall(page).inputValue();
  await page.goto(`${address}/art`);
  await page.getByLabel('Picture file', { exact: true }).setInputFiles({
    ...{ name: 'sky.png', mimeType: 'image/png', buffer: await pngPicture(1200, 520) },
  });
  await page.getByText('1200 × 520 px').waitFor();
  await page.getByRole('status').getByText('Saved').waitFor();
  await page.goto(`${BASE}/own`);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a backup' }).click();
  const backup = readFileSync(await (await coming).path());
  return { address, backup, figures: [found], says: [], touches: 0 };
}

/**
 * The browser is killed while a mug is measured, its sheets are written, a backup comes in or it is pressed: after
 * every kill what was said to be saved is there again, and the run goes on where it was.
 */
export const kills: Ordeal = ({ seed, goesOn }) =>
  served(async () => {
    const random = seeded(seed);
    const profile = mkdtempSync(join(tmpdir(), 'lucky-torture-'));
    const troubles: string[] = [];
    let count = 0;
    let [context, page] = await launched(profile);
    const kept = await setUp(page);
    while (goesOn(count) && troubles.length < 20) {
      const [name, act] = ACTS[Math.floor(random() * ACTS.length)] as (typeof ACTS)[number];
      await act(page, kept, random);
      await kill(context);
      count++;
      [context, page] = await launched(profile);
      const lost = await lostOf(page, act, kept);
      if (lost) troubles.push(`kill ${count}, ${name}: ${lost}`);
    }
    await context.close();
    rmSync(profile, { recursive: true, force: true });
    return { count, troubles };
  });
