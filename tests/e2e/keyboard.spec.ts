import type { Page } from '@playwright/test';
import { pngPicture } from '../support/pictures';
import { expect, givePicture, test } from './bench';

/** Tabs until what has the focus answers to a name, as someone without a mouse does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  const focused = () =>
    page.evaluate(() => {
      const here = document.activeElement;
      const byId = here?.getAttribute('aria-labelledby')?.split(' ')[0];
      const labels = [
        here?.getAttribute('aria-label'),
        byId && document.getElementById(byId)?.textContent,
        here?.id && document.querySelector(`label[for="${here.id}"]`)?.textContent,
        here?.textContent,
      ];
      return labels.find(Boolean) ?? '';
    });
  for (let i = 0; i < 80; i++) {
    await page.keyboard.press('Tab');
    if (name.test(await focused())) return;
  }
  throw new Error(`Tab never came to ${String(name)}`);
}

test('from an empty bench to a placed picture without a mouse', async ({ page }) => {
  await page.goto('/own');
  await expect(page.getByText('Your bench is empty')).toBeVisible();
  await tabTo(page, /^Start a mug$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Handle gap')).toBeVisible();
  await tabTo(page, /^Wall height/);
  await page.keyboard.type('3 3/4');
  await expect(page.getByRole('link', { name: /Blank/ })).toContainText('8 3/4 × 3 3/4 in');
  await tabTo(page, /^Coating/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/no coating for dye/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('2');
  await givePicture(page, 'sky.png', await pngPicture(900, 390));
  await expect(page.getByText('900 × 390 px')).toBeVisible();
  const left = page.getByRole('textbox', { name: 'From the left edge' });
  const before = await left.inputValue();
  await tabTo(page, /^Picture sky.png/);
  await page.keyboard.press('Shift+ArrowRight');
  await expect(left).not.toHaveValue(before);
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft');
  await expect(left).toHaveValue(before);
});

test('at 1280 × 800 no screen scrolls sideways and each shows its next step', async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  const stations = [
    ['blank', 'Next: the art'],
    ['art', 'Next: the sheets'],
    ['sheets', 'Save the PDF'],
    ['heat', 'Next: press'],
    ['press', 'Begin'],
    ['record', 'Write it down'],
  ] as const;
  for (const [station, next] of stations) {
    await page.goto(`/demo/job/demo-latte/${station}`);
    const way = page.getByRole('link', { name: next }).or(page.getByRole('button', { name: next }));
    await expect(way).toBeInViewport({ ratio: 1 });
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(overflow, station).toBeLessThanOrEqual(0);
  }
});
