import { PDFDocument } from '@cantoo/pdf-lib';
import { discPicture } from '../support/pictures';
import {
  checks,
  choose,
  downloaded,
  expect,
  field,
  givePicture,
  goTo,
  saved,
  startOn,
  test,
} from './bench';

test('white film on dark cotton: the film is a piece, a sheet and a press of its own', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, cotton, navy');
  await goTo(page, 'Art');
  await givePicture(page, 'moon.png', await discPicture(1600));
  await field(page, 'Width').fill('7 in');
  await field(page, 'Width').press('Enter');
  await goTo(page, 'Heat');
  await choose(page, 'Kind of transfer', 'White dye-receptive film and print');
  const card = page.getByRole('group', { name: 'Press card' });
  await expect(card).toContainText('Cut the film');
  await expect(card).toContainText('Lay and tape the film');
  await expect(card).toContainText('Press the film on');
  await expect(card).toContainText('Lay and tape the print on the film');

  await goTo(page, 'Sheets');
  await page.getByRole('button', { name: 'Film', exact: true }).click();
  await expect(page.getByText(/to be cut only/)).toBeVisible();
  await expect(page.getByText('Film, US letter', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: /^Jigs in true size/ }).click();
  const outline = await downloaded(page, 'Film to cut as PDF');
  expect((await PDFDocument.load(outline.bytes)).getPageCount()).toBe(1);
  await page.getByRole('button', { name: /^For cutting and pen/ }).click();
  const file = await downloaded(page, /^Cut file of film sheet .* as SVG/);
  expect(file.bytes.toString()).toContain('<g id="cut"');
  const proof = await downloaded(page, 'A cheap proof on plain paper');
  expect(proof.name).toMatch(/plain-proof\.pdf$/);
  expect((await PDFDocument.load(proof.bytes)).getPageCount()).toBe(1);

  // smaller film than the print is stopped, with its figure
  const film = page.getByRole('region', { name: 'Film' });
  await film.getByRole('button', { name: /^Another size/ }).click();
  const dialog = page.getByRole('dialog', { name: 'As it was bought' });
  await dialog.getByRole('textbox', { name: 'Name of this paper' }).fill('Film scraps');
  await dialog.getByRole('textbox', { name: 'Short side' }).fill('4 in');
  await dialog.getByRole('textbox', { name: 'Long side' }).fill('6 in');
  await dialog.getByRole('textbox', { name: 'Sheets in a pack' }).fill('5');
  await dialog.getByRole('textbox', { name: 'Sheets left' }).fill('5');
  await dialog.getByRole('button', { name: /^What its maker says/ }).click();
  await choose(page, 'Figures on this machine', 'Clamshell press');
  await dialog.getByRole('textbox', { name: 'Film', exact: true }).fill('12 s');
  await dialog.getByRole('button', { name: 'Keep it on the shelf' }).click();
  await expect(checks(page).getByText(/film cannot be taped together/)).toBeVisible();
  await page.getByRole('button', { name: 'Use Film, US letter' }).click();
  await expect(checks(page).getByText(/film cannot be taped together/)).toHaveCount(0);

  // what is left of the sheet is kept with its outline and offered the next time
  await film.getByRole('button', { name: 'Keep what is left of it' }).click();
  await expect(page.getByText('“Rest of Film, US letter” is on the shelf')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(film.getByRole('combobox', { name: 'Film' })).toContainText('Film, US letter');
});

test('a paper as it was bought: pack, maker’s table of times, and what is left', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await givePicture(page, 'moon.png', await discPicture(1600));
  await field(page, 'Width').fill('3 in');
  await field(page, 'Width').press('Enter');
  await goTo(page, 'Heat');
  await choose(page, 'Kind of transfer', 'Transfer paper for light fabric');
  await goTo(page, 'Sheets');
  const paper = page.getByRole('region', { name: 'Paper' });
  await paper.getByRole('button', { name: /^Another size/ }).click();
  const dialog = page.getByRole('dialog', { name: 'As it was bought' });
  await dialog.getByRole('textbox', { name: 'Name of this paper' }).fill('Iron-on, ten sheets');
  await choose(page, 'Made for', 'Transfer paper for light fabric');
  await dialog.getByRole('textbox', { name: 'Sheets in a pack' }).fill('10');
  await dialog.getByRole('textbox', { name: 'Price of a pack' }).fill('12');
  await dialog.getByRole('textbox', { name: 'Sheets left' }).fill('2');
  await dialog.getByRole('textbox', { name: 'Which side is printed' }).fill('the unmarked side');
  await dialog.getByRole('button', { name: /^What its maker says/ }).click();
  await choose(page, 'Figures on this machine', 'Clamshell press');
  await dialog.getByRole('button', { name: /^Add a line/ }).click();
  await dialog.getByRole('textbox', { name: 'Up to, width 1' }).fill('4 in');
  await dialog.getByRole('textbox', { name: 'Height 1' }).fill('4 in');
  await dialog.getByRole('textbox', { name: 'Time 1' }).fill('35 s');
  await dialog.getByRole('button', { name: 'Keep it on the shelf' }).click();
  await expect(paper.getByText(/pack of 10, 2 left\. 1 sheet: about 1\.20\./)).toBeVisible();
  await expect(page.getByText('Print on the unmarked side.', { exact: false })).toBeVisible();
  await paper.getByRole('button', { name: /^Used: take 1 off/ }).click();
  await expect(paper.getByText(/1 left/).first()).toBeVisible();

  await goTo(page, 'Heat');
  await choose(page, 'Heat source', 'Clamshell press');
  await expect(field(page, 'Time')).toHaveValue('35 s');
  await expect(page.getByText('By its maker’s table of sizes.')).toBeVisible();
});
