import { expect, test } from '@playwright/test';
import { pngPicture } from '../support/pictures';
import { downloaded, givePicture, goTo } from './bench';

test.use({ serviceWorkers: 'allow' });

test('once opened, a job can be worked on from bench to print without a network', async ({
  page,
  context,
}) => {
  await page.goto('/own');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await expect(page.getByLabel('Handle gap')).toBeVisible();
  const kept = () =>
    page.evaluate(async () => {
      const names = await caches.keys();
      const pages = await Promise.all(
        names.map(async (name) => (await (await caches.open(name)).keys()).map(({ url }) => url)),
      );
      return pages.flat().filter((url) => url.includes('/job/')).length;
    });
  await expect.poll(kept).toBe(6);

  await context.setOffline(true);
  await page.reload();
  await page.getByLabel('Handle gap').fill('1 1/4');
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(900, 390));
  await expect(page.getByText('900 × 390 px')).toBeVisible();
  await goTo(page, 'Sheets');
  expect((await downloaded(page, 'Save the PDF')).bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await page.goto('/own');
  await expect(page.getByRole('heading', { name: 'New mug' })).toBeVisible();
});
