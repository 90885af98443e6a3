import type { Page } from '@playwright/test';
import { pngPicture } from '../support/pictures';
import { axeFaults, choose, downloaded, expect, lookedIn, test } from './bench';
import { big, title } from './live';

test.slow();

test.beforeEach(async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
});

const dialog = (page: Page) => page.getByRole('dialog', { name: 'Look before heat' });

async function practise(page: Page, fault: string): Promise<void> {
  await dialog(page)
    .getByRole('combobox', { name: /simulated camera/ })
    .click();
  await page.getByRole('option', { name: fault }).click();
  await dialog(page).getByRole('button', { name: 'Take a practice photo' }).click();
  // what an earlier photo came to stands there until this one is looked at
  await expect(dialog(page).getByRole('progressbar')).toBeVisible();
  await expect(dialog(page).getByRole('progressbar')).toHaveCount(0, { timeout: 150_000 });
  await expect(dialog(page).getByRole('status').getByText(/found/)).toBeVisible();
}

test('a photo of a print with tape on it: what was found, what was checked, and never that all is well', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-comet/sheets');
  await page.getByRole('button', { name: 'Printed? Look at it by a photo' }).click();
  await expect(dialog(page).getByText('Fill the frame', { exact: false })).toBeVisible();
  await practise(page, 'white tape on the ink');
  await expect(dialog(page).getByText('One thing was found.')).toBeVisible();
  await expect(dialog(page).getByText(/^Bare where ink must be/)).toBeVisible();
  await expect(dialog(page).getByText(/mirrored or not, size/)).toBeVisible();
  await expect(dialog(page).getByText(/tried on simulated photos only/)).toBeVisible();
  await expect(dialog(page).getByText(/all is (well|good)|all good/i)).toHaveCount(0);
  expect(await axeFaults(page)).toEqual([]);

  await practise(page, 'flipped once too often');
  await expect(dialog(page).getByText(/^The print is flipped/)).toBeVisible();
  await dialog(page).getByRole('button', { name: 'Print it again' }).click();
  const { bytes } = await downloaded(page, /^Save a PDF of .* alone$/);
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');

  // pressed by a paper card, it is told in the record all the same, and in that one alone
  await dialog(page).getByRole('button', { name: 'Close' }).click();
  for (const times of [1, 2]) {
    await page.goto('/demo/job/demo-comet/record');
    await page.getByRole('button', { name: 'Good' }).click();
    await page.getByRole('button', { name: 'Write it down' }).click();
    const entries = page.getByRole('listitem').filter({ hasText: 'Put right' });
    await expect(entries).toHaveCount(times);
    await expect(
      entries.getByText('Looked at before heat: flipped; printed again', { exact: true }),
    ).toHaveCount(1);
  }
});

test('a photo of another sheet of the job is told by name, and that one is looked at', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-chart/sheets');
  await page.getByRole('button', { name: 'Printed? Look at it by a photo' }).click();
  await choose(page, 'What is in the photo', /sheet 5 of 12/);
  await practise(page, 'as it must be');
  await expect(dialog(page).getByText(/^Held against sheet 5 of 12/)).toBeVisible();
  const photo = await page.evaluate(async () => {
    const shown = document.querySelector<HTMLImageElement>('img[alt^="The photo"]');
    if (!shown) return [];
    const canvas = new OffscreenCanvas(shown.naturalWidth, shown.naturalHeight);
    canvas.getContext('2d')?.drawImage(shown, 0, 0);
    const copy = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
    return [...new Uint8Array(await copy.arrayBuffer())];
  });
  await choose(page, 'What is in the photo', /sheet 9 of 12/);
  await dialog(page)
    .getByLabel('Photo of the print')
    .setInputFiles({ name: 'one.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(photo) });
  await expect(dialog(page).getByText(/^The photo shows another: sheet 5 of 12/)).toBeVisible({
    timeout: 120_000,
  });
  await expect(
    dialog(page)
      .getByText(/mirrored or not/)
      .last(),
  ).toBeVisible();
});

test('a sheet of nothing but night and a few lines is found by its paper', async ({ page }) => {
  await page.goto('/demo/job/demo-chart/sheets');
  await page.getByRole('button', { name: 'Printed? Look at it by a photo' }).click();
  await choose(page, 'What is in the photo', /sheet 1 of 12/);
  await practise(page, 'as it must be');
  await expect(dialog(page).getByText(/^Held against sheet 1 of 12/)).toBeVisible();
});

test('a photo of something else tells nothing, and four corners can be pointed at', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-comet/sheets');
  await page.getByRole('button', { name: 'Printed? Look at it by a photo' }).click();
  const choose = dialog(page).getByLabel('Photo of the print');
  await choose.setInputFiles({
    ...{ name: 'cat.png', mimeType: 'image/png', buffer: await pngPicture(1600, 1200) },
  });
  await expect(dialog(page).getByText(/was not found in this photo/)).toBeVisible();
  await dialog(page)
    .getByRole('button', { name: /four corners/ })
    .click();
  const corner = dialog(page).getByRole('button', { name: /^Corner upper left/ });
  await corner.press('ArrowRight');
  await dialog(page).getByRole('button', { name: 'Look again by these corners' }).click();
  await expect(dialog(page).getByText(/was not found in this photo/)).toBeVisible();
  await choose.setInputFiles({
    ...{ name: 'letter.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') },
  });
  await expect(page.getByRole('alert').filter({ hasText: /picture/ })).toBeVisible();
});

test('before the press, on a phone: a look is part of the run', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/demo/job/demo-comet/press');
  await page.getByRole('button', { name: 'Look before heat, by a photo' }).click();
  await practise(page, 'printed at 98 %');
  await expect(dialog(page).getByText(/^It came out at 9[78]\.\d % of its size/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(await axeFaults(page)).toEqual([]);
  await dialog(page).getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Switch on/);
  const looked = () => lookedIn(page);
  await expect.poll(async () => (await looked()).join()).toContain('"size"');

  // begun again, since the job was changed: what was found stays told
  const before = (await looked()).at(-1);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('link', { name: 'Back to the job' }).click();
  const time = page.getByRole('textbox', { name: 'Time', exact: true });
  await time.fill('6 min');
  await time.blur();
  await page.getByRole('link', { name: /^Next: press/ }).click();
  await page.getByRole('button', { name: 'Start again by the job as it is' }).click();
  await expect(page.getByText('Begun again, by the job as it is now.')).toBeVisible();
  await expect.poll(async () => (await looked()).at(-1)).not.toBe(before);
  expect((await looked()).join()).toContain('"size"');
});

test('the camera may be asked for by this app, and by nothing in it else', async ({ page }) => {
  const response = await page.goto('/demo');
  expect(response?.headers()['permissions-policy']).toBe(
    'camera=(self), microphone=(), geolocation=()',
  );
});

test('a look while it is pressed is no step of it, and is read in its record', async ({ page }) => {
  await page.goto('/demo/job/demo-comet/sheets');
  await page.getByRole('button', { name: 'Printed? Look at it by a photo' }).click();
  await practise(page, 'white tape on the ink');
  await dialog(page).getByRole('button', { name: 'Print it again' }).click();
  await page.reload();
  await page.getByRole('link', { name: /^Press/ }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const first = (await title(page).textContent()) ?? '';
  await big(page).click();
  await expect(title(page)).not.toHaveText(first);
  const second = (await title(page).textContent()) ?? '';
  await page.getByRole('button', { name: 'Look before heat' }).click();
  await dialog(page).getByRole('button', { name: 'Take a practice photo' }).click();
  await expect(dialog(page).getByText(/^Holding the photo/)).toBeVisible();
  // while it is looked at, hands go on in another tab: none of that is lost
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(title(other)).toHaveText(second);
  await big(other).click();
  await expect(title(other)).not.toHaveText(second);
  const third = (await title(other).textContent()) ?? '';
  // it has come here behind the dialog before that tab is closed
  await expect(page.locator('h1')).toHaveText(third);
  await other.close();
  await expect(dialog(page).getByRole('progressbar')).toHaveCount(0, { timeout: 150_000 });
  await dialog(page).getByRole('button', { name: 'Close' }).click();
  await expect(title(page)).toHaveText(third);
  await page.getByRole('button', { name: 'One step back' }).click();
  await expect(title(page)).toHaveText(second);
  await page.goto('/demo/job/demo-comet/record');
  await page.getByRole('button', { name: 'Good' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Looked at before heat' });
  await expect(
    entry.getByText('Looked at before heat: bare where ink must be; printed again'),
  ).toBeVisible();
  await expect(entry.getByText('Looked at before heat: nothing was found')).toBeVisible();
});

test('in an evening it is asked whose print is looked at, and what was found is told of that one', async ({
  page,
}) => {
  await page.goto('/demo/evening');
  const start = page.getByRole('button', { name: 'Try it on simulated machines' });
  await expect(start).toBeEnabled();
  await start.click();
  await page.getByRole('button', { name: 'Look before heat' }).click();
  await expect(page.getByRole('menuitem')).toHaveCount(4);
  await page.getByRole('menuitem', { name: 'Moon-phase mug', exact: true }).click();
  await practise(page, 'white tape on the ink');
  await dialog(page).getByRole('button', { name: 'Close' }).click();
  await expect.poll(async () => (await lookedIn(page)).join()).toContain('"jobId":"demo-moons"');
  expect((await lookedIn(page)).join()).not.toContain('"jobId":"demo-comet"');
});
