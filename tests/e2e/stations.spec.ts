import { pngPicture } from '../support/pictures';
import { execFileSync } from 'node:child_process';
import {
  checks,
  choose,
  downloaded,
  expect,
  field,
  givePicture,
  goTo,
  mugWithPicture,
  saved,
  startMug,
  startOn,
  test,
  turn,
} from './bench';

test.describe('Blank', () => {
  test('a circumference typed as the diameter is asked about, and put right by a button', async ({
    page,
  }) => {
    await startMug(page);
    await page.getByRole('button', { name: 'Straight across' }).click();
    await expect(field(page, 'Diameter')).toHaveValue('3.26 in');
    await field(page, 'Diameter').fill('10 1/4');
    await expect(checks(page).getByText(/makes a bucket, 10 1\/4 in across/)).toBeVisible();
    await page.getByRole('button', { name: 'It is the circumference' }).click();
    await expect(field(page, 'Circumference')).toHaveValue('10 1/4 in');
    await expect(checks(page).getByText(/bucket/)).toHaveCount(0);
  });

  test('nonsense in a field is explained under it and changes nothing; Escape brings the figure back', async ({
    page,
  }) => {
    await startMug(page);
    await field(page, 'Wall height').fill('tall');
    await expect(page.getByText(/“tall” is not a length/)).toBeVisible();
    await expect(page.getByRole('link', { name: /Blank/ })).toContainText('8 3/4 × 3.79 in');
    await field(page, 'Wall height').press('Escape');
    await expect(field(page, 'Wall height')).toHaveValue('3.79 in');
    await field(page, 'Wall height').fill('9 m');
    await expect(page.getByText(/At most 39.37 in is possible here/)).toBeVisible();
  });

  test('a measured mug goes onto the shelf and is there for the next job', async ({ page }) => {
    await startMug(page);
    await field(page, 'Handle gap').fill('32 mm');
    await field(page, 'Name of this blank').fill('Grandmother’s mug');
    await page.getByRole('button', { name: 'Put these measures on my shelf' }).click();
    await expect(page.getByText('“Grandmother’s mug” is on your shelf.')).toBeVisible();
    await saved(page);
    await page.goto('/own');
    await startOn(page, 'Straight mug, 12 oz');
    await choose(page, 'Blank', /Grandmother’s mug, measured/);
    await expect(field(page, 'Handle gap')).toHaveValue('1.26 in');
  });

  test('an uncoated or dark mug is stopped before anything is printed', async ({ page }) => {
    await startMug(page);
    await choose(page, 'Coating', /No coating/);
    await expect(checks(page).getByText(/no coating for dye/)).toBeVisible();
    await choose(page, 'Colour', 'navy');
    await expect(checks(page).getByText(/on navy .* disappears/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(checks(page).getByText('Stop')).toHaveCount(1); // only the missing picture is left
  });
});

test.describe('Art', () => {
  test('cover, fit and exact; unlocked proportions show and warn of the stretch', async ({
    page,
  }) => {
    await mugWithPicture(page);
    await page.getByRole('button', { name: 'Cover' }).click();
    await expect(field(page, 'Width')).toHaveValue('9.03 in');
    await page.getByRole('button', { name: 'Exact' }).click();
    await turn(page.getByLabel('Keep its proportions'), false);
    await field(page, 'Width').fill('4 in');
    await field(page, 'Height').fill('2 in');
    await expect(
      page.getByText('Stretched: 13.3 % narrower than its own proportions'),
    ).toBeVisible();
    await expect(checks(page).getByText(/13 % narrower/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep proportions: 4 × 1.73 in' }).click();
    await expect(page.getByText('In its own proportions')).toBeVisible();
    await expect(page.getByText(/300 pixels per inch at this size: sharp/)).toBeVisible();
    await field(page, 'Width').fill('8 in');
    await expect(page.getByText(/150 pixels per inch at this size: soft/)).toBeVisible();
  });

  test('placed where each holder sees it, and by typed distances', async ({ page }) => {
    await mugWithPicture(page);
    await field(page, 'Width').fill('2 in');
    // 12 oz mug: 3/4 of 10 1/4 in round less half the 1 1/2 in gap, less half the width
    await page.getByRole('button', { name: /right-handed holder/ }).click();
    await expect(field(page, 'From the left edge')).toHaveValue('5 15/16 in');
    await page.getByRole('button', { name: /left-handed holder/ }).click();
    await expect(field(page, 'From the left edge')).toHaveValue('13/16 in');
    await page.getByRole('button', { name: 'opposite the handle' }).click();
    await expect(field(page, 'From the left edge')).toHaveValue('3 3/8 in');
    await page.getByRole('button', { name: 'To the rim' }).click();
    await expect(field(page, 'From the rim')).toHaveValue('0.1 in');
    await field(page, 'From the left edge').fill('-1/4');
    await expect(checks(page).getByText(/cuts off/)).toBeVisible();
    await page.getByRole('button', { name: 'Make it fit' }).click();
    await expect(checks(page).getByText(/cuts off/)).toHaveCount(0);
  });

  test('looked at closer, pushed about and seen whole again by keys', async ({ page }) => {
    await mugWithPicture(page);
    const stage = page.locator('main svg[role="group"]');
    const view = async () => ((await stage.getAttribute('viewBox')) ?? '').split(' ').map(Number);
    const [x0 = 0, , whole = 0] = await view();
    const left = await field(page, 'From the left edge').inputValue();
    await page.getByRole('button', { name: /Picture sky.png/ }).focus();
    for (let i = 0; i < 3; i++) await page.keyboard.press('+');
    expect((await view())[2]).toBeCloseTo(whole / 1.25 ** 3, 3);
    await page.keyboard.press('-');
    const [x1 = 0, , closer] = await view();
    expect(closer).toBeCloseTo(whole / 1.25 ** 2, 3);
    expect(x1).toBeGreaterThan(x0);
    // on the drawing itself arrows push it about, and leave the picture where it was
    await stage.focus();
    await page.keyboard.press('ArrowRight');
    expect((await view())[0]).toBeGreaterThan(x1);
    await expect(field(page, 'From the left edge')).toHaveValue(left);
    await page.keyboard.press('0');
    expect(await view()).toEqual([x0, expect.any(Number), whole, expect.any(Number)]);
    await page.keyboard.press('ArrowRight');
    expect((await view())[0]).toBe(x0);
  });

  test('two pictures: choose one, swap it, take it off', async ({ page }) => {
    await mugWithPicture(page);
    await givePicture(page, 'second.png', await pngPicture(600, 600));
    const list = page.getByRole('list', { name: 'Pictures on this face' });
    await expect(list.getByRole('listitem')).toHaveCount(2);
    await expect(page.getByText('600 × 600 px')).toBeVisible();
    await list.getByRole('button', { name: 'sky.png', exact: true }).click();
    await expect(page.getByText('1200 × 520 px')).toBeVisible();
    await page.getByLabel('Other picture file').setInputFiles({
      name: 'third.png',
      mimeType: 'image/png',
      buffer: await pngPicture(900, 300),
    });
    await expect(list.getByRole('button', { name: 'third.png', exact: true })).toBeVisible();
    await list.getByRole('button', { name: 'Lay third.png one higher' }).click();
    await expect(list.getByRole('listitem').first()).toContainText('third.png');
    await page.getByRole('button', { name: 'Take off' }).click();
    await expect(list).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(list.getByRole('listitem')).toHaveCount(2);
  });

  test('one picture on both sides of the mug', async ({ page }) => {
    await mugWithPicture(page);
    await field(page, 'Width').fill('2 in');
    await page.getByRole('button', { name: 'On both sides, level' }).click();
    const list = page.getByRole('list', { name: 'Pictures on this face' });
    await expect(list.getByRole('listitem')).toHaveCount(2);
    await expect(field(page, 'From the left edge')).toHaveValue('5 15/16 in');
    await list.getByRole('listitem').first().getByRole('button').first().click();
    await expect(field(page, 'From the left edge')).toHaveValue('13/16 in');
  });

  test('as printed is the mirror image, and is there only to look at', async ({ page }) => {
    await mugWithPicture(page);
    const turned = () =>
      page.locator('svg[aria-label^="New mug"] > g > g').first().getAttribute('transform');
    expect(await turned()).toBeNull();
    await page.getByRole('button', { name: 'As printed' }).click();
    await expect(page.getByText('mirrored', { exact: true })).toBeVisible();
    expect(await turned()).toMatch(/^matrix\(-1 0 0 1 225\.\d+ 0\)$/);
    await expect(page.getByRole('button', { name: /Picture sky.png/ })).toHaveCount(0);
  });

  test('the finished mug is drawn from the pictures and can be turned', async ({ page }) => {
    await mugWithPicture(page);
    const mug = page.getByRole('img', { name: 'The finished thing' });
    const coloured = () =>
      mug.evaluate((canvas: HTMLCanvasElement) => {
        const data =
          canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
        let count = 0;
        for (let i = 0; i < data.length; i += 4)
          if (Math.abs((data[i] ?? 0) - (data[i + 2] ?? 0)) > 60) count++;
        return count;
      });
    await field(page, 'Width').fill('2 in');
    await mug.scrollIntoViewIfNeeded();
    await expect.poll(coloured).toBeGreaterThan(500);
    await page.getByLabel('Turn it').press('Home'); // half a turn: the picture is behind
    await expect.poll(coloured).toBeLessThan(50);
  });
});

test.describe('Sheets', () => {
  test('paper that is too small takes two sheets; own paper takes it on one', async ({ page }) => {
    await startMug(page);
    await field(page, 'Circumference').fill('13 in');
    await goTo(page, 'Art');
    await givePicture(page, 'sky.png', await pngPicture(1200, 520));
    await expect(page.getByText('1200 × 520 px')).toBeVisible();
    // small in the middle it is one sheet: the other would stay empty
    await goTo(page, 'Sheets');
    await expect(page.getByText(/1 of the 2 sheets of “Wrap” would stay empty/)).toBeVisible();
    await goTo(page, 'Art');
    await page.getByRole('button', { name: 'Cover', exact: true }).click();
    await goTo(page, 'Sheets');
    await expect(page.getByText(/2 sheets of US letter, 1 × 2, taped together/)).toBeVisible();
    await expect(page.getByText(/^Sheet 1 of 2: Wrap, A1/)).toBeVisible();
    await page.getByRole('button', { name: 'Another size, or one you bought' }).click();
    await field(page, 'Long side').fill('15 in');
    await page.getByRole('button', { name: 'Keep it on the shelf' }).click();
    await expect(page.getByText(/My US letter \(8 1\/2 × 15 in\)/).first()).toBeVisible();
    await expect(page.getByText(/^Sheet 1 of/)).toHaveCount(0);
    const { path } = await downloaded(page, 'Save the PDF');
    expect(execFileSync('pdfinfo', [path]).toString()).toMatch(/1080 x 612 pts/);
  });

  test('the print dialog mirrors instead: the ledger and the label follow', async ({ page }) => {
    await mugWithPicture(page);
    await goTo(page, 'Sheets');
    await expect(
      page.getByText('Flipped once; laid face to the blank it reads right.'),
    ).toBeVisible();
    await turn(page.getByLabel('The print dialog'), true);
    await expect(page.getByText('Print dialog: mirror ON.', { exact: true })).toBeVisible();
    await expect(
      page.getByText('Flipped once; laid face to the blank it reads right.'),
    ).toBeVisible();
    await turn(page.getByLabel('It mirrors by itself'), true);
    await expect(page.getByText('This printer mirrors every page by itself.')).toBeVisible();
    await expect(
      page.getByText('Flipped once; laid face to the blank it reads right.'),
    ).toBeVisible();
    const { path } = await downloaded(page, 'Save the PDF');
    expect(execFileSync('pdftotext', [path, '-']).toString()).toBeTruthy();
  });

  test('the printer’s borders are kept for every job', async ({ page }) => {
    await mugWithPicture(page);
    await goTo(page, 'Sheets');
    await field(page, 'Top').fill('12 mm');
    await expect(page.getByText(/Figures: own setting/)).toBeVisible();
    await page.reload();
    await expect(field(page, 'Top')).toHaveValue('0.47 in');
    await page.goto('/own');
    await startOn(page, 'Straight mug, 12 oz');
    await goTo(page, 'Sheets');
    await expect(field(page, 'Top')).toHaveValue('0.47 in');
  });
});
