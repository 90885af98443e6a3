import { Matrix, solve } from 'ml-matrix';

const { max, min } = Math;

/** Solves a small least-squares problem by its normal equations; null where they do not tell. */
export function leastSquares(
  rows: readonly (readonly number[])[],
  wanted: readonly number[],
  weights: readonly number[],
): number[] | null {
  const n = rows[0]?.length ?? 0;
  // summed in plain figures: there are thousands of rows
  const sums = new Float64Array(n * n);
  const right = new Float64Array(n);
  for (let r = 0; r < rows.length; r++) {
    const row = rows[r] ?? [];
    const weight = weights[r] ?? 1;
    for (let i = 0; i < n; i++) {
      const own = weight * (row[i] ?? 0);
      right[i] = (right[i] ?? 0) + own * (wanted[r] ?? 0);
      for (let j = i; j < n; j++) sums[i * n + j] = (sums[i * n + j] ?? 0) + own * (row[j] ?? 0);
    }
  }
  const normal = Matrix.zeros(n, n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const sum = sums[min(i, j) * n + max(i, j)] ?? 0;
      normal.set(i, j, i === j ? sum * (1 + 1e-12) + 1e-12 : sum);
    }
  try {
    const found = solve(normal, Matrix.columnVector([...right])).to1DArray();
    return found.every(Number.isFinite) ? found : null;
  } catch {
    return null;
  }
}
