import { pngPicture } from '../support/pictures';
import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Download, type Locator, type Page } from '@playwright/test';

/** A page that fails its test on any console error, uncaught error, or request to another origin. */
export const test = base.extend<{ quiet: undefined; blocked: RegExp | null }>({
  /** Errors a test brings about on purpose: what the browser says when it blocks a hostile file. */
  blocked: [null, { option: true }],
  quiet: [
    async ({ page, baseURL, blocked }, use) => {
      const troubles: string[] = [];
      page.on('console', (message) => {
        if (message.type() === 'error') troubles.push(`console: ${message.text()}`);
      });
      page.on('pageerror', (error) => troubles.push(`uncaught: ${error.message}`));
      page.on('request', (request) => {
        const url = new URL(request.url());
        const own = url.origin === baseURL || ['blob:', 'data:'].includes(url.protocol);
        if (!own) troubles.push(`request to ${url.origin}`);
      });
      await use(undefined);
      expect(troubles.filter((trouble) => !blocked?.test(trouble))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** What axe finds serious on a page, each with where. */
export async function axeFaults(page: Page): Promise<string[]> {
  // what is still fading in has no colours of its own yet
  await page.waitForFunction(() =>
    document.getAnimations().every((each) => !(each instanceof CSSTransition)),
  );
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
}

/** Starts a mug on the user's own, empty bench; ends on its Blank station. */
export async function startMug(page: Page): Promise<void> {
  await page.goto('/own');
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await expect(page.getByRole('heading', { name: 'Blank', exact: true })).toBeAttached();
}

/** Starts a job on a blank of the shelf, from the bench on the screen; ends on its Blank station. */
export async function startOn(page: Page, blank: string): Promise<void> {
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('menuitem', { name: blank, exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Blank', exact: true })).toBeAttached();
}

/** Goes to a station by the tape. */
export async function goTo(page: Page, station: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: station })
    .click();
  await page.waitForURL(new RegExp(`/${station.toLowerCase()}$`));
}

/** Drops a picture into the art station's file field. */
export async function givePicture(
  page: Page,
  name: string,
  buffer: Buffer,
  mimeType = 'image/png',
): Promise<void> {
  await page.getByLabel('Picture file', { exact: true }).setInputFiles({ name, mimeType, buffer });
}

/** The findings of the job on the screen. */
export const checks = (page: Page) => page.getByRole('region', { name: 'Checks' });

/** Waits until the job on the screen is stored. */
export const saved = (page: Page) =>
  expect(page.getByRole('status').getByText('Saved')).toBeVisible();

export async function bytesOf(download: Download): Promise<Buffer> {
  return readFileSync(await download.path());
}

/** Clicks a button and takes the file it offers. */
export async function downloaded(
  page: Page,
  button: string | RegExp,
): Promise<{ name: string; bytes: Buffer; path: string }> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return {
    name: download.suggestedFilename(),
    bytes: await bytesOf(download),
    path: await download.path(),
  };
}

/** Touches a switch or a choice, and waits until it shows: a plan that takes long is worked out beside the page first. */
export async function turn(switched: Locator, on: boolean): Promise<void> {
  await switched.click();
  await expect(switched).toBeChecked({ checked: on });
}

/** A text field by its whole label. */
export const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** A mug with a picture of 1200 × 520 px on it, on the own bench; ends on the Art station. */
export async function mugWithPicture(page: Page): Promise<void> {
  await startMug(page);
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(1200, 520));
  await expect(page.getByText('1200 × 520 px')).toBeVisible();
}

/** Takes an option of a list. */
export async function choose(page: Page, list: string, option: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: list }).click();
  await page.getByRole('option', { name: option }).click();
}

/** Drags a point on a photo to a place of it, shares each way. */
export async function dragPoint(
  page: Page,
  { name, photo }: { name: string; photo: string },
  x: number,
  y: number,
): Promise<void> {
  const point = page.getByRole('button', { name: new RegExp(`^${name}`) });
  await point.scrollIntoViewIfNeeded();
  const [from, picture] = [
    await point.boundingBox(),
    await page.getByRole('img', { name: photo }).boundingBox(),
  ];
  if (!from || !picture) throw new Error('neither the point nor the photo is there');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const [left, top] = [picture.x + x * picture.width, picture.y + y * picture.height];
  await page.mouse.move(left, top, { steps: 4 });
  await page.mouse.up();
}

/** What looks at photos found by the runs that are kept, and then when each of those began, as they are stored. */
export const lookedIn = (page: Page): Promise<string[]> =>
  page.evaluate(
    () =>
      new Promise((done) => {
        const opening = indexedDB.open('lucky-sheet-demo');
        opening.onsuccess = () => {
          const db = opening.result;
          const all = db.transaction('documents').objectStore('documents').getAll();
          all.onsuccess = () => {
            db.close();
            const told = JSON.stringify(all.result);
            done([
              ...(told.match(/"kind":"looked"[^}]*/g) ?? []),
              ...(told.match(/"startedAt":"[^"]*"/g) ?? []),
            ]);
          };
        };
      }),
  );
