import type { Assembled, LoadOf } from '@/core/evening';
import { itemLabels, type Job, type ThingId } from '@/core/model';

/** What the things of a load are called: their job, and what tells them apart from its others. */
export function thingWords(load: LoadOf | undefined, jobs: readonly Job[]): string {
  const things = load?.things ?? [];
  const [first] = things;
  const job = jobs.find(({ id }) => id === first?.jobId);
  if (!first || !job) return '';
  const labels = itemLabels(job);
  const names = things.flatMap(({ itemId, copy }) => {
    const at = job.items.findIndex(({ id }) => id === itemId);
    const item = job.items[at];
    if (!item) return [];
    const nth = item.copies > 1 ? String(copy + 1) : '';
    return [labels[at], nth].filter(Boolean).join(' ');
  });
  const told = names.filter(Boolean);
  return told.length > 0 ? `${job.name}, ${told.join(', ')}` : job.name;
}

/** What the pieces of an evening are numbered by, from 1: what is done aside for a load has its number. */
export function numbersOf({ loads }: Assembled): readonly number[] {
  const seen = new Map<string, number>();
  return loads.map(({ things: [first] }) => {
    const key = first ? `${first.jobId}/${first.itemId}/${first.copy}` : '';
    const number = seen.get(key) ?? seen.size + 1;
    seen.set(key, number);
    return number;
  });
}

/** The thing that has a number: the first of its load. */
export function thingOf(made: Assembled, number: number): ThingId | null {
  const at = numbersOf(made).indexOf(number);
  const [thing] = made.loads[at]?.things ?? [];
  if (!thing) return null;
  const { jobId, itemId, copy } = thing;
  return { jobId, itemId, copy };
}
