import { chromium, type BrowserContext, type Page } from '@playwright/test';

const BROWSER = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking'],
};

/** A browser that keeps what it stores in a folder, and its first page. */
export async function launched(profile: string): Promise<readonly [BrowserContext, Page]> {
  const context = await chromium.launchPersistentContext(profile, {
    ...BROWSER,
    serviceWorkers: 'block',
  });
  return [context, context.pages()[0] ?? (await context.newPage())];
}

/** A browser that keeps nothing. */
export const launchedBare = () => chromium.launch(BROWSER);

/** The browser's own process, ended as a power cut ends it. */
export async function kill(context: BrowserContext): Promise<void> {
  const [page] = context.pages();
  const session = page && (await context.newCDPSession(page).catch(() => null));
  await session?.send('Browser.crash').catch(() => undefined); // it answers no more
  await context.close().catch(() => undefined);
}
