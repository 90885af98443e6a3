import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import { downloaded, expect, givePicture, goTo, saved, startMug, test, turn } from './bench';
import { title, touchUntil } from './live';

/** 24 megapixels, cheap to make: a small picture with no symmetry, enlarged. */
const largePicture = () =>
  sharp(
    Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="120" height="50"><rect width="120" height="50" fill="#246"/><circle cx="20" cy="12" r="9" fill="#fd6"/></svg>',
    ),
  )
    .resize(7600, 3160, { fit: 'fill' })
    .jpeg({ quality: 80 })
    .toBuffer();

test('one mug from blank to record, with a 24-megapixel picture and a reload at every station', async ({
  page,
}) => {
  await startMug(page);

  await test.step('Blank: measure it, reload, undo and redo', async () => {
    await page.getByLabel('Circumference').fill('10 1/2');
    await page.getByLabel('Circumference').press('Enter');
    await expect(page.getByText('3.34 in across')).toBeVisible();
    await saved(page);
    await page.reload();
    await expect(page.getByLabel('Circumference')).toHaveValue('10 1/2 in');
    await page.getByLabel('Wall height').fill('100 mm');
    await page.getByLabel('Wall height').press('Enter');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('Wall height')).toHaveValue('3.79 in');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.getByLabel('Wall height')).toHaveValue('3 15/16 in');
    await page.keyboard.press('Control+z');
    await expect(page.getByLabel('Wall height')).toHaveValue('3.79 in');
  });

  await test.step('Art: a large picture, sized, nudged, dragged, reloaded', async () => {
    await goTo(page, 'Art');
    await givePicture(page, 'ridge.jpg', await largePicture(), 'image/jpeg');
    await expect(page.getByText('7600 × 3160 px')).toBeVisible();
    await page.getByRole('textbox', { name: 'Width' }).fill('8 in');
    await expect(page.getByRole('textbox', { name: 'Height' })).toHaveValue('3.33 in');
    const left = page.getByRole('textbox', { name: 'From the left edge' });
    await expect(left).toHaveValue('1/2 in');
    const picture = page.getByRole('button', { name: /Picture ridge.jpg/ });
    await picture.press('ArrowRight');
    await expect(left).toHaveValue('9/16 in');
    const box = await picture.boundingBox();
    if (!box) throw new Error('no picture on the stage');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(left).not.toHaveValue('9/16 in');
    await page.keyboard.press('Control+z');
    await expect(left).toHaveValue('9/16 in');
    await saved(page);
    await page.reload();
    await expect(left).toHaveValue('9/16 in');
    await expect(page.locator('svg image').first()).toHaveAttribute('href', /^blob:/);
  });

  await test.step('Sheets: a true PDF, the choice of paper survives a reload', async () => {
    await goTo(page, 'Sheets');
    await page.getByRole('combobox', { name: 'Paper' }).click();
    await page.getByRole('option', { name: /^A4/ }).click();
    await saved(page);
    await page.reload();
    await expect(page.getByText('A4, landscape')).toBeVisible();
    const pdf = await downloaded(page, 'Save the PDF');
    expect(pdf.name).toBe('new-mug.pdf');
    const info = execFileSync('pdfinfo', [pdf.path]).toString();
    expect(info).toMatch(/Pages:\s+1\n/);
    expect(info).toMatch(/841\.89 x 595\.2\d* pts \(A4\)/);
    const images = execFileSync('pdfimages', ['-list', pdf.path]).toString();
    expect(images).toMatch(/7600\s+3160.*jpeg/);
  });

  await test.step('Heat: the attachment with own figures', async () => {
    await goTo(page, 'Heat');
    await page.getByRole('combobox', { name: 'Heat source' }).click();
    await page.getByRole('option', { name: 'Press with mug attachment' }).click();
    await page.getByRole('textbox', { name: 'Temperature' }).fill('200 °C');
    await page.getByRole('textbox', { name: 'Time' }).fill('2 s');
    await turn(page.getByLabel('Cool about 5 minutes'), true);
    await saved(page);
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Temperature' })).toHaveValue('392 °F');
    await expect(page.getByText(/2 s is shorter than the usual/)).toBeVisible();
  });

  await test.step('Press: step by step with the keyboard, a reload in the middle of the countdown', async () => {
    await goTo(page, 'Press');
    const pressed = async (label: string) => {
      await expect(page.getByRole('button', { name: label })).toBeFocused();
      await page.keyboard.press('Enter');
    };
    for (const label of ['Begin', 'It is on', ...Array<string>(4).fill('Done, next')])
      await pressed(label);
    // it is hot sooner than thought
    await page.getByRole('button', { name: 'It is hot' }).click();
    await touchUntil(page, /^Press$/);
    await page.getByRole('button', { name: 'Start the clock' }).click();
    await page.reload();
    await expect(title(page)).toHaveText(/^Open it/);
    await page.getByRole('button', { name: 'It is open' }).click();
    // it is cool by touch, sooner than thought
    await page.getByRole('button', { name: 'It is cool' }).click();
    await touchUntil(page, /^That was the last step/);
    await page.getByRole('link', { name: 'Write down how it came out' }).click();
  });

  await test.step('Record: told, reloaded half way, and found in the log', async () => {
    await page.getByRole('button', { name: /Usable/ }).click();
    await page.getByRole('button', { name: 'Faded all over' }).click();
    await page.getByLabel('Note: what to change next time').fill('Longer');
    await page.reload();
    await expect(page.getByLabel('Note: what to change next time')).toHaveValue('Longer');
    await expect(page.getByText(/usually: too cool, too short/)).toBeVisible();
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByText('Written down. It is in the log.')).toBeVisible();
    await page.getByRole('link', { name: 'Open the log' }).click();
    await page.getByRole('button', { name: 'Table', exact: true }).click();
    await expect(page.getByRole('gridcell', { name: 'Usable' })).toBeVisible();
    await expect(page.getByRole('gridcell', { name: '392 °F' })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'How did it come out?' })).toBeVisible();
  });
});
