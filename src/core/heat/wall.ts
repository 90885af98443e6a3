/** Conducts heat and keeps it. Conductivity W/mK, density kg/m³, heat capacity J/kgK. */
export interface Substance {
  readonly k: number;
  readonly rho: number;
  readonly c: number;
}

/** One layer of a wall. Thickness m; what water in it boils off once at 100 °C, kg/m³. */
export interface WallLayer extends Substance {
  readonly thicknessM: number;
  readonly waterKgM3?: number;
  /** How hot it is at first, °C. */
  readonly fromC: number;
}

/** What is beyond an end of a wall: something at a temperature (°C) behind a heat transfer coefficient (W/m²K). */
export interface Surrounding {
  /** Infinite where the surface itself has that temperature; 0 where nothing passes. */
  readonly h: number;
  /** °C at so many seconds. */
  readonly atC: (s: number) => number;
}

/** A heated mass at the near end: a plate with its element, held at a set point by a thermostat of limited power. */
export interface Heater {
  /** J/m²K. */
  readonly mass: number;
  /** Most it can give, W/m². */
  readonly powerWm2: number;
  readonly setC: number;
  readonly fromC: number;
  /** Within so many K below the set point its power is throttled. */
  readonly bandK: number;
}

/** A wall from its heated end on, cut into cells. */
export interface Wall {
  readonly cells: Cells;
  /** The first cell of each layer, then how many cells there are. */
  readonly starts: readonly number[];
}

/** Cells of a wall: what each holds (J/m²K), how wide it is (m), what it resists from its middle to its face (m²K/W). */
interface Cells {
  readonly count: number;
  readonly mass: Float64Array;
  readonly half: Float64Array;
  /** Between a cell and the next, joints included, W/m²K. */
  readonly between: Float64Array;
  readonly water: Float64Array;
  readonly width: Float64Array;
}

/** How finely a wall is cut: the narrowest cell at a face (m), and by what factor each next one is wider. */
export interface Grid {
  readonly leastM: number;
  readonly growth: number;
  /** The widest, m. */
  readonly mostM: number;
  /** Cells of a layer at least. */
  readonly least: number;
}

/** Fine enough for a dose to 0.3 % (by halving it). */
export const GRID: Grid = { leastM: 4e-5, growth: 1.25, mostM: 6e-4, least: 4 };

/** Widths of the cells of a layer: narrow at both faces, where the temperature bends. */
export function widthsOf(thicknessM: number, { leastM, growth, mostM, least }: Grid): number[] {
  const half: number[] = [];
  let sum = 0;
  let next = Math.min(leastM, thicknessM / least);
  while (sum < thicknessM / 2 - 1e-12) {
    half.push(next);
    sum += next;
    next = Math.min(mostM, next * growth);
  }
  const scale = thicknessM / 2 / sum;
  const scaled = half.map((width) => width * scale);
  return [...scaled, ...scaled.toReversed()];
}

/**
 * A wall of layers, from the heated end on.
 * @param joints between each layer and the next, what a joint lets through, W/m²K; infinite where they are one.
 */
export function wallOf(
  layers: readonly WallLayer[],
  joints: readonly number[],
  grid: Grid = GRID,
): { readonly wall: Wall; readonly fromC: Float64Array } {
  const cut = layers.map(({ thicknessM }) => widthsOf(thicknessM, grid));
  const count = cut.reduce((sum, { length }) => sum + length, 0);
  const [mass, half, water, width, fromC] = [0, 0, 0, 0, 0].map(() => new Float64Array(count)) as [
    ...[Float64Array, Float64Array, Float64Array, Float64Array, Float64Array],
  ];
  const between = new Float64Array(count);
  const starts: number[] = [];
  let at = 0;
  layers.forEach((layer, nth) => {
    starts.push(at);
    for (const wide of cut[nth] ?? []) {
      width[at] = wide;
      mass[at] = layer.rho * layer.c * wide;
      half[at] = wide / 2 / layer.k;
      water[at] = (layer.waterKgM3 ?? 0) * wide;
      fromC[at] = layer.fromC;
      at++;
    }
  });
  for (let i = 0; i + 1 < count; i++) {
    const joint = starts.indexOf(i + 1);
    const resists = joint > 0 ? 1 / (joints[joint - 1] ?? Infinity) : 0;
    between[i] = 1 / ((half[i] ?? 0) + resists + (half[i + 1] ?? 0));
  }
  return {
    wall: { cells: { count, mass, half, between, water, width }, starts: [...starts, count] },
    fromC,
  };
}
