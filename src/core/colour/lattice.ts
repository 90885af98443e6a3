import { toLinear, type Rgb } from './srgb';

/** What stands at the nodes of a cube of colours, red slowest: encoded red, green and blue, 0–1. */
export interface Lattice {
  /** Nodes a side. */
  readonly side: number;
  readonly nodes: readonly (readonly number[])[];
}

/**
 * A colour between the eight nodes round a place of the cube (trilinear), in linear light.
 * @param place where along each side, from 0 to the last node.
 */
export function between({ side, nodes }: Lattice, place: readonly number[]): Rgb {
  const low = place.map((at) => Math.min(side - 2, Math.floor(at)));
  const sum = [0, 0, 0];
  for (let corner = 0; corner < 8; corner++) {
    const step = [corner >> 2, (corner >> 1) & 1, corner & 1];
    let weight = 1;
    let node = 0;
    for (let i = 0; i < 3; i++) {
      const part = (place[i] ?? 0) - (low[i] ?? 0);
      weight *= step[i] ? part : 1 - part;
      node = node * side + (low[i] ?? 0) + (step[i] ?? 0);
    }
    if (weight === 0) continue;
    nodes[node]?.forEach((v, c) => (sum[c] = (sum[c] ?? 0) + weight * v));
  }
  return [toLinear(sum[0] ?? 0), toLinear(sum[1] ?? 0), toLinear(sum[2] ?? 0)];
}
