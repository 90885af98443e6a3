import type { Browser, Page } from '@playwright/test';
import sharp from 'sharp';
import { kept, mugReadyForArt, photograph, press, shown, withApp } from './app';
import { ms, spreadOf, timed, timesAsLong } from './stats';

const ROUNDS = 5;
const WIDTH = 6000;
const HEIGHT = 4000;
/** So long nothing is done before something is measured, ms (own choice). */
const AT_REST_MS = 2000;

/** How long a download takes from what begins it until the file is on disk. */
const saving = (page: Page, begin: () => Promise<unknown>): Promise<number> =>
  timed(async () => {
    const download = page.waitForEvent('download', { timeout: 120_000 });
    await begin();
    await (await download).path();
  });

/** Reads a file and saves the same bytes under another name, as a page that does nothing else would. */
async function copying(browser: Browser, path: string): Promise<number> {
  const page = await browser.newPage();
  await page.setContent('<input type="file">');
  await page.locator('input').setInputFiles(path);
  const took = await saving(page, () =>
    page.evaluate(async () => {
      const file = document.querySelector('input')?.files?.[0];
      if (!file) throw new Error('There is no file to copy.');
      const link = document.createElement('a');
      link.href = URL.createObjectURL(new Blob([await file.arrayBuffer()]));
      link.download = 'copy';
      link.click();
    }),
  );
  await page.close();
  return took;
}

/** What goes out with a picture in it as it came. */
const EXPORTS = ['PDF', 'job file', 'backup'] as const;

/** How long the print file, the whole job and the whole bench take to save. */
async function exporting(
  browser: Browser,
  path: string,
): Promise<Record<(typeof EXPORTS)[number], number>> {
  const { page, input } = await mugReadyForArt(browser);
  await input.setInputFiles(path);
  await shown(page, `${WIDTH} × ${HEIGHT} px`);
  await press(page, page.getByRole('link', { name: /^Sheets/ }));
  await shown(page, 'Save the PDF');
  const save = async (name: string) => {
    await page.waitForTimeout(AT_REST_MS);
    return saving(page, () => press(page, page.getByRole('button', { name })));
  };
  const pdf = await save('Save the PDF');
  const job = await save('Save the whole job as a file');
  await page.getByRole('link', { name: /bench/i }).first().click();
  await shown(page, 'Save a backup');
  const backup = await save('Save a backup');
  await page.close();
  return { PDF: pdf, 'job file': job, backup };
}

/** Exports that touch no pixels against copying the picture's bytes in the same browser. */
export async function benchCopy(): Promise<void> {
  const png = await photograph(WIDTH, HEIGHT);
  const jpeg = await sharp(png).jpeg({ quality: 90 }).toBuffer();
  await withApp(async (browser) => {
    await exporting(browser, kept('jpg', jpeg)); // a browser just started is not what is measured
    for (const [name, path] of [
      ['JPEG', kept('jpg', jpeg)],
      ['PNG', kept('png', png)],
    ] as const) {
      const copy: number[] = [];
      const saved: Awaited<ReturnType<typeof exporting>>[] = [];
      for (let i = 0; i < ROUNDS; i++) {
        saved.push(await exporting(browser, path));
        copy.push(await copying(browser, path));
      }
      console.log(`24 MP ${name}: copying its bytes ${ms(spreadOf(copy))}`);
      for (const what of EXPORTS) {
        const took = saved.map((each) => each[what]);
        console.log(`  ${what}: ${ms(spreadOf(took))}, ratio ${timesAsLong(took, copy)}`);
      }
    }
  });
}
