import type { Locator } from '@playwright/test';
import { expect, test } from './bench';

test.use({ forcedColors: 'active', colorScheme: 'dark' });

const ground = (what: Locator) =>
  what.evaluate((element) => getComputedStyle(element).backgroundColor);

test('in the person’s own colours it is seen where one is, what is chosen, and which colour a sample has', async ({
  page,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-comet/art');
  const tape = page.getByRole('navigation');
  const here = await ground(tape.locator('[aria-current="step"]'));
  expect(here).not.toBe(await ground(tape.getByRole('link', { name: /^Sheets/ })));
  expect(await ground(page.getByRole('button', { name: 'As seen' }))).toBe(here);
  expect(await ground(page.getByRole('button', { name: 'As printed' }))).not.toBe(here);
  await page.getByRole('button', { name: /^About this picture/ }).click();
  const samples = page.getByRole('list', { name: 'Main colours' }).getByRole('listitem');
  const grounds = await samples
    .locator('div')
    .evaluateAll((all) => all.map((each) => getComputedStyle(each).backgroundColor));
  expect(new Set(grounds).size).toBe(grounds.length);
  expect(grounds.length).toBeGreaterThan(2);

  await page.goto('/demo/evening');
  const lanes = page.locator('svg').filter({ hasText: 'Your hands' });
  expect(await ground(lanes)).toBe('rgb(251, 248, 242)');
});
