import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type BrowserContext } from '@playwright/test';
import type { Ordeal } from './ordeal';
import { seeded } from '@/demo/paint';
import { BASE, served } from './server';

const launch = (profile: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile, {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking'],
    serviceWorkers: 'block',
  });

/** The browser's own process, ended as a power cut ends it. */
async function kill(context: BrowserContext): Promise<void> {
  const [page] = context.pages();
  const session = page && (await context.newCDPSession(page).catch(() => null));
  await session?.send('Browser.crash').catch(() => undefined); // it answers no more
  await context.close().catch(() => undefined);
}

/**
 * A mug is measured, the browser killed after what is shown as saved: after every kill the figure last
 * said to be saved is there again.
 */
export const kills: Ordeal = ({ seed, seconds }) =>
  served(async () => {
    const random = seeded(seed);
    const profile = mkdtempSync(join(tmpdir(), 'lucky-torture-'));
    const troubles: string[] = [];
    let count = 0;
    let context = await launch(profile);
    let page = context.pages()[0] ?? (await context.newPage());
    await page.goto(`${BASE}/own`);
    await page.getByRole('button', { name: 'Start a mug' }).click();
    await page.waitForURL(/\/blank$/);
    const address = page.url();
    const until = Date.now() + 1000 * seconds;
    while (Date.now() < until) {
      const figure = `${(90 + Math.floor(random() * 30)).toString()} mm`;
      const field = page.getByLabel('Wall height');
      await field.fill(figure);
      await field.blur();
      await page.getByRole('status').getByText('Saved').waitFor({ timeout: 20_000 });
      const saved = await field.inputValue();
      // typed on, and killed in the middle of it
      const typesOn = random() < 0.5;
      if (typesOn) await field.pressSequentially('1', { delay: 5 });
      await kill(context);
      count++;
      context = await launch(profile);
      page = context.pages()[0] ?? (await context.newPage());
      await page.goto(address);
      const found = await page
        .getByLabel('Wall height')
        .inputValue({ timeout: 20_000 })
        .catch(() => 'nothing');
      if (found === 'nothing') {
        troubles.push(`kill ${count}: ${saved} was saved, and the job is gone`);
        break;
      }
      if (found !== saved && !typesOn)
        troubles.push(`kill ${count}: ${saved} was saved, ${found} is there`);
    }
    await context.close();
    rmSync(profile, { recursive: true, force: true });
    return { count, troubles };
  });
