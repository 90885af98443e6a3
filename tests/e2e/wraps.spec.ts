import { discPicture, pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, startOn, test } from './bench';

test('a tumbler too long for the cutter: strip or halves, seam and edge as chosen', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Steel tumbler, 20 oz');
  const checks = page.getByRole('region', { name: 'Checks' });
  await page.getByRole('textbox', { name: 'Circumference' }).fill('10 1/2');
  await page.getByRole('textbox', { name: 'Wall height' }).fill('5');
  await page.getByRole('textbox', { name: 'Hump or shoulder below the rim' }).fill('1');
  await expect(page.getByRole('link', { name: /Blank/ })).toContainText('10 1/2 × 4 in');

  await goTo(page, 'Art');
  await givePicture(page, 'ridge.png', await pngPicture(2100, 900));
  await page.getByRole('textbox', { name: 'Width' }).fill('3 in');
  await page.getByRole('button', { name: 'On both sides, level' }).click();
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await page.getByRole('combobox', { name: 'Seam' }).click();
  await page.getByRole('option', { name: 'Edge to edge' }).click();
  await page.getByRole('combobox', { name: 'Rim and base edge' }).click();
  await page.getByRole('option', { name: 'scallop' }).click();
  await page.getByRole('textbox', { name: 'How deep' }).fill('1/8');

  await goTo(page, 'Sheets');
  await page.getByRole('combobox', { name: 'Cut with' }).click();
  await page.getByRole('option', { name: 'Small cutting machine' }).click();
  await expect(checks.getByText(/10 1\/2 in long; “Small cutting machine”/)).toBeVisible();
  await checks.getByRole('button', { name: 'One strip' }).click();
  await expect(checks.getByText(/Small cutting machine/)).toHaveCount(0);
  await page.getByRole('button', { name: /^Jigs in true size/ }).click();
  const cover = await downloaded(page, 'Cover paper with window as SVG');
  expect(cover.bytes.toString()).toMatch(/<g id="cut"/);

  await goTo(page, 'Art');
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await page.getByRole('button', { name: 'Two halves' }).click();
  await expect(checks.getByText(/“left half” goes on the left/)).toBeVisible();
  await goTo(page, 'Sheets');
  await expect(page.getByText('US letter', { exact: true })).toBeVisible();
  await page.getByRole('switch', { name: 'Pieces share sheets' }).click();
  await expect(page.getByText('Sheet 1 of 2: Wrap, left half')).toBeVisible();
  await page.getByRole('button', { name: 'Sheet after' }).click();
  await expect(page.getByText('Sheet 2 of 2: Wrap, right half')).toBeVisible();
});

test('art cut along its own outline: length and parts told, the cut file in real units', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await givePicture(page, 'disc.png', await discPicture(800));
  await page.getByRole('textbox', { name: 'Width' }).fill('4 in');
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await page.getByRole('button', { name: 'Along the art' }).click();
  await page.getByRole('textbox', { name: 'Room between art and cut' }).fill('0');
  // π × 3.2 in round a disc of four fifths of 4 in
  await expect(page.getByText(/10\.0\d in to cut, 1 piece to weed/)).toBeVisible();
  await page.getByRole('button', { name: 'As printed' }).click();
  await expect(page.getByText('mirrored', { exact: true })).toBeVisible();
  await goTo(page, 'Sheets');
  await page.getByRole('button', { name: /^For cutting and pen/ }).click();
  const cut = await downloaded(page, 'Cut line of the print as SVG');
  expect(cut.bytes.toString()).toMatch(/width="81\.\d+mm"/);
});

test('a handle notched round, a bowed rim, and undo back to the plain wall', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Straight mug, 12 oz');
  const figure = page.getByRole('link', { name: /Blank/ });
  await page.getByRole('button', { name: 'Notch the paper round the handle' }).click();
  await expect(figure).toContainText('10 1/4 × 3.79 in');
  await page.getByRole('textbox', { name: 'Handle starts below rim' }).fill('1/2');
  await page.getByRole('textbox', { name: 'Rim bows up by' }).fill('-1/8');
  await page.getByRole('button', { name: 'No notches' }).click();
  await expect(figure).toContainText('8 3/4 × 3.79 in');
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  await expect(page.getByRole('textbox', { name: 'Rim bows up by' })).toHaveValue('0 in');
});

test('the finished medallion turns: front, and half a turn later the back', async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Round medallion' })).toBeVisible();
  await page.goto('/demo/job/demo-medallion/art');
  const thing = page.getByRole('img', { name: 'The finished thing' });
  await thing.scrollIntoViewIfNeeded();
  /** Share of the drawing that is as dark as the night sky of the front. */
  const dark = () =>
    thing.evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height) ?? {
        data: [] as number[],
      };
      let count = 0;
      for (let i = 0; i < data.length; i += 4)
        if ((data[i + 3] ?? 0) > 200 && (data[i] ?? 0) < 90) count++;
      return (4 * count) / Math.max(1, data.length);
    });
  await expect.poll(dark).toBeGreaterThan(0.15);
  await page.getByLabel('Turn it').press('Home');
  await expect.poll(dark).toBeLessThan(0.05);
});
