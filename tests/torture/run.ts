import { parseArgs } from 'node:util';
import { bodies } from './bodies';
import { corners } from './corners';
import { files } from './files';
import { kills } from './kills';
import type { Ordeal } from './ordeal';
import { storage } from './storage';

/** Each ordeal and its share of the time. */
const ORDEALS: readonly (readonly [string, Ordeal, number])[] = [
  ['schema corners planned', corners, 0.25],
  ['mutated files read', files, 0.2],
  ['bodies posted', bodies, 0.15],
  ['browsers killed', kills, 0.2],
  ['stored documents damaged', storage, 0.2],
];

async function main(): Promise<void> {
  const { values } = parseArgs({
    options: {
      seconds: { type: 'string', default: '60' },
      seed: { type: 'string', default: '1' },
    },
  });
  const [seconds, seed] = [Number(values.seconds), Number(values.seed)];
  let failed = 0;
  for (const [name, ordeal, share] of ORDEALS) {
    const { count, troubles } = await ordeal({ seed, seconds: seconds * share });
    console.log(`${name}: ${count}, ${troubles.length} in trouble`);
    troubles.slice(0, 10).forEach((trouble) => console.log(`  ${trouble}`));
    failed += troubles.length + (count === 0 ? 1 : 0);
  }
  console.log(failed === 0 ? 'nothing lost, nothing hung' : `${failed} troubles`);
  process.exit(failed === 0 ? 0 : 1);
}

void main();
