// Part of `npm run build`: writes public/sw.js from its source and the files that were built.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import { ROOT } from './ensure.mjs';

const STATIC = join(ROOT, '.next', 'static');

const PDF_READER = join(ROOT, 'public', 'pdf-reader');

/** The addresses of the files of a folder that is served under a path. */
const served = (folder, under) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.endsWith('.map'))
    .map((entry) => relative(folder, join(entry.parentPath, entry.name)).split(sep).join('/'))
    .map((path) => `${under}/${path.split('/').map(encodeURIComponent).join('/')}`);

// the tables of letters are many and seldom asked for: they are had with a network only
const forPdfs = served(PDF_READER, '/pdf-reader').filter(
  (path) => !path.includes('/cmaps/') && !path.includes('LICENSE'),
);
const files = [...served(STATIC, '/_next/static'), ...forPdfs].sort();

const build = { id: readFileSync(join(ROOT, '.next', 'BUILD_ID'), 'utf8').trim(), files };
const source = readFileSync(join(ROOT, 'scripts', 'serviceWorker.source.js'), 'utf8');
mkdirSync(join(ROOT, 'public'), { recursive: true });
writeFileSync(join(ROOT, 'public', 'sw.js'), `const BUILD = ${JSON.stringify(build)};\n${source}`);
console.log(`Service worker for build ${build.id}: ${files.length} files`);
