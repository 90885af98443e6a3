import { hiddenHalfPdf, HOSTILE_SVG, ORNAMENT_SVG, twoPagePdf } from '../support/drawings';
import { pngPicture } from '../support/pictures';
import { expect, givePicture, goTo, startOn, test } from './bench';

test.describe('drawings', () => {
  test.use({ blocked: /violates the following Content Security Policy directive/ });

  test('an SVG comes in harmless and at its own size; a PDF asks which page', async ({ page }) => {
    await page.goto('/own');
    await startOn(page, 'Mouse mat');
    await goTo(page, 'Art');
    await givePicture(page, 'badge.svg', Buffer.from(HOSTILE_SVG), 'image/svg+xml');
    // 60 × 40 mm
    await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('2.36 in');
    await expect(
      page.getByRole('button', { name: /Its own size: 2\.36 × 1\.57 in/ }),
    ).toBeVisible();
    expect(await page.evaluate(() => 'pwned' in window)).toBe(false);

    await givePicture(page, 'flyer.pdf', await twoPagePdf(), 'application/pdf');
    await expect(page.getByText('“flyer.pdf” has 2 pages.')).toBeVisible();
    await page.getByRole('spinbutton', { name: 'Page' }).fill('3');
    await expect(page.getByRole('button', { name: 'Take this page' })).toBeDisabled();
    await page.getByRole('spinbutton', { name: 'Page' }).fill('2');
    await page.getByRole('button', { name: 'Take this page' }).click();
    await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('4 in');
    await page.getByRole('button', { name: /^About this picture/ }).click();
    const colours = page.getByRole('list', { name: 'Main colours' });
    await expect(colours.getByRole('listitem').first()).toContainText('100 %');

    await givePicture(page, 'broken.pdf', Buffer.from('%PDF-1.7 nothing'), 'application/pdf');
    await expect(page.getByText(/“broken.pdf”: This PDF cannot be read/)).toBeVisible();
    await givePicture(
      page,
      'sizeless.svg',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
    );
    await expect(page.getByText(/“sizeless.svg”: The drawing says no size/)).toBeVisible();
  });
});

test('what a soft mask hides in a PDF stays hidden', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  await givePicture(page, 'faded.pdf', await hiddenHalfPdf(), 'application/pdf');
  await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('4 in');
  await page.getByRole('button', { name: /^About this picture/ }).click();
  const colours = page.getByRole('list', { name: 'Main colours' }).getByRole('listitem');
  await expect(colours).toHaveCount(1);
  await expect(colours.first()).toContainText('100 %');
});

test('names from a list: true-height lettering, one piece a name', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(600, 600));
  await expect(page.getByText('600 × 600 px')).toBeVisible();
  await page.getByRole('button', { name: /^Lettering and names/ }).click();
  // no letters that ship have it: a box would be pressed, or another font
  await page.getByRole('textbox', { name: 'Words' }).fill('月 {name}');
  await expect(page.getByRole('alert').filter({ hasText: 'has no “月”' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Words' }).fill('Hello {name}');
  await expect(page.getByRole('alert').filter({ hasText: 'has no' })).toHaveCount(0);
  await page.getByRole('textbox', { name: 'Height of a capital' }).fill('6 mm');
  await page.getByRole('textbox', { name: 'Radius of its arc' }).fill('40 mm');
  await page.getByLabel('Names as a CSV file').setInputFiles({
    name: 'guests.csv',
    mimeType: 'text/csv',
    // as a table program writes it: a heading, and eight bits a sign
    buffer: Buffer.from('Name,Table\nAda,table 1\n"Ben, the second",2\n\nZoë\n', 'latin1'),
  });
  await expect(page.getByRole('textbox', { name: 'Names, one a line' })).toHaveValue(/Zoë/);
  await page.getByRole('button', { name: 'Add as a new line' }).click();
  await expect(page.getByText('Hello Ada', { exact: true }).first()).toBeVisible();
  await goTo(page, 'Sheets');
  await expect(page.getByText('Sheet 1 of 2: 2 pieces')).toBeVisible();
  await page.getByRole('switch', { name: 'Pieces share sheets' }).click();
  await expect(page.getByText('Sheet 1 of 3: Face · Ada')).toBeVisible();
  await page.getByRole('button', { name: 'Sheet after' }).click();
  await expect(page.getByText('Sheet 2 of 3: Face · Ben, the second')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Sheet 1 of 3: Face · Ada')).toBeVisible();
});

test('a picture is prepared, looked at before and after, and brought back', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  await givePicture(page, 'flat.png', await pngPicture(600, 400));
  await page.getByRole('button', { name: /^About this picture/ }).click();
  await page.getByRole('textbox', { name: 'Source and licence' }).fill('Drawn by the club');
  await page.getByRole('button', { name: /^Prepare/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Straighten and crop' }).click();
  const corner = dialog.getByRole('button', { name: /Corner lower right/ });
  for (let i = 0; i < 5; i++) await corner.press('Shift+ArrowLeft');
  await expect(dialog.getByRole('img', { name: 'After' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Use this' }).click();
  await expect(dialog).toHaveCount(0);
  // corners 4 % in, the lower right one 5 % further: the longer edges, 552 and √(368² + 30²)
  await expect(page.getByText('552 × 369 px')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Source and licence' })).toHaveValue(
    'Drawn by the club',
  );
  await page.getByRole('button', { name: 'Back to the original' }).click();
  await expect(page.getByText('600 × 400 px')).toBeVisible();
});

test('a drawing knows its own size when a colour of it was replaced, and when it is back after a crop', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  const drawing =
    '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><rect width="60" height="40" fill="#fff"/><circle cx="30" cy="20" r="12" fill="#c33"/></svg>';
  await givePicture(page, 'moon.svg', Buffer.from(drawing), 'image/svg+xml');
  const ownSize = page.getByRole('button', { name: 'Its own size: 2.36 × 1.57 in' });
  await expect(ownSize).toBeVisible();
  await page.getByRole('button', { name: /^About this picture/ }).click();
  const dialog = page.getByRole('dialog');
  const prepare = async (how: string) => {
    await page.getByRole('button', { name: /^Prepare/ }).click();
    await dialog.getByRole('button', { name: how }).click();
    await dialog.getByRole('button', { name: 'Use this' }).click();
    await expect(dialog).toHaveCount(0);
  };
  await prepare('Replace a colour');
  await expect(page.getByRole('button', { name: 'Back to the original' })).toBeVisible();
  await expect(ownSize).toBeVisible();
  await prepare('Straighten and crop');
  await expect(ownSize).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the original' }).click();
  await expect(ownSize).toBeVisible();
});

test('an outline from an SVG becomes a blank, and scales to its measured width', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await page.getByRole('combobox', { name: 'Form' }).click();
  await page.getByRole('option', { name: 'Own outline' }).click();
  await page.getByLabel('Outline as an SVG file').setInputFiles({
    name: 'drop.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(ORNAMENT_SVG),
  });
  await expect(page.getByText('1.97 × 2.76 in, 1 hole')).toBeVisible();
  await page.getByRole('textbox', { name: 'Width, measured' }).fill('3 in');
  await expect(page.getByText('3 × 4.2 in, 1 hole')).toBeVisible();
  await page.getByLabel('Outline as an SVG file').setInputFiles({
    name: 'words.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9mm" height="9mm"/>'),
  });
  await expect(page.getByText(/“words.svg”: No closed outline/)).toBeVisible();
});
