import type { Browser } from '@playwright/test';
import sharp from 'sharp';
import { kept, mugReadyForArt, photograph, press, shown, withApp } from './app';
import { ms, spreadOf, timed, timesAsLong } from './stats';

const ROUNDS = 5;
/** So long a page is there before a file is dropped on it. */
const AT_REST_MS = 2000;
const WIDTH = 6000;
const HEIGHT = 4000;

/** From dropping the file to the PDF in hand, through the real interface. */
async function exportOnce(browser: Browser, path: string): Promise<number> {
  const { page, input } = await mugReadyForArt(browser);
  // nobody has a file in hand before the page has come to rest
  await page.waitForTimeout(AT_REST_MS);
  const took = await timed(async () => {
    await input.setInputFiles(path);
    await shown(page, `${WIDTH} × ${HEIGHT} px`);
    await press(page, page.getByRole('link', { name: /^Sheets/ }));
    await shown(page, 'Save the PDF');
    const download = page.waitForEvent('download', { timeout: 120_000 });
    await press(page, page.getByRole('button', { name: 'Save the PDF' }));
    await (await download).path();
  });
  await page.close();
  return took;
}

/** Decode, place and export in the browser against sharp's decode, flip and re-encode of the same file. */
export async function benchExport(): Promise<void> {
  const png = await photograph(WIDTH, HEIGHT);
  const jpeg = await sharp(png).jpeg({ quality: 90 }).toBuffer();
  await withApp(async (browser) => {
    await exportOnce(browser, kept('jpg', jpeg));
    const files = [
      ['JPEG', kept('jpg', jpeg), () => sharp(jpeg).flop().jpeg({ quality: 90 }).toBuffer()],
      ['PNG', kept('png', png), () => sharp(png).flop().png().toBuffer()],
    ] as const;
    for (const [name, path, reference] of files) {
      const [ours, theirs]: [number[], number[]] = [[], []];
      for (let i = 0; i < ROUNDS; i++) {
        ours.push(await exportOnce(browser, path));
        theirs.push(await timed(reference));
      }
      const [own, ref] = [spreadOf(ours), spreadOf(theirs)];
      console.log(
        `24 MP ${name}, decode + place + export: ${ms(own)}; sharp decode + flip + re-encode: ${ms(ref)}; ` +
          `ratio ${timesAsLong(ours, theirs)}`,
      );
    }
  });
}
