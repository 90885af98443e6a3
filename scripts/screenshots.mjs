// npm run screenshots: draws docs/screenshots/ anew from the demo bench (needs npm run build first).
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';

const PORT = 3392;
const BASE = `http://localhost:${PORT}`;
const job = (id, station) => `/demo/job/demo-${id}/${station}`;

/** File name, page, and what to do there before the picture is taken. */
const VIEWS = [
  ['bench', '/demo'],
  ['blank', job('comet', 'blank')],
  ['art', job('moons', 'art')],
  [
    'art-as-printed',
    job('comet', 'art'),
    (page) => page.getByRole('button', { name: 'As printed' }).click(),
  ],
  ['checks', job('horizon', 'art')],
  ['sheets', job('comet', 'sheets')],
  ['tapered', job('latte', 'sheets')],
  ['heat', job('moons', 'heat')],
  [
    'press-stack',
    job('moons', 'press'),
    async (page) => {
      await page.getByRole('button', { name: 'Begin' }).click();
      for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Done, next' }).click();
      await page.getByRole('button', { name: 'Start the clock' }).click();
      await page.getByRole('button', { name: 'End this step early' }).click();
    },
  ],
  [
    'press-countdown',
    job('moons', 'press'),
    async (page) => {
      await page.getByRole('button', { name: 'Done, next' }).click();
      await page.getByRole('button', { name: 'Start the clock' }).click();
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
  ['empty-bench', '/own'],
];

const server = spawn('npx', ['next', 'start', '-p', String(PORT)], {
  stdio: 'ignore',
  detached: true,
});
const up = () =>
  fetch(`${BASE}/own`).then(
    () => true,
    () => new Promise((resolve) => setTimeout(() => resolve(false), 300)),
  );
while (!(await up()));

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${BASE}/demo`);
await page.getByRole('heading', { name: 'Comet mug' }).waitFor();
const only = process.argv.slice(2);
for (const [name, path, prepare] of VIEWS) {
  if (only.length > 0 && !only.includes(name)) continue;
  await page.goto(`${BASE}${path}`);
  await prepare?.(page);
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
await browser.close();
process.kill(-server.pid);
