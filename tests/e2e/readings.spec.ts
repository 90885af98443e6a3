import { axeFaults, expect, test } from './bench';

const PLACES = ['Back', 'Middle', 'Front'].flatMap((row) =>
  ['left', 'middle', 'right'].map((column) =>
    row === 'Middle' && column === 'middle' ? 'Middle' : `${row} ${column}`,
  ),
);

const MONTH_MS = 30 * 24 * 3600_000;

test('a plate is measured: its offset, drop and even part are learned, and the job is planned with them', async ({
  page,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-chart/heat');
  await page.getByRole('button', { name: 'Plate on the blank' }).click();
  const before = await page.getByText(/placements? of/).textContent();
  const open = async () => {
    await page.getByRole('button', { name: /^What it can do/ }).click();
    await page.getByRole('button', { name: 'Measure it with a thermometer or strips' }).click();
  };
  const type = async () => {
    for (const place of PLACES) {
      await dialog.getByLabel(place, { exact: true }).fill(place.endsWith('left') ? '372' : '394');
      await dialog.getByLabel(place, { exact: true }).press('Tab');
    }
  };
  const dialog = page.getByRole('dialog');
  await open();
  await type();
  // what is typed outlasts a reload; what is left is forgotten
  await page.reload();
  await page.getByRole('button', { name: 'Plate on the blank' }).click();
  await open();
  await expect(dialog.getByLabel('Front left', { exact: true })).toHaveValue('372');
  await dialog.getByLabel('Middle', { exact: true }).fill('390');
  await dialog.getByLabel('Middle', { exact: true }).press('Tab');
  await dialog.getByRole('button', { name: 'Leave it' }).click();
  await page.getByRole('button', { name: 'Measure it with a thermometer or strips' }).click();
  await expect(dialog.getByLabel('Middle', { exact: true })).toHaveValue('');
  await type();
  await expect(dialog.getByText(/6 °F cooler than it shows/)).toBeVisible();
  await expect(dialog.getByText(/coolest to its hottest place are 22 °F/)).toBeVisible();
  const pressing = dialog.getByLabel('Over one pressing of a cold, thick thing');
  await pressing.fill('0; 394\n10; hot');
  await expect(dialog.getByText(/Line 2: “hot”/)).toBeVisible();
  await pressing.fill('0; 394\n15; 380\n40; 388\n75; 393');
  await expect(dialog.getByText(/drops by 14 °F; it is back after 75 s/)).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Keep it for this machine' }).click();

  await expect(page.getByLabel('Plate less display, °F')).toHaveValue('-6');
  await expect(page.getByLabel('Drops on thick things by, °F')).toHaveValue('14');
  await expect(page.getByText(/placements? of/)).not.toHaveText(before ?? '');
  await expect(page.getByText(/is evenly hot on .* only/).first()).toBeVisible();

  // a file takes the place of what was typed; one that is none changes nothing
  await page.getByRole('button', { name: 'Measure it with a thermometer or strips' }).click();
  const file = (text: string) => ({
    ...{ name: 'plate.csv', mimeType: 'text/csv' },
    buffer: Buffer.from(text),
  });
  const choose = dialog.getByLabel('Readings from a CSV file');
  await choose.setInputFiles(file('name,colour\nA,red'));
  await expect(dialog.getByText(/must name its columns.*Nothing was changed/)).toBeVisible();
  await choose.setInputFiles(
    file(
      'x_mm,y_mm,display_F,plate_F\n60,60,400,400\n60,200,400,401\n200,60,400,399\n200,200,400,400',
    ),
  );
  await expect(dialog.getByText('The plate is as hot as it shows.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep it for this machine' }).click();
  await expect(page.getByText(/placements? of/)).toHaveText(before ?? '');

  // three months on it reads low: said at the station, until that measuring is taken away again
  await page.clock.setSystemTime(Date.now() + 3 * MONTH_MS);
  await page.reload();
  await open();
  await expect(dialog.getByText(/, at 400 °F: as hot as it showed/)).toBeVisible();
  await choose.setInputFiles(
    file('x_mm,y_mm,display_F,plate_F\n60,60,400,376\n60,200,400,377\n200,60,400,376'),
  );
  await dialog.getByRole('button', { name: 'Keep it for this machine' }).click();
  const drift = page.getByRole('alert').filter({ hasText: 'The plate has become cooler' });
  await expect(drift).toContainText(/it was 24 °F cooler than it showed at 400 °F; in \w+ \d{4}/);
  await drift.getByRole('button', { name: 'Measure it' }).click();
  await expect(dialog.getByText(/, at 400 °F:/)).toHaveCount(2);
  expect(await axeFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: /^Take away: .*24 °F cooler/ }).click();
  await dialog.getByRole('button', { name: 'Keep it for this machine' }).click();
  await expect(drift).toHaveCount(0);
});
