// npm run torture: mutated files, schema corners, request bodies and kills of a real browser, seeded.
// npm run torture -- --seconds 600 --seed 7   (60 s and seed 1 unless told; needs npm run build first)
// npm run torture -- --full --report torture.json   (every one counted, 1 000 kills among them: hours; --only kills one part)
import { ensurePackages, ensureSystemTools, run } from './ensure.mjs';

ensurePackages();
ensureSystemTools();
process.exit(
  run('node', ['--require', '@swc-node/register', 'tests/torture/run.ts', ...process.argv.slice(2)])
    ? 0
    : 1,
);
