/** An evening planned: several jobs, several machines, one or two people. */
import { expect, test } from './bench';

test.beforeEach(async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.getByRole('link', { name: 'Press together' }).click();
  await expect(page.getByRole('heading', { name: 'In this order' })).toBeVisible();
});

/** The minutes of “1 h 22 min” at the beginning of a sentence. */
const minutesIn = (text: string | null): number => {
  const [, hours, minutes] = /^(?:(\d+) h ?)?(?:(\d+) min)?/.exec(text ?? '') ?? [];
  return 60 * Number(hours ?? 0) + Number(minutes ?? 0);
};

test('the evening is shorter than one after another, said with what it cannot be shorter than', async ({
  page,
}) => {
  const worth = page.getByRole('status').first();
  await expect(page.getByLabel('Looking for a better plan')).toHaveCount(0);
  const alone = await worth.textContent();
  expect(alone).toMatch(/^.+ instead of .+ one after another\. No plan can be shorter/);
  const [, inTurn = ''] = /instead of (.+) one after/.exec(alone ?? '') ?? [];
  expect(minutesIn(alone)).toBeLessThan(minutesIn(inTurn));

  // looked for longer, it is no longer than it was; stopped, what was found stays
  await page.getByRole('button', { name: 'Look longer for a better one' }).click();
  await page.getByRole('button', { name: 'Stop looking' }).click();
  await expect(page.getByRole('button', { name: 'Look longer for a better one' })).toBeVisible();
  expect(minutesIn(await worth.textContent())).toBeLessThanOrEqual(minutesIn(alone));

  // everything to lay ready, once for all of it
  await page.getByRole('button', { name: /^Lay ready/ }).click();
  const ready = page.getByRole('list', { name: 'Lay ready' });
  await expect(ready).toContainText('Heat gloves');
  await expect(ready).toContainText('2 × Straight mug, 12 oz');
  await expect(ready).toContainText('4 × print');

  // two people are done no later
  await page.getByRole('button', { name: 'The two of us' }).click();
  await expect(page.getByText('Hands 2')).toBeVisible();
  await expect(page.getByLabel('Looking for a better plan')).toHaveCount(0);
  expect(minutesIn(await worth.textContent())).toBeLessThanOrEqual(minutesIn(alone));

  // one more load; the order says when, from the time it begins at
  await page.getByRole('checkbox', { name: /^Moon coaster/ }).check();
  await expect(page.getByRole('list', { name: 'In this order' })).toContainText('Moon coaster');
  await page.getByLabel('Begin at').fill('20:30');
  const order = page.getByRole('list', { name: 'In this order' });
  await expect(order.getByRole('listitem').first()).toContainText('20:30');
});

test('a piece is followed from lane to list and to its job; what a finding stops is left out, and said', async ({
  page,
}) => {
  await expect(page.getByLabel('Looking for a better plan')).toHaveCount(0);
  const order = page.getByRole('list', { name: 'In this order' });
  const all = await order.getByRole('listitem').count();
  const lanes = page.getByRole('region', { name: 'The evening over the clock' });
  await lanes.getByRole('button', { name: /^1: / }).first().press('Enter');
  await expect(page.getByRole('button', { name: 'Show all' })).toBeVisible();
  const own = await order.getByRole('listitem').count();
  expect(own).toBeLessThan(all);
  expect(own).toBeGreaterThan(1);
  // it is wished first, and what that costs is said; taken back it is as planned
  await page.getByRole('button', { name: 'This one first' }).click();
  const wished = page.getByText(
    /comes first, as you wished\. (That costs nothing|The evening ends)/,
  );
  await expect(wished).toBeVisible();
  await page.getByRole('button', { name: 'As planned' }).click();
  await expect(wished).toHaveCount(0);
  // or moved by hand, before what it comes after
  await page
    .getByRole('button', { name: /^Press it (sooner|later)$/, disabled: false })
    .first()
    .click();
  const moved = page.getByText(/ goes in before .+, as you wished\. (That costs|The evening ends)/);
  await expect(moved).toBeVisible();
  await page.getByRole('button', { name: 'As planned' }).click();
  await expect(moved).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Navy tee, dye by mistake' }).check();
  await expect(page.getByText(/“Navy tee, dye by mistake” is not in the plan/)).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await order.getByRole('link', { name: 'Comet mug' }).first().click();
  await page.waitForURL(/\/job\/demo-comet\/heat$/);
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'In this order' })).toBeVisible();
});
