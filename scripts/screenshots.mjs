// npm run screenshots: draws docs/screenshots/ anew from the demo bench (needs npm run build first).
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';

const PORT = 3392;
const BASE = `http://localhost:${PORT}`;
const job = (id, station) => `/demo/job/demo-${id}/${station}`;

/** File name, page, and what to do there before the picture is taken. */
const VIEWS = [
  [
    'bench',
    '/demo',
    // things in the round are drawn one after another, those in sight alone
    (page) =>
      page.waitForFunction(() => {
        const inSight = [...document.querySelectorAll('canvas')].filter(
          (each) => each.getBoundingClientRect().top < window.innerHeight,
        );
        const drawn = (each) =>
          each.getContext('2d').getImageData(each.width / 2, each.height / 2, 1, 1).data[3] > 0;
        return inSight.length > 0 && inSight.every(drawn);
      }),
  ],
  // fields are loaded where they are needed
  [
    'blank',
    job('tee', 'blank'),
    (page) => page.getByRole('textbox', { name: 'Across, laid flat' }).waitFor(),
  ],
  [
    'shelf',
    '/demo/shelf',
    (page) => page.getByRole('heading', { name: 'Ink and electricity' }).waitFor(),
  ],
  ['art', job('moons', 'art')],
  [
    'names',
    job('coaster', 'art'),
    async (page) => {
      await page.getByRole('button', { name: /^Lettering/ }).click();
      await page.getByRole('textbox', { name: 'Words' }).fill('{name} was here');
      await page.getByRole('textbox', { name: 'Height of a capital' }).fill('7 mm');
      await page.getByRole('textbox', { name: 'Radius of its arc' }).fill('38 mm');
      await page.getByLabel('Colour of the letters').fill('#fff4d8');
      await page.getByRole('textbox', { name: 'Names, one a line' }).fill('Ada\nBen\nZoë');
      await page.getByRole('button', { name: 'Add as a new line' }).click();
      await page.getByText('Ada was here', { exact: true }).first().waitFor();
      await page.getByRole('button', { name: 'Open the table' }).click();
    },
  ],
  [
    'colours',
    job('navy', 'art'),
    async (page) => {
      await page.getByText('Colours on this blank').scrollIntoViewIfNeeded();
      await page.getByRole('img', { name: 'Pressed on this blank' }).waitFor();
    },
  ],
  ['checks', job('horizon', 'art')],
  [
    'sheets',
    job('film', 'sheets'),
    async (page) => {
      await page.getByRole('button', { name: 'Film', exact: true }).click();
      await page.getByRole('button', { name: /^Jigs/ }).click();
      await page.getByText('Film to cut', { exact: true }).scrollIntoViewIfNeeded();
    },
  ],
  // bending the picture takes its time
  [
    'tapered',
    job('latte', 'sheets'),
    (page) => page.locator('svg image').first().waitFor({ state: 'attached' }),
  ],
  [
    'table',
    job('chart', 'sheets'),
    (page) => page.getByRole('button', { name: 'On the table' }).click(),
  ],
  ['heat', job('layers', 'heat')],
  [
    'what-if',
    job('tee', 'heat'),
    async (page) => {
      await page.getByRole('button', { name: 'What if' }).click();
      await page.getByLabel('How many of them').fill('2');
      await page.getByLabel('How many of them').press('Enter');
      await page.getByText(/more on your 60 s/).waitFor();
      await page.locator('.legendtext').last().waitFor();
    },
  ],
  [
    'window',
    job('comet', 'heat'),
    async (page) => {
      await page.getByLabel('Heat source').click();
      await page.getByRole('option', { name: 'Press with mug attachment' }).click();
      await page.getByRole('button', { name: 'Best window' }).click();
      await page.getByText('Make them a job').waitFor();
      await page.locator('.legendtext').last().waitFor();
    },
  ],
  [
    'look',
    job('chart', 'press'),
    async (page) => {
      await page.getByRole('button', { name: 'Look before heat, by a photo' }).click();
      const dialog = page.getByRole('dialog');
      await dialog.getByRole('combobox', { name: /simulated camera/ }).click();
      await page.getByRole('option', { name: 'two sheets swapped' }).click();
      await dialog.getByRole('button', { name: 'Take a practice photo' }).click();
      await dialog.getByText(/(thing was|things were) found/).waitFor({ timeout: 120_000 });
    },
  ],
  [
    'press-stack',
    job('moons', 'press'),
    async (page) => {
      await page.getByRole('button', { name: 'Begin' }).click();
      await page.getByRole('button', { name: 'It is on' }).click();
      for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Done, next' }).click();
      await page.getByRole('button', { name: 'It is hot' }).click();
      await page.getByRole('button', { name: 'Done, next' }).click();
    },
  ],
  [
    'record',
    job('moons', 'record'),
    async (page) => {
      await page.getByRole('button', { name: /Usable/ }).click();
      await page.getByRole('button', { name: 'Ghost or halo' }).click();
    },
  ],
  ['log', '/demo/log'],
  [
    'evening',
    '/demo/evening',
    async (page) => {
      for (const job of [/^Comet mug/, /^Latte cup/])
        await page.getByRole('checkbox', { name: job }).uncheck();
      for (const job of [/^Night-watch tee/, /^Moon coaster/, /^Mugs for four/])
        await page.getByRole('checkbox', { name: job }).check();
      await page
        .getByRole('list', { name: 'In this order' })
        .getByText('Moon coaster')
        .first()
        .waitFor();
      await page.getByLabel('Looking for a better plan').waitFor({ state: 'detached' });
    },
  ],
  [
    'evening-press',
    '/demo/evening',
    async (page) => {
      const begin = page.getByRole('button', { name: 'Try it on simulated machines' });
      await page.getByRole('list', { name: 'In this order' }).waitFor();
      await page.getByLabel('Looking for a better plan').waitFor({ state: 'detached' });
      await begin.click();
      await page.getByRole('button', { name: '× 60' }).click();
      const now = page.getByRole('region', { name: 'Now' });
      const title = now.getByRole('heading', { level: 1 });
      while (!(await title.textContent())?.startsWith('Open it')) {
        const big = now.locator('.MuiButton-contained');
        if (await big.isVisible()) await big.click();
        await page.waitForTimeout(100);
      }
      await page.getByRole('button', { name: 'Stop' }).click();
    },
  ],
];

const server = spawn('npx', ['next', 'start', '-H', '127.0.0.1', '-p', String(PORT)], {
  stdio: 'ignore',
  detached: true,
});
const up = () =>
  fetch(`${BASE}/own`).then(
    () => true,
    () => new Promise((resolve) => setTimeout(() => resolve(false), 300)),
  );
while (!(await up()));

// a view that does not come must not leave the server behind: the next run would ask that one
try {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${BASE}/demo`);
  await page.getByRole('heading', { name: 'Comet mug' }).waitFor({ timeout: 60_000 });
  const only = process.argv.slice(2);
  for (const [name, path, prepare] of VIEWS) {
    if (only.length > 0 && !only.includes(name)) continue;
    await page.goto(`${BASE}${path}`);
    await prepare?.(page);
    await page.waitForTimeout(1500);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  }
  await browser.close();
} finally {
  process.kill(-server.pid);
}
