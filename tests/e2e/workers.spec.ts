/** Workers are kept for what is asked next, not for ever: what their pictures took is given back. */
import { downloaded, expect, goTo, mugWithPicture, test } from './bench';

test('the worker that wrote a print file goes after a while, and another waits in its place', async ({
  page,
}) => {
  await mugWithPicture(page);
  await goTo(page, 'Sheets');
  await downloaded(page, 'Save the PDF');
  const worked = page.workers();
  expect(worked.length).toBeGreaterThan(0);
  await expect
    .poll(() => page.workers().filter((worker) => worked.includes(worker)))
    .toHaveLength(0);
  await expect.poll(() => page.workers().length).toBeGreaterThan(0);
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
});

test('where no task is likely no worker waits: the demo’s pictures are taken in, and all go', async ({
  page,
}) => {
  const started: string[] = [];
  page.on('worker', (worker) => started.push(worker.url()));
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  expect(started.length).toBeGreaterThan(0);
  await expect.poll(() => page.workers().length).toBe(0);
  // those that have gone are not replaced a moment later
  const before = started.length;
  await page.waitForTimeout(6000);
  expect(started).toHaveLength(before);
});
