import type { Page } from '@playwright/test';
import { axeFaults, expect, test } from './bench';

const SIZES = [
  // as narrow as a desk's screen enlarged four times (WCAG 2.2, 1.4.10)
  ['narrow', 320, 844],
  ['phone', 390, 844],
  ['tablet', 820, 1180],
  ['desk', 1440, 900],
] as const;

for (const [name, width, height] of SIZES)
  test(`${name}: no station scrolls sideways, where one is stands in sight, and so does what is next`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
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
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
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

/**
 * Whatever can be touched on a screen and is smaller than a finger, WCAG 2.2's 44 px. Links within a sentence may be, and
 * the bars of the evening over the clock: each stands in the order below it, too.
 */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a[href], [role="button"], input, select')]
      .filter(
        (each) =>
          each.getClientRects().length > 0 &&
          !each.closest('p, [aria-label="The evening over the clock"]'),
      )
      // what is drawn over a hidden input is what is touched
      .map((each) =>
        each.matches('input')
          ? (each.closest('label, .MuiInputBase-root, .MuiCheckbox-root') ?? each)
          : each,
      )
      .map((each) => ({ each, box: each.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && (box.height < 43.5 || box.width < 43.5))
      .map(
        ({ each, box }) =>
          `${each.getAttribute('aria-label') ?? each.textContent}: ${Math.round(box.width)} × ${Math.round(box.height)}`,
      ),
  );

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test('what is touched at the press and in an evening is as large as a finger', async ({
    page,
  }) => {
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
    await page.goto('/demo/job/demo-comet/press');
    await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
    expect(await tooSmall(page)).toEqual([]);
    await page.getByRole('button', { name: 'Begin' }).tap();
    await expect(page.getByRole('button', { name: 'It is on' })).toBeVisible();
    expect(await tooSmall(page)).toEqual([]);
    await page.goto('/demo/evening');
    await expect(page.getByRole('button', { name: 'Begin the evening' })).toBeVisible();
    expect(await tooSmall(page)).toEqual([]);
  });
});

test.describe('by two fingers', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test('the stage is looked at closer and pushed about; a picture under them stays where it was', async ({
    page,
  }) => {
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
    await page.goto('/demo/job/demo-comet/art');
    const stage = page.getByRole('group', { name: /^Comet mug: pictures/ });
    await expect(stage).toBeVisible();
    const view = async () => ((await stage.getAttribute('viewBox')) ?? '').split(' ').map(Number);
    const box = await stage.boundingBox();
    if (!box) throw new Error('no stage');
    const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2];
    const session = await page.context().newCDPSession(page);
    /** Two fingers so far apart and about a point, put down, moved, or lifted. */
    const fingers = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart = 0, x = cx, y = cy) =>
      session.send('Input.dispatchTouchEvent', {
        type,
        touchPoints:
          type === 'touchEnd'
            ? []
            : [
                { x: x - apart / 2, y, id: 0 },
                { x: x + apart / 2, y, id: 1 },
              ],
      });
    const [x0 = 0, , whole = 0] = await view();
    await fingers('touchStart', 60);
    for (const apart of [80, 110, 150, 180]) await fingers('touchMove', apart);
    await expect.poll(async () => (await view())[2] ?? 0).toBeLessThan(whole / 2);
    for (const x of [cx + 10, cx + 25, cx + 40]) await fingers('touchMove', 180, x);
    // what lay under the fingers lies under them still
    const underPx = async (px: number) => {
      const [x = 0, , width = 0] = await view();
      return x + ((px - box.x) / box.width) * width;
    };
    await expect.poll(() => underPx(cx + 40)).toBeCloseTo(x0 + whole / 2, 0);
    await fingers('touchEnd');
    // 3 times as close, give or take what is needed to know the gesture
    const [, , closer = 0] = await view();
    expect(whole / closer).toBeGreaterThan(2.2);
    expect(whole / closer).toBeLessThan(3.3);
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
    await page.getByRole('button', { name: 'See all of it' }).tap();
    await expect.poll(async () => (await view())[2] ?? 0).toBe(whole);
    expect(await page.evaluate(() => [window.scrollY, window.visualViewport?.scale])).toEqual([
      ...[0, 1],
    ]);
  });
});
