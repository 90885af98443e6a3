/** Workers are kept for what is asked next, not for ever: what their pictures took is given back. */
import { downloaded, expect, goTo, mugWithPicture, test } from './bench';

test('the worker that wrote a print file goes after a while, and another waits in its place', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await mugWithPicture(page);
  await goTo(page, 'Sheets');
  await downloaded(page, 'Save the PDF');
  const worked = page.workers();
  expect(worked.length).toBeGreaterThan(0);
  await expect
    .poll(() => page.workers().filter((worker) => worked.includes(worker)), { timeout: 60_000 })
    .toHaveLength(0);
  await expect.poll(() => page.workers().length, { timeout: 60_000 }).toBeGreaterThan(0);
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
});
