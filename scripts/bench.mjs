// npm run bench: builds and measures; figures are printed as ratios against a named reference.
import { build, ensurePackages, ensureSystemTools, run } from './ensure.mjs';

ensurePackages();
ensureSystemTools();
build();
process.exit(
  run('node', ['--require', '@swc-node/register', 'bench/run.ts', ...process.argv.slice(2)])
    ? 0
    : 1,
);
