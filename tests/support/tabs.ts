import 'fake-indexeddb/auto';
import { openBench, wipeBench, type BenchStore } from '@/store';

const open: BenchStore[] = [];

/** The own bench as one more tab opens it. */
export const tab = async (): Promise<BenchStore> => {
  const opened = await openBench('own');
  open.push(opened);
  return opened;
};

/** Closes every tab, and with `wipe` removes the bench. */
export async function leave(wipe = true): Promise<void> {
  open.splice(0).forEach((each) => each.close());
  if (wipe) await wipeBench('own');
}

/** What storing does in the background is done after this. */
export async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await new Promise((resolve) => setTimeout(resolve, 1));
}
