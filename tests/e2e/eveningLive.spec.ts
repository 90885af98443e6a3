/** A whole evening on simulated machines: a reload, a late hand, something put in, a break; then the log. */
import type { Page } from '@playwright/test';
import { axeFaults, expect, test } from './bench';
import { big, title } from './live';

/** What an evening is first thought of with on the demo bench. */
const LATEST = ['Comet mug', 'Moon-phase mug', 'Latte cup for the night watch', 'Horizon tumbler'];

/** Plans the demo jobs of these names and begins on simulated machines. */
async function begin(page: Page, names: readonly string[]) {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/evening');
  const order = page.getByRole('list', { name: 'In this order' });
  await expect(order).toBeVisible();
  for (const name of LATEST)
    if (!names.includes(name)) await page.getByRole('checkbox', { name, exact: true }).uncheck();
  for (const name of names) await page.getByRole('checkbox', { name, exact: true }).check();
  const start = page.getByRole('button', { name: 'Try it on simulated machines' });
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(names.length);
  await expect(start).toBeEnabled();
  await start.click();
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
}

/** Does what the screen says until it says something, or all is done. */
async function workUntil(page: Page, says: RegExp) {
  await expect(async () => {
    const text = (await title(page).textContent()) ?? '';
    if (says.test(text)) return;
    if (await big(page).isVisible()) await big(page).click({ timeout: 2000 });
    throw new Error(`it still says ${text}`);
  }).toPass({ timeout: 240_000, intervals: [120] });
}

/** What is written down, as it is stored. */
const stored = (page: Page, kind: string) =>
  page.evaluate(
    (wanted) =>
      new Promise<{ body: Record<string, unknown> }[]>((resolve, reject) => {
        const names = indexedDB.databases();
        void names.then(([{ name = '' } = {}]) => {
          const open = indexedDB.open(name);
          open.onerror = () => reject(open.error);
          open.onsuccess = () => {
            const all = open.result.transaction('documents').objectStore('documents').getAll();
            all.onsuccess = () => {
              open.result.close();
              resolve(all.result.filter((each: { kind: string }) => each.kind === wanted));
            };
          };
        });
      }),
    kind,
  );

interface Event {
  kind: string;
  at: string;
  operationId?: string;
}

test('a whole evening at speed, with a reload, a late hand, a mug put in and a break', async ({
  page,
}) => {
  test.setTimeout(420_000);
  await begin(page, ['Comet mug', 'Moon-phase mug']);
  await page.getByRole('button', { name: '× 60' }).click();
  await workUntil(page, /^Press$|^Nothing to do/);

  // a reload in the middle loses nothing
  const before = await stored(page, 'evening');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
  const after = await stored(page, 'evening');
  expect((after[0]?.body.run as { events: Event[] }).events.length).toBeGreaterThanOrEqual(
    (before[0]?.body.run as { events: Event[] }).events.length,
  );

  // a mug put in has a place in what comes next, and its work is told when its turn comes
  await page.getByRole('button', { name: 'Put one in' }).click();
  await page.getByRole('menuitem', { name: 'Comet mug', exact: true }).click();
  await expect(page.getByText('“Comet mug” is put in.')).toBeVisible();

  // a late hand: the clock says how far over it is, and the bell waits
  await workUntil(page, /^Open it/);
  await expect(page.getByText(/\d:\d\d over/).first()).toBeVisible();
  await page.waitForTimeout(500);
  await expect(title(page)).toHaveText(/^Open it/);
  await big(page).click();
  await expect(title(page)).not.toHaveText(/^Open it: Automatic mug press$/);

  // a break is given when no bell rings in it
  await page.getByRole('button', { name: 'A break' }).click();
  await page.getByRole('menuitem', { name: '5 min', exact: true }).click();
  await expect(page.getByText(/^Free for 5 min/)).toBeVisible();

  await workUntil(page, /^How did they come out/);
  const rows = page.getByRole('list', { name: 'How they came out' }).getByRole('listitem');
  await expect(rows).toHaveCount(3);
  expect(await axeFaults(page)).toEqual([]);
  await expect(page.getByRole('button', { name: '3 still to be looked at' })).toBeDisabled();
  await rows
    .first()
    .getByRole('button', { name: /spoiled/i })
    .click();
  await page.getByRole('button', { name: 'The rest are good' }).click();
  await page.reload();
  await expect(rows.first().getByRole('button', { name: /spoiled/i })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const known = (await stored(page, 'record')).length;
  await page.getByRole('button', { name: 'Write them down' }).click();
  await page.waitForURL(/\/demo\/log$/);
  const records = await stored(page, 'record');
  expect(records).toHaveLength(known + 3);
  const own = records.filter(({ body }) => body.simulated === true);
  expect(own.map(({ body }) => body.outcome).sort()).toEqual(['good', 'good', 'spoiled']);
  for (const { body } of own) {
    // right to the second: what the record says was pressed is what happened between closing and opening
    const events = body.events as Event[];
    const program = body.program as { operations: { id: string; kind: string; layUp: unknown }[] };
    const press = program.operations.find((each) => each.kind === 'press' && each.layUp !== null);
    const at = (kind: string) =>
      Date.parse(events.find((e) => e.kind === kind && e.operationId === press?.id)?.at ?? '');
    expect(body.dwellS).toBeCloseTo((at('ended') - at('begun')) / 1000, 3);
  }
  // the evening is over: another can be planned
  await page.goto('/demo/evening');
  await expect(page.getByRole('button', { name: 'Begin the evening' })).toBeVisible();
});

test('the live screen: two hands, a second tab, a display that is typed, given up and gone on with', async ({
  page,
  context,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/evening');
  await page.getByRole('button', { name: 'The two of us' }).click();
  await expect(page.getByText('Hands 2')).toBeVisible();
  const start = page.getByRole('button', { name: 'Begin the evening' });
  await expect(start).toBeEnabled();
  await start.click();
  const one = page.getByRole('region', { name: 'Hands 1' });
  await expect(one).toBeVisible();
  await expect(page.getByRole('region', { name: 'Hands 2' })).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  const on = page.getByRole('button', { name: 'It is on' });
  const oven = page.getByRole('region', { name: 'Convection oven' });
  for (let i = 0; i < 3 && (await oven.getByText('Not switched on yet.').isVisible()); i++)
    await on.first().click();

  // what the display says moves when it is ready
  await expect(oven.getByText(/there about/)).toBeVisible();
  await oven.getByLabel('Convection oven shows').fill('370 °F');
  await oven.getByLabel('Convection oven shows').press('Enter');
  await expect(oven.getByText(/ready/)).toBeVisible();

  // another tab shows the same, and what it touches shows here
  const other = await context.newPage();
  await other.goto('/demo/evening/press');
  const there = other.getByRole('region', { name: 'Hands 1' });
  const says = await one.getByRole('heading', { level: 1 }).textContent();
  await expect(there.getByRole('heading', { level: 1 })).toHaveText(says ?? '');
  await there.getByRole('button', { name: 'Done, next' }).click();
  await expect(there.getByRole('heading', { level: 1 })).not.toHaveText(says ?? '');
  const then = await there.getByRole('heading', { level: 1 }).textContent();
  await expect(one.getByRole('heading', { level: 1 })).toHaveText(then ?? '');
  await other.close();

  // whatever new order the other tab wrote in the same moment
  await page.getByRole('button', { name: 'One step back' }).click();
  await expect(one.getByRole('heading', { level: 1 })).toHaveText(says ?? '');
  await page.getByRole('button', { name: 'Give up this evening' }).click();
  await expect(page.getByRole('heading', { name: 'No evening has been begun' })).toBeVisible();
  await page.getByRole('button', { name: 'Go on with it' }).click();
  await expect(one.getByRole('heading', { level: 1 })).toHaveText(says ?? '');
});

test('a machine is opened before its bell: its clock is gone, and the work goes on', async ({
  page,
}) => {
  await begin(page, ['Comet mug']);
  await page.getByRole('button', { name: '× 60' }).click();
  await workUntil(page, /^Press$/);
  const timer = page.getByRole('timer', { name: /^Time left in/ });
  if (!(await timer.isVisible())) await big(page).click();
  await expect(timer).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: 'Open it early' }).click();
  await expect(timer).toHaveCount(0);
  await page.getByRole('button', { name: 'One step back' }).click();
  await expect(timer).toBeVisible();
});

test('a large panel in an evening: where the plate goes is drawn on it, section by section', async ({
  page,
}) => {
  await begin(page, ['Star chart for the wall']);
  await page.getByRole('button', { name: '× 60' }).click();
  const where = page.getByRole('img', { name: /^Where the plate goes: section [12] of / });
  await expect(async () => {
    if (!(await where.isVisible()) && (await big(page).isVisible()))
      await big(page).click({ timeout: 2000 });
    await expect(where).toBeVisible({ timeout: 100 });
  }).toPass({ timeout: 90_000, intervals: [100] });
  await expect(page.getByText(/the plate’s left side .*, its upper side/)).toBeVisible();
});

test('on a phone: the next step, its button and every clock without scrolling sideways', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await begin(page, ['Comet mug']);
  await page.getByRole('button', { name: 'Stop' }).click();
  await big(page).click();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
  const box = await big(page).boundingBox();
  expect((box?.y ?? 9999) + (box?.height ?? 0)).toBeLessThan(844);
  for (const button of await page.getByRole('main').getByRole('button').all())
    expect((await button.boundingBox())?.height ?? 0).toBeGreaterThanOrEqual(44);
});
