import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { expect, test, type Page } from '@playwright/test';
import { pngPicture } from '../support/pictures';
import { givePicture, goTo, startMug } from './bench';

// as on a home network: a name, and no certificate, so that the browser denies what it gives to safe pages only
const NAME = 'desk.test';
test.use({
  launchOptions: {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-quic', `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  },
});

let server: ChildProcess;
let port: number;
test.beforeAll(async () => {
  const free = createServer();
  await new Promise<void>((ready) => free.listen(0, '127.0.0.1', ready));
  port = (free.address() as AddressInfo).port;
  await new Promise((closed) => free.close(closed));
  server = spawn('npx', ['next', 'start', '-H', '127.0.0.1', '-p', String(port)], {
    stdio: 'ignore',
    detached: true,
    // it says that it is opened; the test itself stays on this machine
    env: { ...process.env, HOST: '0.0.0.0', NEXT_TELEMETRY_DISABLED: '1' },
  });
  await expect
    .poll(() =>
      fetch(`http://127.0.0.1:${port}/own`).then(
        (r) => r.ok,
        () => false,
      ),
    )
    .toBe(true);
});
test.afterAll(() => {
  if (server.pid) process.kill(-server.pid);
});

const opened = async (page: Page, path: string) => page.goto(`http://${NAME}:${port}${path}`);

test('from desk to table by a one-time code, over a network without a certificate', async ({
  page,
  browser,
  request,
}) => {
  await opened(page, '/own');
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await expect(page.getByRole('heading', { name: 'Blank', exact: true })).toBeAttached();
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(900, 390));
  await expect(page.getByText('900 × 390 px')).toBeVisible();
  await page.getByRole('link', { name: 'Lucky Sheet, to the bench' }).click();
  await page.getByRole('button', { name: 'More for New mug' }).click();
  await page.getByRole('menuitem', { name: 'Take to another device' }).click();
  await page.getByRole('button', { name: 'Give it a code' }).click();
  await expect(page.getByText(`open http://${NAME}:${port} and type the code`)).toBeVisible();
  const code = (await page.getByText(/^\d{6}$/).textContent()) ?? '';

  const table = await (await browser.newContext()).newPage();
  await opened(table, '/own');
  const bringIn = async (typed: string) => {
    await table.getByLabel('Code from another device').fill(typed);
    await table.getByRole('button', { name: 'Bring it in' }).click();
  };
  await bringIn(code);
  await expect(table.getByText('“New mug” is on the bench.')).toBeVisible();
  await table.getByRole('button', { name: 'Close' }).first().click();
  await bringIn(code);
  await expect(table.getByText('Nothing lies ready under this code.')).toBeVisible();

  // another page, were it open beside the app, can lay nothing ready
  const foreign = await request.post(`http://127.0.0.1:${port}/api/handover`, {
    headers: { origin: 'http://elsewhere.test', 'content-type': 'application/zip' },
    data: Buffer.from('PK'),
  });
  expect(foreign.status()).toBe(403);
});

test('a file of 25 MB is handed over whole, as safely as any other answer', async ({ request }) => {
  const at = `http://127.0.0.1:${port}`;
  const file = Buffer.alloc(25_000_000, 'stars over the ridge ');
  const laid = await request.post(`${at}/api/handover`, {
    headers: { origin: at, 'content-type': 'application/zip' },
    data: file,
  });
  const { code } = (await laid.json()) as { readonly code: string };
  const fetched = await request.get(`${at}/api/handover?code=${code}`);
  expect(fetched.headers()['x-content-type-options']).toBe('nosniff');
  expect((await fetched.body()).equals(file)).toBe(true);
});

test('where the server was not opened, nothing is handed over and a file is saved instead', async ({
  page,
  request,
  baseURL,
}) => {
  await startMug(page);
  await page.goto('/own');
  await page.getByRole('button', { name: 'More for New mug' }).click();
  await page.getByRole('menuitem', { name: 'Take to another device' }).click();
  await expect(page.getByText('HOST=0.0.0.0')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Give it a code' })).toHaveCount(0);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the file' }).click();
  expect((await saving).suggestedFilename()).toBe('new-mug.job.zip');
  await expect(page.getByLabel('Code from another device')).toHaveCount(0);
  const laid = await request.post('/api/handover', {
    headers: { origin: baseURL ?? '', 'content-type': 'application/zip' },
    data: Buffer.from('PK'),
  });
  expect(laid.status()).toBe(403);
});

test('an evening goes along with its jobs and comes onto another bench', async ({
  page,
  browser,
}) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/evening');
  const boxes = page.getByRole('checkbox', { checked: true });
  await expect(boxes.first()).toBeVisible();
  const chosen = await boxes.count();
  await page.getByRole('button', { name: 'Take to another device' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the file' }).click();
  const file = readFileSync(await (await saving).path());

  const other = await (await browser.newContext()).newPage();
  await other.goto(new URL('/own', page.url()).href);
  await other
    .getByLabel('Picture or job file')
    .setInputFiles({ name: 'evening.backup.zip', mimeType: 'application/zip', buffer: file });
  await expect(other.getByText(/came in\./)).toBeVisible();
  await expect(other.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(chosen);
});
