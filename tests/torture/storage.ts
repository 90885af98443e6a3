import type { Page } from '@playwright/test';
import { seeded } from '@/demo/paint';
import { ODD } from './bodies';
import { launchedBare } from './browser';
import type { Ordeal } from './ordeal';
import { BASE, served } from './server';

/** Puts something in place of a part of one document of the demo bench; tells of which kind it was. */
const damage = (page: Page, at: number, odd: unknown, future: boolean): Promise<string> =>
  page.evaluate(
    ([at, odd, future]) =>
      new Promise<string>((done, fail) => {
        const opening = indexedDB.open('lucky-sheet-demo');
        opening.onerror = () => fail(new Error('not opened'));
        opening.onsuccess = () => {
          const db = opening.result;
          const documents = db.transaction('documents', 'readwrite').objectStore('documents');
          const all = documents.getAll();
          all.onsuccess = () => {
            const found = all.result as { kind: string; version: number; body: object }[];
            const one = found[Math.floor(at * found.length)];
            if (!one) return fail(new Error('nothing stored'));
            const keys = Object.keys(one.body ?? {});
            const key = keys[Math.floor(at * 997) % Math.max(1, keys.length)] ?? 'id';
            const written = documents.put({
              ...one,
              version: future ? one.version + 90 : one.version,
              body: { ...one.body, [key]: odd },
            });
            written.onsuccess = () => {
              db.close();
              done(`${one.kind}.${key}`);
            };
          };
        };
      }),
    [at, odd, future] as const,
  );

const SCREENS = [
  ['/demo', 'On the bench'],
  ['/demo/shelf', 'Blanks on the shelf'],
  ['/demo/log', 'What the log says'],
] as const;

/**
 * Documents of a bench are damaged, or said to be of a newer version, one after another while two tabs
 * have it open: every screen opens, and no error escapes.
 */
export const storage: Ordeal = ({ seed, goesOn }) =>
  served(async () => {
    const random = seeded(seed);
    const browser = await launchedBare();
    const troubles: string[] = [];
    let count = 0;
    try {
      while (goesOn(count)) {
        const context = await browser.newContext({ serviceWorkers: 'block' });
        const tabs = [await context.newPage(), await context.newPage()] as const;
        let last = 'nothing';
        for (const tab of tabs)
          tab.on('pageerror', (error) => troubles.push(`${last}: ${error.message}`));
        for (const tab of tabs) {
          await tab.goto(`${BASE}/demo`);
          await tab.getByRole('heading', { name: 'Comet mug' }).waitFor({ timeout: 60_000 });
        }
        for (let nth = 0; nth < SCREENS.length || (nth < 9 && goesOn(count)); nth++) {
          const odd = ODD[Math.floor(random() * ODD.length)];
          last = await damage(tabs[0], random(), odd, random() < 0.3);
          count++;
          const [path, heading] = SCREENS[nth % SCREENS.length] as (typeof SCREENS)[number];
          for (const tab of tabs) {
            await tab.goto(`${BASE}${path}`);
            const there = tab.getByRole('heading', { name: heading });
            await there
              .waitFor({ timeout: 20_000 })
              .catch(() => troubles.push(`${last} damaged: ${path} does not open`));
          }
        }
        await context.close();
      }
    } finally {
      await browser.close();
    }
    return { count, troubles };
  });
