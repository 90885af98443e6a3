import { readFileSync } from 'node:fs';
import { axeFaults, choose, downloaded, expect, test } from './bench';
import { title, touchUntil } from './live';

test.beforeEach(async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
});

test('the log speaks at the job: what was tried, what went wrong, and where it is prevented', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-comet/heat');
  await page.getByRole('combobox', { name: 'Heat source' }).click();
  await page.getByRole('option', { name: 'Press with mug attachment' }).click();
  const times = page.getByRole('region', { name: 'Pressed before' });
  await expect(times).toContainText('3 of 4 good');
  await expect(times).toContainText('20 °F hotter, 60 s longer');
  const note = page.getByRole('note', { name: 'From your log' });
  await expect(note).toContainText('faded all over. This time see that the plate');

  await page.getByLabel('Time').fill('4 min');
  await page.getByLabel('Time').press('Enter');
  await times.getByRole('button', { name: 'Take these figures' }).first().click();
  await expect(page.getByLabel('Time')).toHaveValue('3 min');
  await expect(page.getByRole('textbox', { name: 'Temperature' })).toHaveValue('400 °F');
  expect(await axeFaults(page)).toEqual([]);

  await page.getByRole('link', { name: /^Sheets/ }).click();
  await expect(note).toContainText('mirror once');
  await page.getByRole('link', { name: /^Blank/ }).click();
  await expect(page.getByRole('combobox', { name: 'Material' })).toBeVisible();
  await expect(note).toHaveCount(0);
});

test('the log goes out as CSV and JSON, and comes in without doubling', async ({ page }) => {
  await page.goto('/demo/log');
  const csv = await downloaded(page, 'Save as CSV');
  expect(csv.bytes.toString().split('\r\n')[0]).toMatch(/^\ufeffrow,record,at,job,blank,transfer/);
  const json = await downloaded(page, 'Save all of it (JSON)');
  const file = (text: string) => ({
    ...{ name: 'log.json', mimeType: 'application/json' },
    buffer: Buffer.from(text),
  });
  const choose = page.getByLabel('Bring in a log');
  await choose.setInputFiles(file('{}'));
  await expect(page.getByText(/This is not a log of Lucky Sheet/)).toBeVisible();
  const text = readFileSync(json.path, 'utf8');
  await choose.setInputFiles(file(text));
  await expect(page.getByText('0 pressings brought in, 16 were here already.')).toBeVisible();
  await choose.setInputFiles(file(text.replace('demo-record-1"', 'another-record"')));
  await expect(page.getByText('1 pressing brought in, 15 were here already.')).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
});

test('what was it: asked, ranked, found, and told with the entry', async ({ page }) => {
  await page.goto('/demo/job/demo-comet/record');
  await page.getByRole('button', { name: /spoiled/i }).click();
  await page.getByRole('button', { name: 'Ghost or halo' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page
    .getByRole('button', { name: /^What was it/ })
    .first()
    .click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('heading', { name: /Ghost or halo.*what was it/ })).toBeVisible();
  const answer = (question: RegExp, to: 'Yes' | 'No') =>
    dialog.getByRole('group', { name: question }).getByRole('button', { name: to }).click();
  await answer(/press slide/, 'No');
  await answer(/tape loose/, 'Yes');
  await expect(dialog.getByRole('listitem').first()).toContainText('The paper shifted');
  await expect(dialog.getByRole('listitem').first()).toContainText('To tell: Look whether tape');
  expect(await axeFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'That was it' }).first().click();
  await expect(page.getByText('Found: the paper shifted')).toBeVisible();
});

test('what is written to the log elsewhere is known at the job, without loading the page again', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-comet/heat');
  await page.getByRole('combobox', { name: 'Heat source' }).click();
  await page.getByRole('option', { name: 'Press with mug attachment' }).click();
  await expect(page.getByRole('region', { name: 'Pressed before' })).toContainText('3 of 4 good');

  await page.getByRole('link', { name: /to the bench/ }).click();
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const { path } = await downloaded(page, 'Save all of it (JSON)');
  // the third pressing of the demo once more: good, at 400 °F
  const text = readFileSync(path, 'utf8').replace('"demo-record-3"', '"one-more"');
  await page.getByLabel('Bring in a log').setInputFiles({
    ...{ name: 'log.json', mimeType: 'application/json' },
    buffer: Buffer.from(text),
  });
  await expect(page.getByText(/^1 pressing brought in/)).toBeVisible();
  await page.goBack();
  await page.goBack();
  await expect(page.getByRole('region', { name: 'Pressed before' })).toContainText('4 of 5 good');
});

test('the log by days: narrowed, the life of a piece told, and back to all', async ({ page }) => {
  await page.goto('/demo/log');
  const timeline = page.getByRole('region', { name: 'Timeline' });
  await expect(timeline.getByRole('heading').first()).toHaveText('Wednesday, 9 September 2026');
  await expect(timeline.getByText('after 6 weeks:')).toBeVisible();
  await expect(timeline.getByRole('img', { name: /^What came of/ })).toHaveCount(4);
  await expect(timeline.getByText(/^Looked at before heat: ink missing/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Machine' }).click();
  await page.getByRole('option', { name: 'Convection oven' }).click();
  await expect(timeline.getByText('Press with mug attachment')).toHaveCount(0);
  await expect(timeline.getByText('after 3 weeks:')).toBeVisible();
  await page.getByRole('button', { name: 'Show all', exact: true }).click();
  await expect(timeline.getByText('after 6 weeks:')).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Chart' }).click();
  await expect(page.locator('.js-plotly-plot')).toBeVisible();
});

test('what can still be done: pale dye only under its own paper; a tee is covered, planned at once', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-navy/record');
  await page.getByRole('button', { name: /Spoiled/ }).click();
  await page.getByRole('button', { name: 'Faded all over' }).click();
  const still = page.getByRole('region', { name: 'What can still be done' });
  await expect(still.getByText(/Do not press it again without its paper/)).toBeVisible();
  await still.getByLabel('Its paper is still taped on, never lifted').check();
  await expect(
    still.getByText(/press it once more, so that the dye gets about a third/),
  ).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  await still.getByRole('button', { name: 'Plan it as a job' }).click();
  await page.waitForURL(/\/art$/);
  await expect(page.getByRole('textbox', { name: 'Name of the job' })).toHaveValue(
    'Navy tee, dye by mistake, covered',
  );

  // made of two sheets, the bad one alone is printed anew
  await page.getByRole('textbox', { name: 'Width' }).fill('11 in');
  await page.getByRole('textbox', { name: 'Width' }).press('Enter');
  await expect(page.getByRole('status').getByText('Saved')).toBeVisible();
  await page.goto(page.url().replace(/art$/, 'record'));
  await page.getByRole('button', { name: /Spoiled/ }).click();
  await page.getByRole('button', { name: 'Picture cut short' }).click();
  await expect(still.getByText(/^Print only the bad piece anew/)).toBeVisible();
  await choose(page, 'Which sheet is bad', /sheet 2 of/);
  const { name } = await downloaded(page, /^Save a PDF of .* alone$/);
  expect(name).toMatch(/again\.pdf$/);
});

test('a pale mug, its paper still on, is written down and gets its second heat, which teaches nothing', async ({
  page,
}) => {
  await page.goto('/demo/job/demo-moons/record');
  await page.getByRole('button', { name: 'Faded all over' }).click();
  const still = page.getByRole('region', { name: 'What can still be done' });
  await still.getByLabel('Its paper is still taped on, never lifted').check();
  const again = still.getByRole('button', { name: 'Write it down, and press it again' });
  await again.click();
  await expect(page.getByText('Say first whether it is good')).toBeVisible();
  await page.getByRole('button', { name: /Usable/ }).click();
  await again.click();
  await page.waitForURL(/\/press$/);
  await touchUntil(page, /^See that its paper still lies/);
  expect(await axeFaults(page)).toEqual([]);
  await page.reload();
  await expect(title(page)).toHaveText('See that its paper still lies as it did');
  await expect(page.getByText('The job has changed since')).toHaveCount(0);
  await page.goto('/demo/job/demo-moons/record');
  await page.getByRole('button', { name: /Good/ }).first().click();
  await page.getByRole('button', { name: 'Write it down', exact: true }).click();
  const earlier = page.getByRole('listitem').filter({ hasText: 'pressed again' });
  await expect(earlier).toHaveCount(1);
  await expect(earlier.getByRole('button', { name: /^Press by these figures again/ })).toHaveCount(
    0,
  );
});
