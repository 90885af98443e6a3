/** Whether two plain values are the same apart from the order of their keys. */
export function same(one: unknown, other: unknown): boolean {
  const sorted = (_key: string, value: unknown): unknown =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)))
      : value;
  return JSON.stringify(one, sorted) === JSON.stringify(other, sorted);
}
