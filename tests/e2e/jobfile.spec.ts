import { readFileSync } from 'node:fs';
import { unzipSync, zipSync, strToU8 } from 'fflate';
import type { Page } from '@playwright/test';
import { expect, test } from './bench';

/** Exports a job from its card on the bench. */
async function exportFromCard(page: Page, name: string): Promise<Buffer> {
  await page.getByRole('button', { name: `More for ${name}`, exact: true }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export job file' }).click(),
  ]);
  return readFileSync(await download.path());
}

const give = (page: Page, name: string, buffer: Buffer) =>
  page
    .getByLabel('Picture or job file')
    .setInputFiles({ name, mimeType: 'application/zip', buffer });

const jobOf = (zip: Buffer): unknown =>
  JSON.parse(Buffer.from(unzipSync(zip)['job.json'] ?? []).toString());

test('export, wipe, import: the same job, byte-equal art, the same plan; hostile files change nothing', async ({
  page,
  request,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible({ timeout: 30_000 });
  const first = await exportFromCard(page, 'Comet mug');

  await page.goto('/own');
  await give(page, 'comet.job.zip', first);
  await expect(page.getByText('“Comet mug” is on the bench.')).toBeVisible({ timeout: 30_000 });
  const second = await exportFromCard(page, 'Comet mug');
  expect(second.equals(first)).toBe(true);
  const plan = async (zip: Buffer) =>
    (await request.post('/api/plan', { data: jobOf(zip) })).json() as Promise<unknown>;
  expect(await plan(second)).toEqual(await plan(first));

  const entries = unzipSync(first);
  const hostile: readonly (readonly [string, Record<string, Uint8Array>, RegExp])[] = [
    ['climbs.zip', { ...entries, '../../x': strToU8('x') }, /does not belong in a job file/],
    ['bomb.zip', { ...entries, 'job.json': new Uint8Array(40e6) }, /unpacks to 40 MB/],
    [
      'future.zip',
      {
        ...entries,
        'job.json': strToU8(JSON.stringify({ ...(jobOf(first) as object), version: 7 })),
      },
      /newer Lucky Sheet/,
    ],
  ];
  for (const [name, files, says] of hostile) {
    await give(page, name, Buffer.from(zipSync(files)));
    await expect(page.getByRole('alert').getByText(says)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('alert').getByRole('button', { name: 'Close' }).click();
  }
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(1);
});

test('rename, duplicate, delete and undo on the bench', async ({ page }) => {
  await page.goto('/own');
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await page.getByRole('link', { name: 'Lucky Sheet, to the bench' }).click();
  const jobs = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem');
  await page.getByRole('button', { name: 'More for New mug' }).click();
  await page.getByRole('menuitem', { name: 'Rename' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Raffle mug');
  await page.getByRole('button', { name: 'Rename' }).click();
  await expect(page.getByRole('heading', { name: 'Raffle mug' })).toBeVisible();
  await page.getByRole('button', { name: 'More for Raffle mug', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByRole('heading', { name: 'Raffle mug (copy)' })).toBeVisible();
  await page.getByRole('button', { name: 'More for Raffle mug', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(jobs).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(jobs).toHaveCount(2);
  await page.reload();
  await expect(jobs).toHaveCount(2);
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('heading', { name: 'Raffle mug' })).toHaveCount(0);
});
