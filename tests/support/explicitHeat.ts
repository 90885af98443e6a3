/** The same physics by another way: explicit steps on an even grid, without steps that grow, written apart. */
import { conducting, elementOf, faceAfter, PRIOR, type Setup } from '@/core/heat';

const FOURTH = 5.670374e-8 * 0.9 * 4;

/** The dose of a flat thing under a plate, s at 200 °C. */
export function explicitly(setup: Setup): number {
  const layers = conducting(setup);
  const element = elementOf(setup);
  if (!element) throw new Error('no plate');
  const joint = PRIOR.jointWm2K * (setup.pressure === 'light' ? PRIOR.lighter : 1);
  const cells: { dx: number; k: number; rc: number; water: number; layer: number }[] = [];
  layers.forEach(({ thicknessMm, k, rho, c, waterKgM3, is }, layer) => {
    const isCloth = is === 'cloth' || is === 'hard-blank';
    const n = Math.max(5, Math.ceil(thicknessMm / (thicknessMm > 2 ? 0.25 : 0.06)));
    const dx = thicknessMm / 1000 / n;
    for (let i = 0; i < n; i++)
      cells.push({
        dx,
        k,
        rc: rho * c,
        water: waterKgM3 * dx * (isCloth || is === 'base' ? 0.2 : 1),
        layer,
      });
  });
  const n = cells.length;
  const [T, water] = [cells.map(() => setup.roomC), cells.map((cell) => cell.water)];
  const g = cells.slice(1).map((cell, i) => {
    const before = cells[i] as (typeof cells)[number];
    const between = before.layer === cell.layer ? 0 : 1 / joint;
    return 1 / (before.dx / 2 / before.k + between + cell.dx / 2 / cell.k);
  });
  const [first, last] = [cells[0], cells[n - 1]] as [
    (typeof cells)[number],
    (typeof cells)[number],
  ];
  const gPlate = 1 / (first.dx / 2 / first.k + 1 / joint);
  const gAir =
    1 / (first.dx / 2 / first.k + 1 / (5 + FOURTH * ((60 + setup.roomC) / 2 + 273.15) ** 3));
  const gBase = 1 / (last.dx / 2 / last.k + 1 / 20);
  const dt =
    0.3 *
    Math.min(
      ...cells.map((cell, i) => (cell.rc * cell.dx) / ((g[i - 1] ?? gPlate) + (g[i] ?? gBase))),
    );
  const face =
    cells.findIndex((cell) => cell.layer === faceAfter(layers)) +
    cells.filter((cell) => cell.layer === faceAfter(layers)).length -
    1;
  const blankIsBeyond =
    layers.findIndex(({ is }) => is === 'cloth' || is === 'hard-blank') > (faceAfter(layers) ?? 0);
  let [plate, dose] = [setup.plateC, 0];
  for (let s = 0; s < setup.dwellS + setup.peelAfterS; s += dt) {
    const closed = s < setup.dwellS;
    const flow = [
      closed ? gPlate * (plate - (T[0] as number)) : gAir * (setup.roomC - (T[0] as number)),
    ];
    for (let i = 0; i < n - 1; i++)
      flow.push((g[i] as number) * ((T[i] as number) - (T[i + 1] as number)));
    flow.push(gBase * ((T[n - 1] as number) - setup.roomC));
    if (closed) {
      const power = element.powerWm2 * Math.min(1, Math.max(0, (setup.plateC - plate) / 4));
      plate += (dt * (power - (flow[0] as number))) / element.mass;
    }
    for (let i = 0; i < n; i++) {
      const { rc, dx } = cells[i] as (typeof cells)[number];
      T[i] = (T[i] as number) + (dt * ((flow[i] as number) - (flow[i + 1] as number))) / (rc * dx);
      const over = (T[i] as number) - 100;
      if (over <= 0 || (water[i] as number) <= 0) continue;
      const gone = Math.min(water[i] as number, (over * rc * dx) / 2.257e6);
      water[i] = (water[i] as number) - gone;
      T[i] = (T[i] as number) - (gone * 2.257e6) / (rc * dx);
    }
    const [near, far] = [cells[face], cells[face + 1]] as [
      (typeof cells)[number],
      (typeof cells)[number],
    ];
    const through = flow[face + 1] as number;
    const at = blankIsBeyond
      ? (T[face + 1] as number) + (through * far.dx) / 2 / far.k
      : (T[face] as number) - (through * near.dx) / 2 / near.k;
    dose += dt * Math.exp((-110_000 / 8.314) * (1 / (at + 273.15) - 1 / 473.15));
  }
  return dose;
}
