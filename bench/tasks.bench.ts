import type { Page } from '@playwright/test';
import { BASE, withApp } from './app';
import { ms, spreadOf } from './stats';

/** Screens are opened so many times each, and watched for so long, ms. */
const ROUNDS = 5;
const WATCHED_MS = 3500;
/** No task of the page may be longer, ms. */
const MOST_MS = 100;

const SCREENS: Readonly<Record<string, string>> = {
  'the bench': 'demo',
  'art of a mug': 'demo/job/demo-comet/art',
  'art of twelve sheets': 'demo/job/demo-chart/art',
  'sheets of a bag': 'demo/job/demo-tote/sheets',
  'heat of a tee': 'demo/job/demo-tee/heat',
  'press of twelve sheets': 'demo/job/demo-chart/press',
  'the log': 'demo/log',
  'the shelf': 'demo/shelf',
};

/** Notes every task of a page over 50 ms (Long Tasks API). */
const NOTE_TASKS = () => {
  const state = window as unknown as { tasks: number[] };
  state.tasks = [];
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) state.tasks.push(duration);
  }).observe({ entryTypes: ['longtask'] });
};

/** The longest task since the page was opened, or since it was last asked; 50 ms where none was noted. */
const longest = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const state = window as unknown as { tasks: number[] };
    const most = Math.max(50, ...state.tasks);
    state.tasks = [];
    return most;
  });

/** What the page takes to read a text of some 4 MB as JSON, ms. */
const reading = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const text = JSON.stringify(
      Array.from({ length: 60_000 }, (_, i) => ({ i, name: `n${i}`, at: [i / 7, i / 3] })),
    );
    const start = performance.now();
    JSON.parse(text);
    return performance.now() - start;
  });

/** The longest task of the page as screens of the demo are opened, and as a width is typed. */
export async function benchTasks(): Promise<void> {
  await withApp(async (browser) => {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addInitScript(NOTE_TASKS);
    const page = await context.newPage();
    await page.goto(`${BASE}/demo`);
    await page.getByRole('heading', { name: 'Comet mug' }).waitFor({ timeout: 60_000 });
    const reference: number[] = [];
    const said = (what: string, tasks: readonly number[]) => {
      const [own, by] = [spreadOf(tasks), spreadOf(reference)];
      console.log(
        `  ${what.padEnd(24)} ${ms(own)}, ${tasks.filter((each) => each > MOST_MS).length} of ${tasks.length} ` +
          `over ${MOST_MS}; ratio ${(own.median / by.median).toFixed(1)}`,
      );
    };
    console.log('longest task of the page; ratio against JSON.parse of 4 MB in the same page:');
    for (const [name, path] of Object.entries(SCREENS)) {
      const tasks: number[] = [];
      for (let round = 0; round < ROUNDS; round++) {
        await page.goto(`${BASE}/${path}`);
        await page.waitForTimeout(WATCHED_MS);
        tasks.push(await longest(page));
        reference.push(await reading(page));
      }
      said(name, tasks);
    }
    await page.goto(`${BASE}/demo/job/demo-comet/art`);
    await page.getByRole('button', { name: 'Exact' }).first().click();
    const width = page.getByLabel('Width', { exact: true }).first();
    await page.waitForTimeout(WATCHED_MS);
    await longest(page);
    const typed: number[] = [];
    for (let round = 0; round < ROUNDS; round++) {
      await width.fill((8 - round / 10).toFixed(1));
      await width.press('Tab');
      await page.waitForTimeout(WATCHED_MS / 3);
      typed.push(await longest(page));
    }
    said('a width typed', typed);
  });
}
