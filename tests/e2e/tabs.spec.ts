import { expect, saved, startMug, test } from './bench';

test('two tabs on one job: the idle one follows, and a clash is put to the person', async ({
  page,
  context,
}) => {
  await startMug(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Wall height').fill('4 in');
  await saved(other);
  await expect(page.getByLabel('Wall height')).toHaveValue('4 in');

  // a save behind both tabs' backs: as if a third one had been asleep
  await page.evaluate(async () => {
    const open = indexedDB.open('lucky-sheet-own');
    await new Promise((resolve) => (open.onsuccess = resolve));
    const store = open.result.transaction('documents', 'readwrite').objectStore('documents');
    const all = store.index('kind').getAll('job');
    await new Promise((resolve) => (all.onsuccess = resolve));
    const [stored] = all.result as { rev: number; body: { name: string } }[];
    if (!stored) throw new Error('no job');
    store.put({ ...stored, rev: stored.rev + 5, body: { ...stored.body, name: 'From elsewhere' } });
  });
  await page.getByLabel('Handle gap').fill('1 in');
  await expect(page.getByText(/changed in another tab/)).toBeVisible();
  await page.getByRole('button', { name: 'Take the other one' }).click();
  await expect(page.getByLabel('Name of the job')).toHaveValue('From elsewhere');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Handle gap')).toHaveValue('1 in');
  await saved(page);
});

test('storage that is full is said, and what is on the screen stays', async ({ page }) => {
  await startMug(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const refuse = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = refuse;
    setTimeout(() => (IDBObjectStore.prototype.put = put), 4000);
  });
  await page.getByLabel('Wall height').fill('4 1/2 in');
  await expect(page.getByText(/storage is full/)).toBeVisible();
  await expect(page.getByLabel('Wall height')).toHaveValue('4 1/2 in');
  await page.waitForTimeout(4000);
  await page.getByRole('button', { name: 'Try again' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Wall height')).toHaveValue('4 1/2 in');
});
