import { medianOf } from '../median';
import type { Colours } from './colours';

const { ceil, floor, max, min } = Math;
const { isNaN } = Number;

/** Light is told in so many squares over the longer side, and smoothed over a few of them. */
const LIGHT_CELLS = 56;
const LIGHT_REACH = 2;

/** How light it is from place to place: the middle of what is seen beside what was foretold, square by square, then smoothed by middles. */
export function lightField(predicted: Colours, seen: Colours): Float32Array {
  const { width, height } = seen;
  const cell = max(2, ceil(max(width, height) / LIGHT_CELLS));
  const [columns, rows] = [ceil(width / cell), ceil(height / cell)];
  const ratios = new Float32Array(columns * rows).fill(NaN);
  const stride = max(1, floor(cell / 8));
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const values: number[] = [];
      for (let y = row * cell; y < min(height, (row + 1) * cell); y += stride)
        for (let x = column * cell; x < min(width, (column + 1) * cell); x += stride) {
          const i = y * width + x;
          const ratio =
            ((seen.planes[0][i] ?? 0) + (seen.planes[1][i] ?? 0) + (seen.planes[2][i] ?? 0)) /
            ((predicted.planes[0][i] ?? 1) +
              (predicted.planes[1][i] ?? 1) +
              (predicted.planes[2][i] ?? 1));
          if (!isNaN(ratio)) values.push(ratio);
        }
      if (values.length > 3) ratios[row * columns + column] = medianOf(values);
    }
  const smooth = new Float32Array(ratios.length);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const near: number[] = [];
      for (let v = max(0, row - LIGHT_REACH); v <= min(rows - 1, row + LIGHT_REACH); v++)
        for (
          let u = max(0, column - LIGHT_REACH);
          u <= min(columns - 1, column + LIGHT_REACH);
          u++
        ) {
          const own = ratios[v * columns + u] ?? NaN;
          if (!isNaN(own)) near.push(own);
        }
      smooth[row * columns + column] = near.length > 0 ? medianOf(near) : 1;
    }
  const lit = new Float32Array(width * height);
  for (let y = 0, i = 0; y < height; y++) {
    const v = min(rows - 1, max(0, (y + 0.5) / cell - 0.5));
    const v0 = floor(v);
    const fv = v - floor(v);
    for (let x = 0; x < width; x++, i++) {
      const u = min(columns - 1, max(0, (x + 0.5) / cell - 0.5));
      const u0 = floor(u);
      const fu = u - floor(u);
      const u1 = min(columns - 1, u0 + 1);
      const v1 = min(rows - 1, v0 + 1);
      const top =
        (smooth[v0 * columns + u0] ?? 1) * (1 - fu) + (smooth[v0 * columns + u1] ?? 1) * fu;
      const low =
        (smooth[v1 * columns + u0] ?? 1) * (1 - fu) + (smooth[v1 * columns + u1] ?? 1) * fu;
      lit[i] = max(0.02, top * (1 - fv) + low * fv);
    }
  }
  return lit;
}
