import { defineConfig } from '@playwright/test';

const PORT = Number(process.env.TEST_PORT ?? 3217);

/** Browser tests run against the production build in Debian's Chromium. */
export default defineConfig({
  testDir: 'tests/e2e',
  // patient, so that a slow machine fails nothing: some hosts take five times as long for minutes on end
  timeout: 300_000,
  expect: { timeout: 60_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  outputDir: 'test-results/browser',
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // only the offline test lets it in; the others see the server itself
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `npx next start -H 127.0.0.1 -p ${PORT}`,
    url: `http://localhost:${PORT}/own`,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: '1' },
  },
});
