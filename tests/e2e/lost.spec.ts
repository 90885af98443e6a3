import type { Page } from '@playwright/test';
import { pngPicture } from '../support/pictures';
import { expect, field, goTo, saved, startMug, test } from './bench';
import { title, touchUntil } from './live';

/** Puts something in the place of a job, as a damaged disk or a newer version would. */
const damage = (page: Page, id: string, body: unknown, version: number) =>
  page.evaluate(
    async ([key, thing, at]) => {
      const open = indexedDB.open('lucky-sheet-own');
      await new Promise((resolve) => (open.onsuccess = resolve));
      const store = open.result.transaction('documents', 'readwrite').objectStore('documents');
      const put = store.put({
        kind: 'job',
        id: key,
        rev: 1,
        savedAt: '',
        version: at,
        body: thing,
      });
      await new Promise((resolve) => (put.onsuccess = resolve));
      open.result.close();
    },
    [id, body, version] as const,
  );

test('what cannot be read is set aside by name, can be saved whole, and everything else opens', async ({
  page,
}) => {
  await startMug(page);
  const mug = page.url();
  await saved(page);
  await damage(page, 'broken', {}, 4);
  await damage(page, 'newer', { name: 'Tomorrow’s mug' }, 99);
  await page.goto('/own');
  const aside = page.getByRole('list', { name: 'Set aside' });
  await expect(aside.getByText(/job broken.*cannot be read/)).toBeVisible();
  await expect(aside.getByText(/Tomorrow’s mug.*newer Lucky Sheet/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'New mug' })).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    aside.getByRole('button', { name: 'Save as a file' }).last().click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/mug\.job\.json$/);
  for (const screen of ['/own/log', '/own/shelf', mug]) {
    await page.goto(screen);
    await expect(page.getByRole('heading').first()).toBeVisible();
  }
  await page.goto(mug.replace(/job\/[^/]+/, 'job/broken'));
  await expect(page.getByText(/kept as it is/)).toBeVisible();
});

test('deleted in one tab, a job is not brought back by an edit in another unless asked', async ({
  page,
  context,
}) => {
  await startMug(page);
  await saved(page);
  const bench = await context.newPage();
  await bench.goto('/own');
  await bench.getByRole('button', { name: 'More for New mug' }).click();
  await bench.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByText(/taken off the bench in another tab/)).toBeVisible();
  await field(page, 'Wall height').fill('4 in');
  await bench.reload();
  await expect(bench.getByText('Your bench is empty')).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await saved(page);
  await bench.reload();
  await expect(bench.getByRole('heading', { name: 'New mug' })).toBeVisible();
});

test('a pressing begun in one tab goes on in the other; given up, it can be gone on with', async ({
  page,
  context,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-comet/press');
  const other = await context.newPage();
  await other.goto('/demo/job/demo-comet/press');
  await expect(other.getByRole('button', { name: 'Begin' })).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'It is on' }).click();
  await expect(title(other)).toHaveText('Look at the print before any heat');
  await other.getByRole('button', { name: 'Give up this run' }).click();
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
  await other.getByRole('button', { name: 'Go on with it' }).click();
  await expect(title(page)).toHaveText('Look at the print before any heat');
});

test('the device’s clock is set back by an hour: the countdown goes on as it was', async ({
  page,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-moons/press');
  await page.getByRole('button', { name: 'Begin' }).click();
  await touchUntil(page, /^Nothing to do/);
  // switched on, made ready: it is waited for
  await expect(page.getByRole('timer')).toHaveText(/^(15:00|14:[345]\d)$/);
  await page.evaluate(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() - 3_600_000;
  });
  await page.waitForTimeout(1200);
  await expect(page.getByRole('timer')).toHaveText(/^14:[2345]\d$/);
});

test('several pictures dropped on the bench are as many jobs, named after them', async ({
  page,
}) => {
  await page.goto('/own');
  const picture = await pngPicture(300, 200);
  await page.getByLabel('Picture or job file').setInputFiles(
    ['comet', 'moon', 'sky'].map((name) => ({
      name: `${name}.png`,
      mimeType: 'image/png',
      buffer: picture,
    })),
  );
  await expect(page.getByText(/3 of 3 pictures are jobs/)).toBeVisible();
  for (const name of ['comet', 'moon', 'sky'])
    await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
});

test('a figure over its limit stays in the field with the limit, and nothing else is taken', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Sheets');
  const copies = field(page, 'Copies of the whole job');
  await copies.fill('');
  await copies.pressSequentially('100000');
  await copies.press('Tab');
  await expect(copies).toHaveValue('100000');
  await expect(page.getByText('A whole number from 1 to 1000.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(copies).toHaveValue('1');
});
