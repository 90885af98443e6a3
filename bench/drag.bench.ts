import sharp from 'sharp';
import { kept, mugReadyForArt, photograph, withApp } from './app';
import { ms, spreadOf } from './stats';

const WIDTH = 7200;
const HEIGHT = 5600;
const ROUNDS = 4;
const STEPS = 60;

/** Starts noting the time between frames; the function returned ends it. */
const NOTE_FRAMES = () =>
  new Promise<void>((started) => {
    const times: number[] = [];
    const state = window as unknown as { frames: number[]; noting: boolean };
    state.frames = times;
    state.noting = true;
    let last = performance.now();
    const note = (now: number) => {
      times.push(now - last);
      last = now;
      if (state.noting) requestAnimationFrame(note);
    };
    requestAnimationFrame(note);
    started();
  });

const END_NOTING = () => {
  const state = window as unknown as { frames: number[]; noting: boolean };
  state.noting = false;
  return state.frames.slice(1);
};

/** Frames while a 40-megapixel picture is dragged about, against the same page left alone. */
export async function benchDrag(): Promise<void> {
  const path = kept(
    'jpg',
    await sharp(await photograph(WIDTH, HEIGHT))
      .jpeg()
      .toBuffer(),
  );
  await withApp(async (browser) => {
    const { page, input } = await mugReadyForArt(browser);
    await input.setInputFiles(path);
    await page.getByText(`${WIDTH} × ${HEIGHT} px`).waitFor({ timeout: 120_000 });
    const picture = page.getByRole('button', { name: /arrow keys move it/ });
    const box = await picture.locator('rect').boundingBox();
    if (!box) throw new Error('The picture is not on the stage.');
    await page.waitForTimeout(1500);
    await page.evaluate(NOTE_FRAMES);
    await page.waitForTimeout(1500);
    const idle = spreadOf(await page.evaluate(END_NOTING));

    const dragged: number[] = [];
    for (let round = 0; round < ROUNDS; round++) {
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await page.mouse.move(x, y);
      await page.mouse.down();
      await page.evaluate(NOTE_FRAMES);
      for (let i = 0; i < STEPS; i++) {
        const turn = (2 * Math.PI * i) / STEPS;
        await page.mouse.move(x + 70 * Math.sin(turn), y + 40 * (1 - Math.cos(turn)));
      }
      dragged.push(...(await page.evaluate(END_NOTING)));
      await page.mouse.up();
    }
    const busy = spreadOf(dragged);
    console.log(
      `40 MP picture dragged on the stage, time between frames: ${ms(busy)}; page left alone: ${ms(idle)}; ` +
        `ratio ${(busy.median / idle.median).toFixed(2)}`,
    );
  });
}
