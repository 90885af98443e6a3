import { expect, field, goTo, saved, startMug, startOn, test } from './bench';

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

test('names lettered while storage is full: said once, none tried in vain, the list stays', async ({
  page,
}) => {
  const names = Array.from({ length: 16 }, (_, i) => `Guest ${i + 1}`);
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await goTo(page, 'Art');
  await saved(page);
  await page.getByRole('button', { name: /^Lettering and names/ }).click();
  await field(page, 'Words').fill('{name}');
  await field(page, 'Names, one a line').fill(names.join('\n'));
  const tries = await page.evaluateHandle(() => {
    const put = IDBObjectStore.prototype.put;
    const told = { count: 0, again: () => void (IDBObjectStore.prototype.put = put) };
    IDBObjectStore.prototype.put = () => {
      told.count++;
      throw new DOMException('full', 'QuotaExceededError');
    };
    return told;
  });
  const add = page.getByRole('button', { name: 'Add as a new line' });
  await add.click();
  await expect(page.getByRole('alert').filter({ hasText: /storage is full/ })).toHaveCount(1);
  await expect(field(page, 'Names, one a line')).toHaveValue(names.join('\n'));
  // those that were under way when the first was refused, on so many workers as there are
  expect(await tries.evaluate(({ count }) => count)).toBeLessThanOrEqual(6);
  await tries.evaluate(({ again }) => again());
  await add.click();
  await expect(page.getByText('16 things in 16 rows.')).toBeVisible();
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
