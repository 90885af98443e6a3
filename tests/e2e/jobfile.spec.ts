import { readFileSync } from 'node:fs';
import { unzipSync, zipSync, strToU8 } from 'fflate';
import type { Page } from '@playwright/test';
import { downloaded, expect, goTo, mugWithPicture, saved, startMug, test } from './bench';

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
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  const first = await exportFromCard(page, 'Comet mug');

  await page.goto('/own');
  await give(page, 'comet.job.zip', first);
  await expect(page.getByText('“Comet mug” is on the bench.')).toBeVisible();
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
    await expect(page.getByRole('alert').getByText(says)).toBeVisible();
    await page.getByRole('alert').getByRole('button', { name: 'Close' }).click();
  }
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(1);
});

test('rename, duplicate, delete and undo on the bench', async ({ page }) => {
  await startMug(page);
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
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Raffle mug' })).toHaveCount(0);
});

test('a job that was pressed by other figures asks whose hold; one’s own never change', async ({
  page,
}) => {
  await mugWithPicture(page);
  const name = await page.getByRole('textbox', { name: 'Name of the job' }).inputValue();
  await goTo(page, 'Record');
  await page.getByRole('button', { name: /Good/ }).first().click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.getByRole('button', { name: /^Press by these figures again/ }).click();
  await expect(page.getByText(/^Kept for every job with/)).toBeVisible();
  await saved(page);
  await page.goto('/own');
  const entries = unzipSync(await exportFromCard(page, name));
  const sent = jobOf(Buffer.from(zipSync(entries))) as {
    job: { id: string };
    shelf: { figures: { dwellS: number }[] };
  };
  expect(sent.shelf.figures).toHaveLength(1);
  const figures = sent.shelf.figures.map((each) => ({ ...each, dwellS: 300 }));
  const other = { ...sent, job: { ...sent.job, id: 'sent' }, shelf: { ...sent.shelf, figures } };
  entries['job.json'] = strToU8(JSON.stringify(other));
  const file = Buffer.from(zipSync(entries));

  await give(page, 'other.job.zip', file);
  const dialog = page.getByRole('dialog', { name: 'Whose figures?' });
  await expect(dialog).toContainText('fixed heat · 5 min in the file');
  await expect(dialog).toContainText('fixed heat · 7 min on your shelf');
  await dialog.getByRole('button', { name: 'Leave the file' }).click();
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(1);

  await give(page, 'other.job.zip', file);
  await dialog.getByRole('button', { name: 'As in the file' }).click();
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(2);
  const timeOf = async (id: string) => {
    await page.goto(`/own/job/${id}/heat`);
    return page.getByRole('textbox', { name: 'Time', exact: true }).inputValue();
  };
  expect(await timeOf('sent')).toBe('5 min');
  expect(await timeOf(sent.job.id)).toBe('7 min');
});

test('what a picture was prepared from goes along; where it did not, it is said', async ({
  page,
  browser,
}) => {
  await mugWithPicture(page);
  await page.getByRole('button', { name: /^About this picture/ }).click();
  await page.getByRole('button', { name: /^Prepare/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Replace a colour' }).click();
  await dialog.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('button', { name: 'Back to the original' })).toBeVisible();
  await saved(page);
  await goTo(page, 'Sheets');
  const { bytes } = await downloaded(page, 'Save the whole job as a file');
  const entries = unzipSync(bytes);
  const { job } = jobOf(bytes) as { job: { id: string; arts: { madeFrom: string }[] } };
  const original = job.arts[0]?.madeFrom ?? '?';
  const without = Object.entries(entries).filter(([name]) => !name.includes(original));
  expect(without).toHaveLength(Object.keys(entries).length - 1);

  for (const [file, there] of [
    [bytes, true],
    [Buffer.from(zipSync(Object.fromEntries(without))), false],
  ] as const) {
    const elsewhere = await browser.newContext();
    const other = await elsewhere.newPage();
    await other.goto('/own');
    await give(other, 'sent.job.zip', file);
    await expect(other.getByText('is on the bench.')).toBeVisible();
    await other.goto(`/own/job/${job.id}/art`);
    await other.getByRole('button', { name: /^About this picture/ }).click();
    const back = other.getByRole('button', { name: 'Back to the original' });
    await back.click();
    if (there) await expect(back).toHaveCount(0);
    else await expect(other.getByText(/was prepared from is not in this browser/)).toBeVisible();
    await elsewhere.close();
  }
});
