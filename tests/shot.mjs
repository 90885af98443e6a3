import { chromium } from 'playwright-core';
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--use-gl=angle',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('console', (m) => m.type() === 'error' && console.log('ERR', m.text()));
await page.goto('http://127.0.0.1:3298/demo');
await page.getByRole('heading', { name: 'Night-watch tee' }).waitFor({ timeout: 90000 });
await page.goto('http://127.0.0.1:3298/demo/job/demo-layers/art');
await page.getByRole('button', { name: 'As seen' }).waitFor();
await page.waitForTimeout(5000);
await page.screenshot({ path: '/tmp/s1.png' });
await page.getByRole('button', { name: /Heat-transfer vinyl/ }).click();
await page.waitForTimeout(4000);
await page.screenshot({ path: '/tmp/s2.png' });
await page.getByRole('link', { name: /^Sheets/ }).click();
await page.waitForTimeout(4000);
await page.screenshot({ path: '/tmp/s3.png' });
await page.getByRole('link', { name: /^Heat / }).click();
await page.waitForTimeout(3000);
await page.screenshot({ path: '/tmp/s4.png' });
await browser.close();
