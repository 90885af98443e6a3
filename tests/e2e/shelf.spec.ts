import { downloaded, expect, field, goTo, saved, startMug, startOn, test } from './bench';

test('a blank is measured once with its doubts, kept, used, handed on and taken off', async ({
  page,
}) => {
  await page.goto('/own/shelf');
  await page.getByRole('button', { name: 'Measure a blank' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'Name of this blank' }).fill('Slate coaster');
  await dialog.getByRole('combobox', { name: 'Form' }).click();
  await page.getByRole('option', { name: 'Disc' }).click();
  // what was measured so far outlasts a reload
  await page.reload();
  await expect(dialog.getByRole('textbox', { name: 'Name of this blank' })).toHaveValue(
    'Slate coaster',
  );
  await expect(dialog.getByRole('combobox', { name: 'Form' })).toHaveText('Disc');
  // inches read, millimetres typed
  await dialog.getByRole('textbox', { name: 'Diameter, measured' }).fill('3.9 mm');
  await expect(dialog.getByText(/unlikely diameter for a disc/)).toBeVisible();
  await dialog.getByRole('button', { name: 'It was inches' }).click();
  await expect(dialog.getByRole('textbox', { name: 'Diameter, measured' })).toHaveValue('3.9 in');
  await dialog.getByRole('button', { name: 'Keep it on the shelf' }).click();
  const yours = page.getByRole('list', { name: 'Your blanks' });
  await expect(yours.getByText('Slate coaster')).toBeVisible();

  const file = await downloaded(page, 'Save mine as a file');
  await page.getByRole('button', { name: 'Take off: Slate coaster' }).click();
  await expect(yours).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(yours.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Copy: Slate coaster' }).click();
  await dialog.getByRole('button', { name: 'Keep it on the shelf' }).click();
  await expect(yours.getByRole('listitem')).toHaveCount(2);

  await page.getByLabel('Blanks as a file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{'),
  });
  await expect(page.getByText(/“broken.json”: This is not a JSON file/)).toBeVisible();
  await page.getByLabel('Blanks as a file').setInputFiles({
    name: file.name,
    mimeType: 'application/json',
    buffer: file.bytes,
  });
  await expect(page.getByText('1 blank is on your shelf.')).toBeVisible();
  await expect(yours.getByRole('listitem')).toHaveCount(2);

  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await startOn(page, 'Slate coaster');
  await expect(page.getByRole('textbox', { name: 'Diameter, measured' })).toHaveValue('3.9 in');
});

test('a machine put right is on the shelf, is taken off, and comes back by undo', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Heat');
  await page.getByRole('button', { name: /What it can do/ }).click();
  await field(page, 'What you call it').fill('The old press');
  await saved(page);
  await page.goto('/own/shelf');
  const tools = page.getByRole('list', { name: 'Your tools' });
  await page.getByRole('button', { name: 'Take off: The old press' }).click();
  await expect(tools).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tools.getByText('The old press')).toBeVisible();
});
