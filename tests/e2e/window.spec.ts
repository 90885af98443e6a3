import AxeBuilder from '@axe-core/playwright';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './bench';
import { big } from './live';

/** Touches whatever there is to touch, and lets the clock go on where there is nothing. */
async function throughTheEvening(page: Page, until: Locator) {
  for (let touch = 0; touch < 150; touch++) {
    if (await until.isVisible()) return;
    const hot = page.getByRole('button', { name: /^It is (hot|cool)$/ });
    const next = [big(page), hot];
    for (const button of next)
      if ((await button.count()) > 0) {
        await button.first().click();
        break;
      }
    await page.clock.fastForward(20_000);
    await page.clock.runFor(300);
  }
  throw new Error('the evening never ended');
}

test('where it comes out well: the map, a test planned, made a job, pressed, told, and learned from', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-09-12T18:00:00Z') });
  await page.goto('/demo');
  await expect(page.getByText('Comet mug').first()).toBeVisible();
  await page.goto('/demo/job/demo-comet/heat');
  await page.getByLabel('Heat source').click();
  await page.getByRole('option', { name: 'Press with mug attachment' }).click();
  await page.getByRole('button', { name: 'Best window' }).click();
  const map = page.getByRole('region', { name: 'Where it comes out well' });
  await expect(map.getByText('7 pressings on this machine tell of it.')).toBeVisible();
  await expect(map.getByText(/Best as far as is known: 400 °F · 3 min, good in \d/)).toBeVisible();
  await expect(map.locator('.js-plotly-plot')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).include('main').analyze();
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual(
    [],
  );

  const next = map.getByRole('region', { name: 'What to try next' });
  await next.getByLabel('Test pieces at most').fill('2');
  await next.getByLabel('Test pieces at most').press('Enter');
  await expect(next.getByRole('listitem')).toHaveCount(2);
  await next.getByRole('button', { name: 'Make them a job' }).click();
  await page.waitForURL(/\/sheets$/);
  await expect(page.getByText('Test pieces: Straight mug, 12 oz').first()).toBeVisible();

  await page.goto(page.url().replace('/sheets', '/heat'));
  await expect(page.getByText('2 test pieces').first()).toBeVisible();
  await expect(page.getByRole('rowheader')).toHaveText(['A', 'B']);
  // pressed by the printed card: what was ticked there is told at the record station, and survives a reload
  await page.goto(page.url().replace('/heat', '/record'));
  const ofB = page.getByRole('group', { name: /^How B 400 °F/ });
  await ofB.getByText('good').click();
  await expect(page.getByRole('button', { name: '1 still to be looked at' })).toBeDisabled();
  await page.reload();
  await expect(ofB.getByRole('button', { name: 'good' })).toHaveAttribute('aria-pressed', 'true');

  await page.goto(page.url().replace('/record', '/press'));
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const told = page.getByRole('heading', { name: 'How did they come out?' });
  await throughTheEvening(page, told);
  await page
    .getByRole('group', { name: /^How .*A 400 °F/ })
    .getByText('pale')
    .click();
  await page
    .getByRole('group', { name: /^How .*B 400 °F/ })
    .getByText('too much')
    .click();
  await page.getByRole('button', { name: 'Write them down' }).click();
  await page.waitForURL(/\/(log|record)/);

  await page.goto('/demo/job/demo-comet/heat');
  await page.getByRole('button', { name: 'Best window' }).click();
  await expect(map.getByText('9 pressings on this machine tell of it.')).toBeVisible();
});
