import { axeFaults, expect, test } from './bench';

const SIZES = [
  ['phone', 390, 844],
  ['tablet', 820, 1180],
  ['desk', 1440, 900],
] as const;

for (const [name, width, height] of SIZES)
  test(`${name}: no station scrolls sideways, where one is stands in sight, and so does what is next`, async ({
    page,
  }) => {
    test.setTimeout(120_000);
    await page.setViewportSize({ width, height });
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible({ timeout: 30_000 });
    const sideways = () =>
      page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
    expect(await sideways()).toBe(0);
    for (const station of ['blank', 'art', 'sheets', 'heat', 'record']) {
      await page.goto(`/demo/job/demo-comet/${station}`);
      const here = page.locator('nav [aria-current="step"]');
      await expect(here).toBeInViewport({ ratio: 0.9 });
      if (station === 'record')
        await expect(page.getByRole('button', { name: 'Write it down' })).toBeInViewport();
      else if (station === 'blank' || station === 'art')
        await expect(page.getByRole('link', { name: /^Next: / })).toBeInViewport();
      expect(await sideways()).toBe(0);
    }
    for (const path of ['log', 'shelf', 'evening']) {
      await page.goto(`/demo/${path}`);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      expect(await sideways()).toBe(0);
    }
  });

test('on a phone findings are one line with their count, unfolded at a touch', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible({ timeout: 30_000 });
  await page.goto('/demo/job/demo-navy/art');
  const checks = page.getByRole('region', { name: 'Checks' });
  await expect(checks.getByRole('listitem')).toHaveCount(0);
  const line = checks.getByRole('button', { name: /^Stop: \d/ });
  await line.click();
  await expect(checks.getByRole('listitem').first()).toContainText('Stop');
  expect(await axeFaults(page)).toEqual([]);
  await line.click();
  await expect(checks.getByRole('listitem')).toHaveCount(0);
});
