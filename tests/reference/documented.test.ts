import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const sources = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => join(folder, name));

/** What a file exports without a word of documentation, by TypeScript's own reading. */
function undocumented(file: string): string[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  return source.statements
    .filter((each) => ts.canHaveModifiers(each) && isExported(each))
    .filter((each) => ts.getJSDocCommentsAndTags(each).length === 0)
    .map((each) => `${file}: ${each.getText().slice(0, 60)}`);
}

const isExported = (node: ts.HasModifiers): boolean =>
  (ts.getModifiers(node) ?? []).some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);

test.each(['src/core', 'src/words'])('everything that %s exports is documented', (folder) => {
  expect(sources(folder).length).toBeGreaterThan(20);
  expect(sources(folder).flatMap(undocumented)).toEqual([]);
});
