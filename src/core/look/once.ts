/** Finds something when it is first asked for, and keeps it. */
export function once<T>(find: () => T): () => T {
  let kept: { readonly is: T } | null = null;
  return () => (kept ??= { is: find() }).is;
}
