// Part of `npm run build`: writes public/sw.js from its source and the files that were built.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import { ROOT } from './ensure.mjs';

const STATIC = join(ROOT, '.next', 'static');

const files = readdirSync(STATIC, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && !entry.name.endsWith('.map'))
  .map((entry) => relative(STATIC, join(entry.parentPath, entry.name)).split(sep).join('/'))
  .map((path) => `/_next/static/${path.split('/').map(encodeURIComponent).join('/')}`)
  .sort();

const build = { id: readFileSync(join(ROOT, '.next', 'BUILD_ID'), 'utf8').trim(), files };
const source = readFileSync(join(ROOT, 'scripts', 'serviceWorker.source.js'), 'utf8');
mkdirSync(join(ROOT, 'public'), { recursive: true });
writeFileSync(join(ROOT, 'public', 'sw.js'), `const BUILD = ${JSON.stringify(build)};\n${source}`);
console.log(`Service worker for build ${build.id}: ${files.length} files`);
