/** The trade's ten usual jobs, from the empty bench to the first print that is right: at most fifteen clicks each. */
import { PDFDocument } from '@cantoo/pdf-lib';
import type { Page } from '@playwright/test';
import { discPicture, pngPicture } from '../support/pictures';
import {
  checks,
  choose,
  downloaded,
  expect,
  givePicture,
  goTo,
  startMug,
  startOn,
  test,
} from './bench';

const MOST_CLICKS = 15;

/** Counts what the hand presses; keys and dropped files are none. */
async function counted(page: Page): Promise<() => Promise<number>> {
  await page.addInitScript(() => {
    document.addEventListener(
      'pointerdown',
      () => sessionStorage.setItem('pressed', `${Number(sessionStorage.getItem('pressed')) + 1}`),
      true,
    );
  });
  return () => page.evaluate(() => Number(sessionStorage.getItem('pressed')));
}

/** Saves the print file; nothing that stops may be left. */
async function printed(page: Page): Promise<number> {
  await goTo(page, 'Sheets');
  const { bytes } = await downloaded(page, 'Save the PDF');
  await expect(checks(page).getByText('Stop', { exact: true })).toHaveCount(0);
  return (await PDFDocument.load(bytes)).getPageCount();
}

const card = (page: Page) => page.getByRole('group', { name: 'Press card' });
const start = async (page: Page, blank: string) => {
  await page.goto('/own');
  await startOn(page, blank);
};
const picture = async (page: Page, name: string, buffer: Buffer) => {
  await goTo(page, 'Art');
  await givePicture(page, name, buffer);
  await expect(page.getByText(/ × \d+ px/)).toBeVisible();
};

/** Each job: how it is made, and how many sheets its first print takes. */
const JOBS: readonly (readonly [string, number, (page: Page) => Promise<void>])[] = [
  [
    'a mug',
    1,
    async (page) => {
      await startMug(page);
      await picture(page, 'sky.png', await pngPicture(2400, 1000));
    },
  ],
  [
    'four mugs with four pictures',
    2,
    async (page) => {
      await startMug(page);
      await goTo(page, 'Art');
      const files = await Promise.all(
        ['fern', 'moss', 'heather', 'birch'].map(async (name, i) => ({
          ...{ name: `${name}.png`, mimeType: 'image/png' },
          buffer: await pngPicture(1400 + 20 * i, 900),
        })),
      );
      await page.getByLabel('Picture file', { exact: true }).setInputFiles(files);
      await page.getByRole('button', { name: 'A thing for each' }).click();
      await expect(page.getByText('4 things in 4 rows.')).toBeVisible();
    },
  ],
  [
    'a navy tee by household iron',
    1,
    async (page) => {
      await start(page, 'Tee, cotton, navy');
      await picture(page, 'moon.png', await discPicture(2000));
      await goTo(page, 'Heat');
      await choose(page, 'Heat source', 'Household iron');
      await page
        .getByRole('button', { name: /^Use transfer paper for dark fabric/ })
        .first()
        .click();
      await expect(card(page)).toContainText('hottest cotton');
    },
  ],
  [
    'a motif on a tote',
    1,
    async (page) => {
      await start(page, 'Tote bag');
      await picture(page, 'fern.png', await pngPicture(2000, 2000));
      await choose(page, 'As large as fits on', 'one sheet');
    },
  ],
  [
    'a wall panel',
    12,
    async (page) => {
      await start(page, 'Fabric wall panel, 24 × 36 in');
      await picture(page, 'chart.png', await pngPicture(2400, 3600));
      await page.getByRole('button', { name: 'Cover', exact: true }).click();
    },
  ],
  [
    'a two-sided ornament',
    1,
    async (page) => {
      await start(page, 'Round medallion, 3 in, two-sided');
      await picture(page, 'front.png', await pngPicture(1200, 1200));
      await page.getByRole('button', { name: 'Cover', exact: true }).click();
      await page.getByRole('button', { name: 'The same on every face' }).click();
      await page.getByRole('button', { name: 'One strip to fold' }).click();
    },
  ],
  [
    'dye and cut vinyl on a tee',
    1,
    async (page) => {
      await start(page, 'Tee, polyester');
      await picture(page, 'sky.png', await pngPicture(2400, 1200));
      await page.getByRole('button', { name: 'Another transfer on it' }).click();
      await page.getByRole('menuitem', { name: 'Heat-transfer vinyl' }).click();
      // a picture goes onto the transfer that is shown
      const bare = page.getByText(/No picture of its own yet/);
      await expect(bare).toBeVisible();
      await givePicture(page, 'moon.png', await discPicture(800));
      await expect(bare).toHaveCount(0);
      await page.getByRole('button', { name: '1. Sublimation print' }).click();
    },
  ],
  [
    'white film on dark cotton',
    1,
    async (page) => {
      await start(page, 'Tee, cotton, navy');
      await picture(page, 'moon.png', await discPicture(2000));
      await page
        .getByRole('button', { name: /^Use white dye-receptive film/ })
        .first()
        .click();
      await goTo(page, 'Heat');
      await expect(card(page)).toContainText('Lay and tape the film');
    },
  ],
  [
    'a pair of socks',
    2,
    async (page) => {
      await start(page, 'Socks on inserts, medium');
      await picture(page, 'stars.png', await pngPicture(1200, 3000));
      await page.getByRole('button', { name: 'Cover', exact: true }).click();
      await page.getByRole('button', { name: 'The same on every face' }).click();
      await goTo(page, 'Heat');
      await expect(card(page)).toContainText('Roll the edges in');
    },
  ],
  [
    'scattered motifs by iron',
    1,
    async (page) => {
      await start(page, 'Tee, polyester');
      await picture(page, 'star.png', await discPicture(400));
      const width = page.getByRole('textbox', { name: 'Width' });
      await width.fill('1 in');
      await width.press('Enter');
      await page.getByRole('button', { name: /^Repeat/ }).click();
      await page.getByRole('button', { name: 'Brick' }).click();
      const figures = { 'Middle to middle, across': '5 in', 'Middle to middle, down': '5 in' };
      for (const [label, size] of Object.entries(figures))
        await page.getByRole('textbox', { name: label }).fill(size);
      // each is cut out by itself and laid on its own
      await page.getByRole('button', { name: /^Paper and cut/ }).click();
      await page.getByRole('button', { name: 'Along the art' }).click();
      await page.getByRole('switch', { name: 'Every loose part a piece of its own' }).click();
      await goTo(page, 'Heat');
      await choose(page, 'Heat source', 'Household iron');
      await page
        .getByRole('button', { name: /^Use transfer paper for light fabric/ })
        .first()
        .click();
      // fifteen seconds each, not minutes in one
      await expect(card(page)).toContainText(/15 s/);
    },
  ],
];

for (const [job, sheets, make] of JOBS) {
  test(`${job}: right in at most ${MOST_CLICKS} clicks`, async ({ page }) => {
    const clicks = await counted(page);
    await make(page);
    expect(await printed(page)).toBe(sheets);
    const took = await clicks();
    test.info().annotations.push({ type: 'clicks', description: `${job}: ${took}` });
    expect(took).toBeGreaterThan(2);
    expect(took).toBeLessThanOrEqual(MOST_CLICKS);
  });
}
