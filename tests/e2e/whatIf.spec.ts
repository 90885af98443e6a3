import { axeFaults, expect, test } from './bench';

test('what if: something changed is compared with the plan, and nothing of the job changes', async ({
  page,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-tee/heat');
  await page.getByRole('button', { name: 'What if' }).click();
  const panel = page.getByRole('region', { name: 'What if' });
  await expect(panel.locator('.legendtext')).toHaveText(['Heat', 'Picture', 'Blank, inside']);
  await panel.getByLabel('How many of them').fill('2');
  await panel.getByLabel('How many of them').press('Enter');
  await expect(panel.getByText(/^The dye gets \d+ % to \d+ % less heat\.$/)).toBeVisible();
  await expect(panel.getByText(/^About \d+ to \d+ s more on your 60 s make up/)).toBeVisible();
  await expect(panel.getByText(/^Tape on the print becomes/)).toBeVisible();
  await expect(panel.locator('.legendtext').last()).toHaveText('Picture, as planned');
  expect(await axeFaults(page)).toEqual([]);

  // what is often otherwise, at one touch
  await panel.getByRole('button', { name: 'The first of several, machine still cold' }).click();
  await expect(panel.getByLabel('How many of them')).toHaveValue('1');
  await expect(panel.getByText(/less heat\.$/)).toBeVisible();

  // a card keeps more heat off than paper
  await panel.getByRole('button', { name: 'As planned again' }).click();
  await panel.getByRole('combobox', { name: 'What covers the print' }).click();
  await page.getByRole('option', { name: /card/i }).click();
  await expect(panel.getByText(/less heat\.$/)).toBeVisible();

  // an error of heat is mended with heat
  await panel.getByRole('button', { name: 'As planned again' }).click();
  await panel.getByLabel('The plate is really at').fill('380 °F');
  await panel.getByLabel('The plate is really at').press('Enter');
  await expect(panel.getByText(/^Set it 20 °F higher, not longer/)).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Temperature' })).toHaveValue('400 °F');

  // a cup has nothing below it, an oven a door
  await page.goto('/demo/job/demo-moons/heat');
  await page.getByRole('button', { name: 'What if' }).click();
  await expect(page.getByRole('button', { name: 'Soft pad' })).toHaveCount(0);
  await page.getByLabel('Opened in the middle for').fill('30 s');
  await page.getByLabel('Opened in the middle for').press('Enter');
  await expect(panel.getByText(/less heat\.$|the same\.$/)).toBeVisible();

  // several mugs begin in a machine that is not hot through
  await page.goto('/demo/job/demo-observers/heat');
  await expect(page.getByRole('region', { name: 'By the heat' })).toContainText(
    /The first of several.*less heat/,
  );
});
