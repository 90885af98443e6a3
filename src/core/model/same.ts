/** A plain value as text, the same whatever the order of its keys. */
export function canonical(value: unknown): string {
  const sorted = (_key: string, each: unknown): unknown =>
    each !== null && typeof each === 'object' && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => a.localeCompare(b)))
      : each;
  return JSON.stringify(value, sorted) ?? '';
}

/** Whether two plain values are the same apart from the order of their keys. */
export const same = (one: unknown, other: unknown): boolean => canonical(one) === canonical(other);
