/** What the hand does counts at once and is kept, whatever else the screen is still drawing. */
import { expect, field, goTo, mugWithPicture, saved, startMug, test } from './bench';

test('a picture dragged, and the page reloaded: it lies where it was let go', async ({ page }) => {
  await mugWithPicture(page);
  await field(page, 'Width').fill('2 in');
  const picture = page.getByRole('button', { name: /arrow keys move it/ });
  const box = await picture.boundingBox();
  if (!box) throw new Error('The picture is not on the stage.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const before = await field(page, 'From the left edge').inputValue();
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 25; i++) await page.mouse.move(x - 4 * i, y + 3 * Math.sin(i));
  await page.mouse.up();
  await saved(page);
  await page.reload();
  await expect(field(page, 'From the left edge')).not.toHaveValue(before);
  const after = await picture.boundingBox();
  expect(Math.abs((after?.x ?? 0) - (box.x - 100))).toBeLessThan(12);
});

test('typed figures count one after the other, also from stage to card and back', async ({
  page,
}) => {
  await mugWithPicture(page);
  const picture = page.getByRole('button', { name: /arrow keys move it/ });
  await field(page, 'Width').fill('2 in');
  await field(page, 'From the left edge').fill('1 in');
  await picture.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  await field(page, 'From the rim').fill('1/2');
  await expect(field(page, 'From the left edge')).toHaveValue('1 1/2 in');
  await expect(field(page, 'From the rim')).toHaveValue('1/2');
  await page.keyboard.press('Tab');
  await expect(field(page, 'From the rim')).toHaveValue('1/2 in');
  await expect(page.getByRole('link', { name: /^Art/ })).toContainText('2 × 0.87 in');
});

test('a name is typed into its middle letter by letter; left empty it keeps its last one', async ({
  page,
}) => {
  await startMug(page);
  const name = field(page, 'Name of this blank');
  await name.focus();
  await name.press('Home');
  await name.pressSequentially('Gran’s ', { delay: 5 });
  await expect(name).toHaveValue('Gran’s Straight mug, 12 oz');
  await name.fill('');
  await expect(page.getByText('A blank needs a name; it keeps its last one.')).toBeVisible();
  await name.press('Tab');
  await expect(name).toHaveValue('Gran’s Straight mug, 12 oz');

  const job = field(page, 'Name of the job');
  await job.fill('  ');
  await job.press('Enter');
  await expect(job).toHaveValue('New mug');
  await job.fill('Mug for the night watch');
  await saved(page);
  await page.reload();
  await expect(job).toHaveValue('Mug for the night watch');
  await expect(name).toHaveValue('Gran’s Straight mug, 12 oz');
});

test('notes about a printer are typed whole and kept for every job', async ({ page }) => {
  await mugWithPicture(page);
  await goTo(page, 'Sheets');
  const feed = field(page, 'How a sheet goes in');
  await feed.fill('');
  await feed.pressSequentially('Print side to the front, one by one', { delay: 4 });
  await page.keyboard.press('Tab');
  await expect(page.getByRole('listitem').getByText('Print side to the front')).toBeVisible();
  await page.reload();
  await expect(feed).toHaveValue('Print side to the front, one by one');
  await expect(page.getByRole('listitem').getByText('Print side to the front')).toBeVisible();
});

test('the page may go in the moment after the last letter', async ({ page }) => {
  await mugWithPicture(page);
  await goTo(page, 'Sheets');
  const typeAndGo = async (label: string, words: string) => {
    const box = field(page, label);
    await box.evaluate((element: HTMLInputElement, text) => {
      const proto = Object.getPrototypeOf(element) as object;
      for (const typed of [text.slice(0, -1), text]) {
        Object.getOwnPropertyDescriptor(proto, 'value')?.set?.call(element, typed);
        element.dispatchEvent(new Event('input', { bubbles: true }));
      }
      location.reload();
    }, words);
    await expect(box).toHaveValue(words);
  };
  await typeAndGo('How a sheet goes in', 'Face down, one by one');
  await typeAndGo('Name of the job', 'Mug for the gate');
});
