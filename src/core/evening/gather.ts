import type { Supply } from '../press';

/** The larger of two sizes, each way, mm. */
function larger(one: Supply['atLeast'], other: Supply['atLeast']): Supply['atLeast'] {
  if (!one || !other) return one ?? other;
  return {
    widthMm: Math.max(one.widthMm, other.widthMm),
    heightMm: Math.max(one.heightMm, other.heightMm),
  };
}

const keyOf = ({ is, count, atLeast, lengthMm }: Supply): string =>
  count === null
    ? is
    : [is, atLeast?.widthMm ?? '', atLeast?.heightMm ?? '', lengthMm ?? ''].join(' ');

/**
 * What several jobs need, laid ready once: what is used up is added, size by size; what serves again and again is one,
 * as large as the largest needs it.
 */
export function gathered(jobs: readonly (readonly Supply[])[]): readonly Supply[] {
  const all = new Map<string, Supply>();
  for (const supply of jobs.flat()) {
    const key = keyOf(supply);
    const before = all.get(key);
    if (!before) all.set(key, supply);
    else if (supply.count === null)
      all.set(key, { ...before, atLeast: larger(before.atLeast, supply.atLeast) });
    else all.set(key, { ...before, count: (before.count ?? 0) + supply.count });
  }
  // what is used up first, then what serves again and again
  return [...all.values()].sort((a, b) => Number(a.count === null) - Number(b.count === null));
}
