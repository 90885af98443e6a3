import { pngPicture } from '../support/pictures';
import { expect, test, startOn } from './bench';

test('a picture given to the bench goes onto a new mug', async ({ page }) => {
  await page.goto('/own');
  const buffer = await pngPicture(900, 400);
  await page
    .getByLabel('Picture or job file')
    .setInputFiles({ name: 'ridge.png', mimeType: 'image/png', buffer });
  await expect(page).toHaveURL(/\/art$/);
  await expect(page.getByText('900 × 400 px')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('link', { name: 'Print, then press' })).toBeVisible();
});

test('where nothing can be worked out beside the page, the bench is worked out on it', async ({
  page,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.addInitScript(() => {
    const Real = Worker;
    // every worker's code is missing
    window.Worker = class extends Real {
      constructor() {
        super('/no-such-worker.js');
      }
    };
  });
  await page.reload();
  const card = page.getByRole('listitem').filter({ hasText: 'Comet mug' });
  await expect(card.getByRole('link', { name: 'Print, then press' })).toBeVisible();
});

/** Jobs on the demo bench: every kind of blank of the scenario. */
const DEMO_JOBS = 15;

test('the demo can be laid out afresh; the own bench is another one', async ({ page }) => {
  await page.goto('/demo');
  const jobs = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem');
  await expect(jobs).toHaveCount(DEMO_JOBS);
  await startOn(page, 'Straight mug, 12 oz');
  await page.getByLabel('Name of the job').fill('Mine');
  await page.getByRole('link', { name: 'Lucky Sheet, to the bench' }).click();
  await expect(jobs).toHaveCount(DEMO_JOBS + 1);
  await page.getByRole('button', { name: 'Lay the demo out afresh' }).click();
  await expect(jobs).toHaveCount(DEMO_JOBS);
  await page.getByRole('link', { name: 'Leave the demo' }).click();
  await expect(page.getByText('Your bench is empty')).toBeVisible();
  await page.getByRole('link', { name: 'See the demo' }).click();
  await expect(jobs).toHaveCount(DEMO_JOBS);
});

test('keys: stations by number, undo and redo, and a sheet that lists them', async ({ page }) => {
  await page.goto('/own');
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await expect(page.getByLabel('Handle gap')).toBeVisible();
  await page.locator('body').press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.locator('body').press('4');
  await expect(page).toHaveURL(/\/heat$/);
  await page.locator('body').press('1');
  await expect(page).toHaveURL(/\/blank$/);
  await page.getByLabel('Handle gap').fill('1 in');
  await page.getByLabel('Handle gap').blur();
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Handle gap')).toHaveValue('1 1/2 in');
  await page.keyboard.press('Control+y');
  await expect(page.getByLabel('Handle gap')).toHaveValue('1 in');
});

test('a job that is not there, and a page that is not there, say where to go', async ({ page }) => {
  await page.goto('/own/job/nothing/art');
  await expect(page.getByText('This job is not on the bench')).toBeVisible();
  await page.getByRole('link', { name: 'Go to the bench' }).click();
  await expect(page).toHaveURL(/\/own$/);
});

test('a browser that refuses storage is told so', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError');
    };
  });
  await page.goto('/own');
  await expect(page.getByText(/refuses storage.*allow storage for this site/)).toBeVisible();
});
