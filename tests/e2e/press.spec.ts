import { readFileSync } from 'node:fs';
import { expect, test } from './bench';
import { big, title, touchUntil } from './live';

test.beforeEach(async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
});

test('fifteen minutes in the oven: counted from the clock on the wall, also while the page sleeps', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-09-12T18:00:00Z') });
  await page.goto('/demo/job/demo-moons/press');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(title(page)).toHaveText('Switch on: Convection oven');
  await expect(page.getByText('An oven used for dye is not used for food again.')).toBeVisible();
  await page.getByRole('button', { name: 'It is on' }).click();
  // it warms up while hands prepare; where it is hot sooner than thought, somebody says so
  for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(title(page)).toHaveText('Nothing to do just now');
  await page.getByRole('button', { name: 'It is hot' }).click();
  await page.getByRole('button', { name: 'Done, next' }).click();
  await page.getByRole('button', { name: 'Start the clock' }).click();
  const timer = page.getByRole('timer', { name: 'Time left in Convection oven' });
  // on a busy machine seconds go by between the steps of this test
  const left = async () => {
    const [minutes = NaN, seconds = NaN] = ((await timer.textContent()) ?? '')
      .split(':')
      .map(Number);
    return 60 * minutes + seconds;
  };
  const before = await left();
  expect(before).toBeGreaterThan(14 * 60 + 5);
  expect(before).toBeLessThanOrEqual(15 * 60);
  await expect.poll(() => page.title()).toMatch(/^\d+:\d\d Convection oven$/);
  // the tab is put to sleep for fourteen minutes: no timer fires, then one does
  await page.clock.fastForward(14 * 60_000);
  await page.clock.runFor(1000);
  await expect.poll(left).toBeLessThan(before - 14 * 60);
  await page.clock.runFor(65_000);
  await expect(title(page)).toHaveText('Open it: Convection oven');
  await expect(timer).toHaveText(/over$/);
  expect(await page.title()).toBe('Open Convection oven');
  await page.getByRole('button', { name: 'It is open' }).click();
  await expect(title(page)).not.toHaveText('Open it: Convection oven');
  await page.getByRole('button', { name: 'One step back' }).click();
  // it has not stopped being hot
  await expect(title(page)).toHaveText('Open it: Convection oven');
});

test('a change of the job touches nothing that was begun, and is said', async ({ page }) => {
  await page.goto('/demo/job/demo-moons/press');
  await page.getByRole('button', { name: 'Begin' }).click();
  await touchUntil(page, /^Press$/);
  await page.getByRole('button', { name: 'Start the clock' }).click();
  const timer = page.getByRole('timer', { name: 'Time left in Convection oven' });
  await expect(timer).toHaveText(/^14:\d\d$/);
  await page.getByRole('link', { name: 'Back to the job' }).click();
  const time = page.getByRole('textbox', { name: 'Time', exact: true });
  await time.fill('12 min');
  await time.blur();
  await page.getByRole('link', { name: /^Next: press/ }).click();
  await expect(page.getByText(/The job has changed since this was begun/)).toBeVisible();
  await expect(timer).toHaveText(/^14:\d\d$/);
  await page.getByRole('button', { name: 'Start again by the job as it is' }).click();
  await expect(title(page)).toHaveText('Switch on: Convection oven');
  await expect(page.getByText(/The job has changed/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Go on with the other' }).click();
  await expect(timer).toHaveText(/^14:\d\d$/);
});

test('a run can be given up, and the bench leads back to one under way', async ({ page }) => {
  await page.goto('/demo/job/demo-comet/press');
  await page.getByRole('button', { name: 'Begin' }).press('Space');
  await expect(title(page)).toHaveText('Switch on: Automatic mug press');
  await page.goto('/demo');
  await page.getByRole('link', { name: 'Go on pressing' }).click();
  await expect(title(page)).toHaveText('Switch on: Automatic mug press');
  await page.getByRole('button', { name: 'Give up this run' }).click();
  await expect(page.getByRole('heading', { name: 'Ready to press' })).toBeVisible();
});

test('two of one job are an evening of two: each is told of, and a record of its own', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-comet/sheets');
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).fill('2');
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).blur();
  await page.goto('/demo/job/demo-comet/press');
  await expect(page.getByText(/^2 things, about \d+ min instead of/)).toBeVisible();
  await page.getByRole('button', { name: 'Try it on simulated machines' }).click();
  await page.getByRole('button', { name: '× 60' }).click();
  await expect(async () => {
    const says = (await title(page).textContent()) ?? '';
    if (says === 'How did they come out?') return;
    if (await big(page).isVisible()) await big(page).click({ timeout: 2000 });
    throw new Error(`it still says ${says}`);
  }).toPass({ timeout: 120_000, intervals: [120] });
  // one record for both is not written beside it
  await page.goto('/demo/job/demo-comet/record');
  await expect(page.getByRole('heading', { name: '2 of them are being pressed' })).toBeVisible();
  await page.goto('/demo');
  await page.getByRole('link', { name: 'Write down how it came out' }).click();
  await page.getByRole('button', { name: 'All are good' }).click();
  await page.getByRole('button', { name: 'Write them down' }).click();
  await expect(page.getByText('2 written down. They are in the log.')).toBeVisible();
  await expect(page).toHaveURL(/record$/);
  await expect(page.getByRole('listitem').filter({ hasText: 'Put right' })).toHaveCount(2);
});

test('a large panel, section by section: each is shown on the blank with its place, those done ticked', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-chart/heat');
  await page.getByRole('button', { name: 'Plate on the blank' }).click();
  const told = await page.getByText(/^\d+ placements of/).textContent();
  const count = Number.parseInt(told ?? '', 10);
  expect(count).toBeGreaterThan(1);
  await page.goto('/demo/job/demo-chart/press');
  await page.getByRole('button', { name: 'Begin' }).click();
  const seen: string[] = [];
  const next = page.getByRole('button', {
    name: /^(It is on|It is hot|Done, next|Start the clock|It is open|Let it go early)$/,
  });
  for (let step = 0; step < 80 && seen.length < count; step++) {
    await next.first().click();
    const where = page.getByRole('img', { name: /^Where the plate goes/ });
    if ((await where.count()) === 0) continue;
    const name = (await where.getAttribute('aria-label')) ?? '';
    if (seen.includes(name)) continue;
    seen.push(name);
    await expect(where.getByText('✓')).toHaveCount(seen.length - 1);
    await expect(where.getByText(String(seen.length), { exact: true })).toBeVisible();
    await expect(page.getByText(/the plate’s left side .*, its upper side/)).toBeVisible();
    // what is pressed lies below the plate as it will look
    await expect(where.locator('image')).toHaveCount(1);
  }
  expect(seen).toEqual(
    Array.from(
      { length: count },
      (_, i) => `Where the plate goes: section ${i + 1} of ${count} on Face`,
    ),
  );
});

test('the press screen fits a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/job/demo-comet/press');
  await page.getByRole('button', { name: 'Begin' }).click();
  await touchUntil(page, /^Press$/);
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await expect(page.getByRole('timer').first()).toBeInViewport({ ratio: 1 });
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - window.innerWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
});

test('a record with a photo: written down, seen in the log, out as CSV', async ({ page }) => {
  await page.goto('/demo/job/demo-comet/record');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('Say first whether it is good, usable or spoiled.')).toBeVisible();
  await page.getByRole('button', { name: /Spoiled/ }).click();
  await page.getByRole('button', { name: 'Unreadable lettering' }).click();
  await page.getByLabel('Note').fill('=1+1, mirrored twice');
  await page.getByLabel('Photo of the result').setInputFiles('docs/screenshots/press-stack.png');
  await expect(page.getByRole('img', { name: 'The result' })).toBeVisible();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('None written down yet.')).toHaveCount(0);
  await expect(page.getByRole('img', { name: /^The result of/ })).toBeVisible();
  await page.goto('/demo/log');
  await expect(page.getByRole('img', { name: 'What came of Comet mug' })).toBeVisible();
  await page.getByRole('button', { name: 'Chart', exact: true }).click();
  await expect(page.getByText('Time pressed, minutes')).toBeVisible();
  await expect(page.locator('.legendtext')).toHaveText(['Good', 'Usable', 'Spoiled']);
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await page.getByRole('button', { name: 'Export' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /CSV/ }).click(),
  ]);
  const csv = readFileSync(await download.path(), 'utf8');
  expect(csv.split('\n')[0]).toContain('When,Result,Job,Machine,Heat,Time');
  expect(csv).toContain('Unreadable lettering');
  expect(csv).toContain("'=1+1"); // a formula is kept from running in a spreadsheet
  await page.getByRole('button', { name: 'Search' }).click();
  await page.getByRole('searchbox').fill('mirrored twice');
  await expect(page.getByRole('row')).toHaveCount(2);
});

test('what was written down is put right, added to, deleted and put back', async ({ page }) => {
  await page.goto('/demo/job/demo-moons/record');
  await page.getByRole('button', { name: /Good/ }).first().click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.getByRole('button', { name: /^Put right/ }).click();
  await expect(page.getByRole('heading', { name: /^How it came out on/ })).toBeVisible();
  await page.getByRole('button', { name: /Usable/ }).click();
  await page.getByRole('button', { name: 'Ghost or halo' }).click();
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(page.getByText('Put right in the log.')).toBeVisible();
  const entries = page.getByRole('listitem').filter({ hasText: 'Put right' });
  await expect(entries).toHaveCount(1);
  await expect(entries).toContainText('Ghost or halo');
  await page.getByRole('button', { name: 'Seen since' }).click();
  await page.getByLabel('What was seen since').fill('After ten washes a corner lifts');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(entries).toContainText('After ten washes a corner lifts');
  await page.reload();
  await expect(entries).toContainText('After ten washes a corner lifts');
  await page.getByRole('button', { name: /^Delete the entry/ }).click();
  await expect(entries).toHaveCount(0);
  await page
    .getByRole('alert')
    .filter({ hasText: 'The entry was deleted.' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(entries).toHaveCount(1);
});

test('figures of a good pressing are taken up again for this blank and transfer', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-moons/record');
  await page.getByRole('button', { name: /Good/ }).first().click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page
    .getByRole('button', { name: /^Press by these figures again/ })
    .first()
    .click();
  await expect(page.getByText(/^Kept for every job with/)).toBeVisible();
  await page.goto('/demo/job/demo-moons/heat');
  await expect(
    page.getByText(/your figures for this blank and machine, from your log/),
  ).toBeVisible();
  await expect(page.getByRole('group', { name: 'Press card' })).toContainText('Figures: own log');
});
