import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { BASE, shown, withApp } from './app';
import { ms, spreadOf } from './stats';

const RECORDS = 2000;
const ROUNDS = 5;
/** Names of what is pressed, machines and outcomes in turn, so that lists and filters have something to do. */
const BLANKS = ['Straight mug, 12 oz', 'Mouse mat', 'Tee, polyester', 'Round coaster'];
const OUTCOMES = ['good', 'good', 'usable', 'spoiled'];

/** Puts a record of an earlier version on the bench so many times over the years, each with an identity of its own. */
async function fillLog(page: Page): Promise<void> {
  const record: unknown = JSON.parse(
    readFileSync('tests/fixtures/documents/record.v7.json', 'utf8'),
  );
  await page.evaluate(
    ({ body, count, blanks, outcomes }) =>
      new Promise<void>((done, fail) => {
        const opening = indexedDB.open('lucky-sheet-own');
        opening.onerror = () => fail(new Error('the bench was not opened'));
        opening.onsuccess = () => {
          const db = opening.result;
          const change = db.transaction('documents', 'readwrite');
          const documents = change.objectStore('documents');
          for (let nth = 0; nth < count; nth++) {
            const at = new Date(Date.UTC(2022, 0, 1) + nth * 17 * 3600_000).toISOString();
            const id = `bench-${nth}`;
            const blank = blanks[nth % blanks.length];
            documents.put({
              ...{ kind: 'record', id, rev: 1, savedAt: at, version: 7 },
              body: {
                ...(body as Record<string, unknown>),
                ...{ id, at, jobId: `job-${nth % 40}`, jobName: `Mug ${nth % 40}` },
                ...{ blankId: `blank-${nth % blanks.length}`, blankName: blank },
                outcome: outcomes[nth % outcomes.length],
              },
            });
          }
          change.oncomplete = () => {
            db.close();
            done();
          };
        };
      }),
    { body: record, count: RECORDS, blanks: BLANKS, outcomes: OUTCOMES },
  );
}

/** Opens the log from the bench: from the click to its records, ms; and reading them bare, as a reference. */
async function openOnce(page: Page): Promise<{ took: number; bare: number }> {
  await page.goto(`${BASE}/own`);
  await page.getByRole('link', { name: 'Log', exact: true }).waitFor();
  await page.waitForTimeout(1500);
  const bare = await page.evaluate(
    () =>
      new Promise<number>((done) => {
        const start = performance.now();
        const opening = indexedDB.open('lucky-sheet-own');
        opening.onsuccess = () => {
          const all = opening.result.transaction('documents').objectStore('documents').getAll();
          all.onsuccess = () => {
            opening.result.close();
            done(performance.now() - start);
          };
        };
      }),
  );
  await page.evaluate(() => {
    addEventListener('click', () => Object.assign(window, { clicked: performance.now() }), true);
  });
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await shown(page, 'Mug 39');
  const took = await page.evaluate(
    () => performance.now() - (window as unknown as { clicked: number }).clicked,
  );
  return { took, bare };
}

/** The log with 2 000 records: how long it takes to open, and what holds the page up while it is scrolled. */
export async function benchLog(): Promise<void> {
  await withApp(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${BASE}/own`);
    await page.getByRole('button', { name: 'Start a mug' }).waitFor();
    await fillLog(page);
    await openOnce(page);
    const rounds: Awaited<ReturnType<typeof openOnce>>[] = [];
    for (let i = 0; i < ROUNDS; i++) rounds.push(await openOnce(page));
    const [took, bare] = [
      spreadOf(rounds.map((each) => each.took)),
      spreadOf(rounds.map((each) => each.bare)),
    ];
    const ratio = spreadOf(rounds.map((each) => each.took / each.bare)).median;
    console.log(
      `log of ${RECORDS} records, opened: ${ms(took)}; read bare from the browser's storage: ${ms(bare)}; ratio ${ratio.toFixed(2)}`,
    );
    const frames = await page.evaluate(async () => {
      const gaps: number[] = [];
      let last = performance.now();
      for (let i = 0; i < 120; i++) {
        window.scrollBy(0, 160);
        document.querySelectorAll('*').forEach((each) => {
          if (each.scrollHeight > each.clientHeight + 200) each.scrollTop += 160;
        });
        await new Promise(requestAnimationFrame);
        const now = performance.now();
        gaps.push(now - last);
        last = now;
      }
      return gaps.sort((a, b) => a - b);
    });
    const at = (share: number) =>
      (frames[Math.floor(share * (frames.length - 1))] ?? Number.NaN).toFixed(0);
    console.log(
      `log of ${RECORDS} records, scrolled: from frame to frame ${at(0.5)} ms, ${at(0.95)} at the 95th percentile, ${at(1)} at most`,
    );
  });
}
