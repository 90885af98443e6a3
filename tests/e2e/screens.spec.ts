import { axeFaults, expect, goTo, startMug, test } from './bench';

const SCREENS = [
  ['bench', '/demo'],
  ['log', '/demo/log'],
  ['evening', '/demo/evening'],
  ...['blank', 'art', 'sheets', 'heat', 'press', 'record'].map(
    (s) => [s, `/demo/job/demo-horizon/${s}`] as const,
  ),
  ['art, no faults', '/demo/job/demo-moons/art'],
  ['empty bench', '/own'],
] as const;

for (const [name, path] of SCREENS)
  test(`axe finds nothing serious: ${name}`, async ({ page }) => {
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
    await page.goto(path);
    await expect(page.getByRole('main')).not.toHaveAttribute('aria-busy', 'true');
    await page.waitForTimeout(700);
    expect(await axeFaults(page)).toEqual([]);
  });

/** What the keyboard is on, and whether an outline or the frame of its field marks it. */
const marked = () => {
  const on = document.activeElement;
  if (!on || on === document.body) return null;
  const shown = [on, on.parentElement, on.closest('.Mui-focused, .Mui-focusVisible')];
  const outlined = shown.some((each) => {
    const style = each && getComputedStyle(each);
    return style && style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) > 0;
  });
  return {
    html: on.outerHTML.slice(0, 160),
    seen: outlined || on.closest('.MuiOutlinedInput-root.Mui-focused') !== null,
  };
};

test('what the keyboard is on is marked, on every kind of screen', async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  const screens = [
    ['/demo', page.getByRole('button', { name: 'More for Comet mug' })],
    ['/demo/job/demo-moons/art', page.getByRole('textbox', { name: 'From the left edge' })],
    ['/demo/job/demo-chart/sheets', page.getByRole('button', { name: 'Save the PDF' })],
  ] as const;
  for (const [path, stands] of screens) {
    await page.goto(path);
    // on a busy machine what is tabbed through comes some time after the screen itself
    await expect(stands).toBeVisible();
    await page.waitForTimeout(700);
    const unmarked: string[] = [];
    let reached = 0;
    for (let i = 0; i < 36; i++) {
      await page.keyboard.press('Tab');
      const on = await page.evaluate(marked);
      if (on) reached += 1;
      if (on && !on.seen) unmarked.push(on.html);
    }
    expect(reached, path).toBeGreaterThan(30);
    expect(unmarked, path).toEqual([]);
  }
});

test('every response carries the security headers', async ({ request }) => {
  for (const path of ['/own', '/demo/log', '/own/job/x/press']) {
    const headers = (await request.get(path)).headers();
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toMatch(/script-src 'self' 'nonce-[0-9a-f]{32}';/);
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/https?:|\*|script-src[^;]*unsafe/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
  }
});

test('what a worker runs may be WebAssembly, and no text', async ({ page, request }) => {
  await page.goto('/own');
  const script = await page.locator('script[src^="/_next/static/"]').first().getAttribute('src');
  const policy = (await request.get(script ?? '')).headers()['content-security-policy'] ?? '';
  expect(policy).toMatch(/script-src 'self' 'nonce-[0-9a-f]{32}' 'wasm-unsafe-eval';/);
  expect(policy).not.toMatch(/https?:|\*|'unsafe-eval'|script-src[^;]*'unsafe-inline'/);
});

test('findings lead to their fix: the hurried horizon mug is put right', async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Horizon mug, in a hurry' })).toBeVisible();
  await page.goto('/demo/job/demo-horizon/press');
  await expect(page.getByText(/Stop: “Ordinary inkjet” holds ordinary inkjet/)).toBeVisible();
  await page.getByRole('link', { name: 'Settle what stops it first' }).click();
  await page.getByRole('combobox', { name: 'Printer' }).click();
  await page.getByRole('option', { name: 'Sublimation inkjet' }).click();
  await page.getByRole('button', { name: /Keep proportions/ }).click();
  await expect(page.getByText(/wider than it should be/)).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Checks' }).getByText('Stop')).toHaveCount(0);
});

test('units: inches and °F, or mm and °C, remembered', async ({ page }) => {
  await page.goto('/demo');
  await page.getByRole('button', { name: /^Units/ }).click();
  await page.goto('/demo/job/demo-moons/heat');
  await expect(page.getByText('204 °C · 15 min').first()).toBeVisible();
  await expect(page.getByRole('link', { name: /Blank/ })).toContainText('222.3 × 96.3 mm');
});

test('what is unfolded stands there at once: nothing moves away under the finger', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  await page.getByRole('button', { name: /^Lettering/ }).click();
  const moving = await page.evaluate(() =>
    document
      .getAnimations()
      .filter((each) => each instanceof CSSTransition)
      .map((each) => each.transitionProperty)
      .filter((property) => /height|margin|padding/.test(property)),
  );
  expect(moving).toEqual([]);
});
