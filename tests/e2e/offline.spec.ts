import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { PDFDocument, PDFRawStream, StandardFonts } from '@cantoo/pdf-lib';
import { expect, test, type Page } from '@playwright/test';
import sharp from 'sharp';
import { pngPicture } from '../support/pictures';
import { downloaded, givePicture, goTo, startMug } from './bench';

test.use({ serviceWorkers: 'allow' });

test('once opened, a job can be worked on from bench to print without a network', async ({
  page,
  context,
}) => {
  await page.goto('/own');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.getByRole('button', { name: 'Start a mug' }).click();
  await expect(page.getByLabel('Handle gap')).toBeVisible();
  const kept = () =>
    page.evaluate(async () => {
      const names = await caches.keys();
      const pages = await Promise.all(
        names.map(async (name) => (await (await caches.open(name)).keys()).map(({ url }) => url)),
      );
      return pages.flat().filter((url) => url.includes('/job/')).length;
    });
  await expect.poll(kept).toBe(6);

  await context.setOffline(true);
  await page.reload();
  await page.getByLabel('Handle gap').fill('1 1/4');
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(900, 390));
  await expect(page.getByText('900 × 390 px')).toBeVisible();
  await goTo(page, 'Sheets');
  expect((await downloaded(page, 'Save the PDF')).bytes.subarray(0, 5).toString()).toBe('%PDF-');
  await page.goto('/own');
  await expect(page.getByRole('heading', { name: 'New mug' })).toBeVisible();
});

test.describe('over a plain network address, where nothing is kept offline', () => {
  test.use({ serviceWorkers: 'block' });

  test('a part that cannot be fetched is told, and is there once the server is back', async ({
    page,
  }) => {
    const gone = '**/_next/static/**';
    const jobs = page.getByRole('list', { name: 'Jobs' });
    const told = page.getByText(/what serves this page does not answer/);
    const menu = page.getByRole('button', { name: /^More for/ });
    const onBench = async () => {
      await page.goto('/own');
      await expect(jobs.getByRole('link')).toHaveText('Add a picture');
    };
    await startMug(page);
    await onBench();
    await page.route(gone, (route) => route.abort());
    await menu.click();
    await expect(
      page.getByRole('list', { name: 'Jobs' }).getByText(/what serves this page/),
    ).toBeVisible();

    await page.unroute(gone);
    await onBench();
    await menu.click();
    const out = page.getByRole('menuitem', { name: 'Export job file' });
    await expect(out).toBeVisible();
    await page.route(gone, (route) => route.abort());
    await out.click();
    await expect(told).toBeVisible();

    await page.getByRole('button', { name: 'New job' }).click();
    const anew = page.getByRole('button', { name: 'Load it anew' });
    await expect(anew).toBeVisible();
    await page.unroute(gone);
    await anew.click();
    await menu.click();
    const coming = page.waitForEvent('download');
    await out.click();
    expect((await coming).suggestedFilename()).toMatch(/job\.zip$/);
  });
});

test('a PDF that names a font and holds a picture in JPEG 2000 comes in whole without a network', async ({
  page,
  context,
}) => {
  await page.goto('/own');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await startMug(page);
  await goTo(page, 'Art');
  const doc = await PDFDocument.create();
  const leaf = doc.addPage([288, 144]);
  leaf.drawText('Agnes', { x: 20, y: 20, font: await doc.embedFont(StandardFonts.TimesRoman) });
  const picture = { Type: 'XObject', Subtype: 'Image', Width: 96, Height: 64, Filter: 'JPXDecode' };
  const bytes = readFileSync('tests/fixtures/pictures/fields.jp2');
  const { context: objects } = doc;
  const name = leaf.node.newXObject(
    'Fields',
    objects.register(PDFRawStream.of(objects.obj(picture), bytes)),
  );
  leaf.node.addContentStream(
    objects.register(objects.stream(`q 96 0 0 64 100 60 cm ${name.asString()} Do Q`)),
  );
  // a table of letters is large and seldom needed: kept once it was asked for
  const table = (name: string) =>
    page.evaluate(
      (path) =>
        fetch(path).then(
          ({ ok }) => ok,
          () => false,
        ),
      `/pdf-reader/cmaps/${name}.bcmap`,
    );
  expect(await table('UniJIS-UCS2-H')).toBe(true);
  await context.setOffline(true);
  await expect.poll(() => table('UniJIS-UCS2-H')).toBe(true);
  expect(await table('UniKS-UCS2-H')).toBe(false);
  await givePicture(page, 'fields.pdf', Buffer.from(await doc.save()), 'application/pdf');
  await expect(page.getByRole('button', { name: /Its own size: 4 × 2 in/ })).toBeVisible();
  await expect(page.getByText(/came in without|own fonts/)).toHaveCount(0);
});

/** A server in front of the app's that, once told, has a newer version of it. */
async function updatingServer(behind: string) {
  let newer = false;
  const server = createServer((request, response) => {
    void (async () => {
      const { method, url = '/' } = request;
      const answer = await fetch(new URL(url, behind), {
        method: method ?? 'GET',
        redirect: 'manual',
      });
      const headers = Object.fromEntries(answer.headers);
      delete headers['content-encoding']; // it has been unpacked
      delete headers['content-length'];
      let body = Buffer.from(await answer.arrayBuffer());
      if (newer && url === '/sw.js')
        body = Buffer.from(body.toString().replace(/("id":")/, '$1newer-'));
      response.writeHead(answer.status, headers).end(body);
    })().catch(() => response.destroy());
  });
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  const { port } = server.address() as AddressInfo;
  return {
    url: `http://localhost:${port}`,
    bringNewer: () => (newer = true),
    close: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}

/** The versions whose files the browser keeps. */
const versionsKept = (page: Page) =>
  page.evaluate(async () =>
    (await caches.keys())
      .filter((name) => name.startsWith('files-'))
      .map((name) => name.slice(6, 12)),
  );

test('a newer version comes in only when it is let in, never at the press, and all tabs learn of it', async ({
  page,
  context,
  baseURL,
}) => {
  const server = await updatingServer(baseURL ?? '');
  try {
    await page.goto(`${server.url}/own`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    const other = await context.newPage();
    await other.goto(`${server.url}/own/log`);
    server.bringNewer();
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    await expect(page.getByText('A newer Lucky Sheet has come.')).toBeVisible();
    expect(await versionsKept(page)).toContain('newer-');
    await page.getByRole('button', { name: 'Start a mug' }).click();
    await expect(page.getByLabel('Handle gap')).toBeVisible();
    await goTo(page, 'Press');
    await expect(page.getByText('A newer Lucky Sheet has come.')).toHaveCount(0);
    await page.getByRole('link', { name: 'Back to the job' }).click();
    await expect(page.getByText('A newer Lucky Sheet has come.')).toBeVisible();

    const reloaded = page.waitForEvent('load');
    await page.getByRole('button', { name: 'Use it now' }).click();
    await reloaded;
    await expect(page.getByRole('heading', { name: 'Heat', exact: true })).toBeAttached();
    await expect(page.getByText('A newer Lucky Sheet has come.')).toHaveCount(0);
    expect(await versionsKept(page)).toEqual(['newer-']);
    await expect(other.getByText('was let in by another tab')).toBeVisible();
  } finally {
    server.close();
  }
});

test('it can be put among the apps of a phone: manifest and icons are there', async ({
  page,
  request,
}) => {
  await page.goto('/own');
  const href = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await request.get(href ?? '')).json()) as {
    readonly start_url: string;
    readonly display: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string }[];
  };
  expect(manifest).toMatchObject({ start_url: '/own', display: 'standalone' });
  for (const { src, sizes } of manifest.icons.filter((icon) => icon.sizes !== 'any')) {
    const { width, height } = await sharp(await (await request.get(src)).body()).metadata();
    expect(`${width}x${height}`).toBe(sizes);
  }
});
