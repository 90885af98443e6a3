import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { bodies } from './bodies';
import { corners } from './corners';
import { drops } from './drops';
import { files } from './files';
import { kills } from './kills';
import type { Ordeal } from './ordeal';
import { storage } from './storage';

/** Each ordeal, once at least, its share of the time where there is a time, and how many are tried in full. */
const ORDEALS: Readonly<Record<string, readonly [string, Ordeal, number, number]>> = {
  corners: ['schema corners planned', corners, 0.2, 5000],
  files: ['mutated files read', files, 0.15, 50_000],
  drops: ['mutated files dropped in the browser', drops, 0.15, 1000],
  bodies: ['bodies posted', bodies, 0.15, 5000],
  kills: ['browsers killed', kills, 0.2, 1000],
  storage: ['stored documents damaged', storage, 0.15, 300],
};

const OPTIONS = {
  seconds: { type: 'string', default: '60' },
  seed: { type: 'string', default: '1' },
  full: { type: 'boolean', default: false },
  only: { type: 'string' },
  report: { type: 'string' },
} as const;

async function main(): Promise<void> {
  const { values } = parseArgs({ options: OPTIONS });
  const [seconds, seed] = [Number(values.seconds), Number(values.seed)];
  const report: object[] = [];
  let failed = 0;
  for (const [key, [name, ordeal, share, full]] of Object.entries(ORDEALS)) {
    if (values.only && values.only !== key) continue;
    const began = Date.now();
    const until = began + 1000 * seconds * share;
    const goesOn = (done: number) => (values.full ? done < full : done === 0 || Date.now() < until);
    const { count, troubles } = await ordeal({ seed, goesOn });
    const took = Math.round((Date.now() - began) / 1000);
    const peakMB = Math.round(process.resourceUsage().maxRSS / 1024);
    console.log(
      `${name}: ${count}, ${troubles.length} in trouble; ${took} s, ${peakMB} MB at most so far`,
    );
    troubles.slice(0, 10).forEach((trouble) => console.log(`  ${trouble}`));
    report.push({ name, seed, count, seconds: took, peakMB, troubles });
    failed += troubles.length + (count === 0 ? 1 : 0);
  }
  if (values.report) writeFileSync(values.report, JSON.stringify(report, null, 2));
  console.log(failed === 0 ? 'nothing lost, nothing hung' : `${failed} troubles`);
  process.exit(failed === 0 ? 0 : 1);
}

void main();
