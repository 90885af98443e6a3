import { benchBlocks } from './blocks.bench';
import { benchCopy } from './copy.bench';
import { benchDisturbed } from './disturbed.bench';
import { benchDrag } from './drag.bench';
import { benchEvening } from './evening.bench';
import { benchExport } from './export.bench';
import { benchHands } from './hands.bench';
import { benchHeat } from './heat.bench';
import { benchLog } from './log.bench';
import { benchLook } from './look.bench';
import { benchPlan } from './plan.bench';
import { benchTasks } from './tasks.bench';
import { benchTiles } from './tile.bench';
import { benchWindow } from './window.bench';

/** Parts by name: `npm run bench tiles` runs one. */
const BENCHES = {
  plan: benchPlan,
  evening: benchEvening,
  hands: benchHands,
  disturbed: benchDisturbed,
  heat: benchHeat,
  window: benchWindow,
  drag: benchDrag,
  tasks: benchTasks,
  export: benchExport,
  copy: benchCopy,
  tiles: benchTiles,
  blocks: benchBlocks,
  log: benchLog,
  look: benchLook,
};
const wanted = process.argv.slice(2);

async function main(): Promise<void> {
  console.log(
    'median (middle half) of each; ratios against sharp in the same run, smaller is better',
  );
  for (const [name, bench] of Object.entries(BENCHES))
    if (wanted.length === 0 || wanted.includes(name)) await bench();
}

void main();
