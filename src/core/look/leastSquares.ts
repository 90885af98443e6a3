import { Matrix, solve } from 'ml-matrix';

/** Solves a small least-squares problem by its normal equations; null where they do not tell. */
export function leastSquares(
  rows: readonly (readonly number[])[],
  wanted: readonly number[],
  weights: readonly number[],
): number[] | null {
  const n = rows[0]?.length ?? 0;
  const normal = Matrix.zeros(n, n);
  const right = Matrix.zeros(n, 1);
  rows.forEach((row, r) => {
    const weight = weights[r] ?? 1;
    for (let i = 0; i < n; i++) {
      const own = weight * (row[i] ?? 0);
      right.set(i, 0, right.get(i, 0) + own * (wanted[r] ?? 0));
      for (let j = i; j < n; j++) normal.set(i, j, normal.get(i, j) + own * (row[j] ?? 0));
    }
  });
  for (let i = 0; i < n; i++) {
    normal.set(i, i, normal.get(i, i) * (1 + 1e-12) + 1e-12);
    for (let j = 0; j < i; j++) normal.set(i, j, normal.get(j, i));
  }
  try {
    const found = solve(normal, right).to1DArray();
    return found.every(Number.isFinite) ? found : null;
  } catch {
    return null;
  }
}
