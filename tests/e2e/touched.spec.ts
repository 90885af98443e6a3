import type { Locator } from '@playwright/test';
import { expect, test } from './bench';

test('a switch moves under the finger while the plan is still worked out beside the page', async ({
  page,
}) => {
  await page.addInitScript(() => {
    // whatever is asked of workers comes to them late, and the page takes its own plans for slow ones
    const post = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function late(...handed: unknown[]) {
      setTimeout(() => Reflect.apply(post, this, handed), 1500);
    };
    const now = performance.now.bind(performance);
    let ahead = 0;
    performance.now = () => now() + (ahead += 20);
  });
  await page.goto('/demo/job/demo-observers/sheets');
  const together = page.getByLabel('Pieces share sheets');
  const gap = page.getByLabel('Room between pieces');
  await expect(gap).toBeVisible();
  // after three slow plans in a row they are worked out beside the page
  for (const there of [0, 1, 0, 1]) {
    await together.click();
    await expect(gap).toHaveCount(there);
  }

  /** What stands there two frames after a touch: the switch, and whether the field of the last plan is still there. */
  const touched = () =>
    together.evaluate(async (element) => {
      const input = element as HTMLInputElement;
      input.click();
      for (let frames = 0; frames < 2; frames++)
        await new Promise((shown) => requestAnimationFrame(shown));
      return [input.checked, document.body.innerText.includes('Room between pieces')];
    });
  await together.focus();
  expect(await touched()).toEqual([false, true]);
  expect(await touched()).toEqual([true, true]);
  expect(await touched()).toEqual([false, true]);
  await expect(gap).toHaveCount(0);
  await expect(together).not.toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(together).toBeChecked();

  // of two touched one right after the other, the second does not take back the first
  const [canMirror, byItself] = [/print dialog can mirror/, /It mirrors by itself/].map((label) =>
    page.getByLabel(label),
  ) as [Locator, Locator];
  const could = await canMirror.isChecked();
  await canMirror.click();
  await byItself.click();
  await expect(canMirror).toBeChecked({ checked: !could });
  await expect(byItself).toBeChecked();
  await page.reload();
  await expect(canMirror).toBeChecked({ checked: !could });
  await expect(byItself).toBeChecked();
});
