import { benchDrag } from './drag.bench';
import { benchExport } from './export.bench';
import { benchPlan } from './plan.bench';

async function main(): Promise<void> {
  console.log(
    'median (middle half) of each; ratios against sharp in the same run, smaller is better',
  );
  await benchPlan();
  await benchDrag();
  await benchExport();
}

void main();
