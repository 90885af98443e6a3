import { createHash } from 'node:crypto';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { pngPicture } from '../support/pictures';
import { axeFaults, bytesOf, expect, mugWithPicture, startMug, test } from './bench';

/** Everything on the own bench: documents as they lie, pictures by the hash of their bytes. */
const benchOf = (page: Page) =>
  page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((done, fail) => {
      const opening = indexedDB.open('lucky-sheet-own');
      opening.onsuccess = () => done(opening.result);
      opening.onerror = () => fail(new Error('no bench'));
    });
    const all = (name: string) =>
      new Promise<unknown[]>((done, fail) => {
        const asking = db.transaction(name).objectStore(name).getAll();
        asking.onsuccess = () => done(asking.result as unknown[]);
        asking.onerror = () => fail(new Error(`no ${name}`));
      });
    const hash = async (blob: Blob) =>
      Array.from(
        new Uint8Array(await crypto.subtle.digest('SHA-256', await blob.arrayBuffer())),
        (byte) => byte.toString(16).padStart(2, '0'),
      ).join('');
    const arts = (await all('arts')) as { sha256: string; blob: Blob }[];
    const documents = (await all('documents')) as Record<string, unknown>[];
    db.close();
    return {
      documents: documents.map(({ kind, id, version, savedAt, body }) => ({
        ...{ kind, id, version, savedAt, body },
      })),
      arts: await Promise.all(arts.map(async ({ sha256, blob }) => [sha256, await hash(blob)])),
    };
  });

async function savedBackup(page: Page): Promise<Buffer> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a backup' }).click();
  return bytesOf(await download);
}

const bringIn = (page: Page, buffer: Buffer) =>
  page
    .getByRole('region', { name: 'Kept safe' })
    .locator('input[type="file"]')
    .setInputFiles({ name: 'bench.backup.zip', mimeType: 'application/zip', buffer });

async function clearBench(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const wiping = indexedDB.deleteDatabase('lucky-sheet-own');
        wiping.onsuccess = () => done();
        wiping.onerror = () => fail(new Error('not wiped'));
      }),
  );
  await page.reload();
  await expect(page.getByText('Your bench is empty')).toBeVisible();
}

test('the whole bench goes out as one file and comes back as it was', async ({ page }) => {
  await mugWithPicture(page);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/own');
  await expect(page.getByText('No backup yet.')).toBeVisible();
  const before = await benchOf(page);
  const zip = await savedBackup(page);
  await expect(page.getByText(/Last backup: .* Everything here is in/)).toBeVisible();
  const parts = unzipSync(zip);
  for (const [name, bytes] of Object.entries(parts).filter(([path]) => path.startsWith('art/')))
    expect(name).toContain(createHash('sha256').update(bytes).digest('hex'));

  await clearBench(page);
  await bringIn(page, zip);
  await expect(page.getByText(/came in\./)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(1);
  expect(await benchOf(page)).toEqual(before);
  expect(before.arts.every(([sha256, hash]) => sha256 === hash)).toBe(true);
  expect(await axeFaults(page)).toEqual([]);

  await bringIn(page, zip);
  await expect(page.getByText('1 was here already.')).toBeVisible();
});

test('into a used bench: asked where both differ, put back by a button; both can be kept', async ({
  page,
}) => {
  await startMug(page);
  await page.goto('/own');
  const zip = await savedBackup(page);
  await page.getByRole('button', { name: 'More for New mug' }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Renamed since');
  await page.getByRole('button', { name: 'Rename' }).click();
  const named = (name: string) => page.getByRole('heading', { name, exact: true });
  await expect(named('Renamed since')).toBeVisible();

  await bringIn(page, zip);
  const dialog = page.getByRole('dialog', { name: 'These differ: which holds?' });
  await expect(dialog.getByText('Job “Renamed since”')).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText(/1 left as here/)).toBeVisible();
  await expect(named('Renamed since')).toBeVisible();

  await bringIn(page, zip);
  await dialog.getByRole('button', { name: 'All as in the backup' }).click();
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(named('New mug')).toBeVisible();
  await page.getByRole('button', { name: 'Put back what was replaced' }).click();
  await expect(named('Renamed since')).toBeVisible();

  await bringIn(page, zip);
  await dialog.getByRole('button', { name: 'Both' }).click();
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(named('New mug (backup)')).toBeVisible();
  await expect(named('Renamed since')).toBeVisible();
});

test('what is no backup is refused with the reason; a backup dropped on the bench is known as one', async ({
  page,
}) => {
  await startMug(page);
  await page.goto('/own');
  await bringIn(page, await pngPicture(8, 8));
  await expect(page.getByText(/This backup is refused: .* Nothing was changed\./)).toBeVisible();
  const zip = await savedBackup(page);
  await page
    .getByLabel('Picture or job file')
    .setInputFiles({ name: 'renamed.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByText(/here already\.$/)).toBeVisible();
});

test('after a month in this browser alone, a quiet word', async ({ page }) => {
  await startMug(page);
  await page.clock.setFixedTime(Date.now() + 40 * 24 * 3600_000);
  await page.goto('/own');
  await expect(
    page.getByText('Your work has been in this browser alone for 40 days.'),
  ).toBeVisible();
  const zip = await savedBackup(page);
  await expect(page.getByText('in this browser alone for')).toHaveCount(0);
  // on another device, what came out of the backup is not said to be in no backup
  await clearBench(page);
  await page.evaluate(() => localStorage.clear());
  await bringIn(page, zip);
  await expect(page.getByText('Everything here is in your last backup.')).toBeVisible();
});
