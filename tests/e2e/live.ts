/** What a person does at the screen that presses something. */
import type { Page } from '@playwright/test';

/** What it says is to be done now. */
export const title = (page: Page) => page.getByRole('heading', { level: 1 });
/** The one big button. */
export const big = (page: Page) =>
  page
    .getByRole('region', { name: 'Now' })
    .getByRole('button')
    .and(page.locator('.MuiButton-contained'));

/** Touches the big button until the screen says something; where there is nothing to touch, whatever heats is hot. */
export async function touchUntil(page: Page, says: RegExp) {
  for (let touch = 0; touch < 60; touch++) {
    const before = (await title(page).textContent()) ?? '';
    if (says.test(before)) return;
    const hot = page.getByRole('button', { name: /^It is (hot|cool)$/ });
    const next = (await big(page).count()) > 0 ? big(page) : hot;
    await next.first().click();
    await page.waitForFunction((was) => document.querySelector('h1')?.textContent !== was, before, {
      polling: 50,
      timeout: 60_000,
    });
  }
  throw new Error(`it never said ${says}`);
}
