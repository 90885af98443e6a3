// npm test: everything, in order, ending with one line "N passed, N failed".
// npm run test:<part> runs one part: format, lint, types, imports, unit, reference, browser or torture.
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { build, ensurePackages, ensureSystemTools, ROOT, run } from './ensure.mjs';

const RESULTS = `${ROOT}/test-results`;

/** A check that passes or fails as a whole. */
const check =
  (...command) =>
  () =>
    run('npx', command) ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };

/** Reads a runner's own count; a runner that died without one counts as one failure. */
function counted(ok, file, read) {
  try {
    const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')));
    return { passed, failed: failed === 0 && !ok ? 1 : failed };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

function jest(project) {
  const file = `${RESULTS}/${project}.json`;
  const ok = run('npx', ['jest', '--selectProjects', project, '--json', `--outputFile=${file}`]);
  return counted(ok, file, (r) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
  }));
}

/**
 * Prints what stood on the page of each browser test that failed, then which failed and why; elsewhere
 * nothing else is left of it, and of a long report only the end is read.
 */
function showFailed(folder, report) {
  for (const name of existsSync(folder) ? readdirSync(folder) : []) {
    const file = `${folder}/${name}/error-context.md`;
    if (!existsSync(file)) continue;
    const [, page] = /^```yaml\n(.*?)^```/ms.exec(readFileSync(file, 'utf8')) ?? [];
    if (page) console.log(`\nOn the page of ${name}:\n${page}`);
  }
  const failed = (suite) => [
    ...(suite.suites ?? []).flatMap(failed),
    ...(suite.specs ?? []).filter((spec) => !spec.ok),
  ];
  for (const { file, line, title, tests } of report.suites.flatMap(failed)) {
    const error = tests.flatMap((each) => each.results).find((result) => result.error)?.error;
    console.log(`\nfailed: ${file}:${line} ${title}\n${(error?.message ?? '').slice(0, 1500)}`);
  }
}

function browser() {
  build();
  const file = `${RESULTS}/browser.json`;
  const ok = run('npx', ['playwright', 'test']);
  return counted(ok, file, (report) => {
    if (!ok) showFailed(`${RESULTS}/browser`, report);
    const { stats } = report;
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
  });
}

const PARTS = {
  format: check('prettier', '--check', '--log-level', 'warn', '.'),
  lint: check('eslint', '.'),
  types: () => {
    run('npx', ['next', 'typegen']);
    // the core and its words once more without the browser's and Node's own types
    const kinds = [
      check('tsc', '--noEmit')(),
      check('tsc', '--noEmit', '-p', 'tsconfig.core.json')(),
    ];
    const count = (of) => kinds.reduce((sum, each) => sum + each[of], 0);
    return { passed: count('passed'), failed: count('failed') };
  },
  imports: check('depcruise', 'src', '--config', '.dependency-cruiser.cjs'),
  unit: () => jest('unit'),
  reference: () => jest('reference'),
  browser,
  // the minute's share of `npm run torture`, on the build the browser tests made
  torture: () =>
    run('node', ['scripts/torture.mjs', '--seconds', '60'])
      ? { passed: 1, failed: 0 }
      : { passed: 0, failed: 1 },
};

const wanted = process.argv.slice(2);
const names = wanted.length > 0 ? wanted : Object.keys(PARTS);
const unknown = names.find((name) => !(name in PARTS));
if (unknown) {
  console.error(`There is no part “${unknown}”. Parts: ${Object.keys(PARTS).join(', ')}.`);
  process.exit(1);
}

ensurePackages();
if (names.some((name) => name === 'browser' || name === 'reference')) ensureSystemTools();
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

const total = { passed: 0, failed: 0 };
for (const name of names) {
  console.log(`\n== ${name}`);
  const started = Date.now();
  const { passed, failed } = PARTS[name]();
  console.log(
    `${name}: ${failed === 0 ? 'ok' : 'FAILED'} in ${Math.round((Date.now() - started) / 1000)} s`,
  );
  total.passed += passed;
  total.failed += failed;
}
console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
