import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';

/** What docs/ publishes; `UPDATE_DOCS=1 npm run test:unit` writes it anew. */
export function published(path: string, contents: unknown): void {
  const text = `${JSON.stringify(contents, null, 2)}\n`;
  if (process.env.UPDATE_DOCS) {
    mkdirSync('docs/examples', { recursive: true });
    writeFileSync(path, text);
  }
  expect(readFileSync(path, 'utf8')).toBe(text);
}
