import type { Heater, Surrounding, Wall } from './wall';

/** Heat that boiling water takes, J/kg (common practice: steam tables, 2 257 kJ/kg at 100 °C). */
const BOILS_J_KG = 2.257e6;
const BOILING_C = 100;

/** One stage of the two-stage, L-stable implicit rule of second order (Alexander 1977): γ = 1 − 1/√2. */
const GAMMA = 1 - Math.SQRT1_2;

/** How a wall stands: °C of its cells and of its heater, and the water left in its cells, kg/m². */
export interface WallState {
  readonly cellsC: Float64Array;
  heaterC: number;
  readonly water: Float64Array;
}

/** What a wall stands between for a while. */
export interface Between {
  /** A heater at the near end, through a joint of so many W/m²K; or what surrounds it. */
  readonly near: { readonly heater: Heater; readonly joint: number } | Surrounding;
  readonly far: Surrounding;
}

/** The state of a wall at its beginning. */
export const stateOf = ({ cells }: Wall, fromC: Float64Array, heaterC = 0): WallState => ({
  cellsC: Float64Array.from(fromC),
  heaterC,
  water: Float64Array.from(cells.water),
});

/** Room for solving, made once a wall: nothing is allocated while it steps. */
interface Room {
  readonly diag: Float64Array;
  readonly rhs: Float64Array;
  readonly upper: Float64Array;
  readonly first: Float64Array;
}

/** How far a thermostat is open, 0 or 1 at its ends, between them in proportion. */
type Opening = 'full' | 'throttled' | 'shut';

const openingAt = ({ setC, bandK }: Heater, c: number): Opening =>
  c >= setC ? 'shut' : c <= setC - bandK ? 'full' : 'throttled';

/** Steps a wall through time. Not for two at once. */
export class Conductor {
  private readonly room: Room;

  /** @param wall which wall. */
  constructor(private readonly wall: Wall) {
    const size = wall.cells.count + 1;
    const array = () => new Float64Array(size);
    this.room = { diag: array(), rhs: array(), upper: array(), first: array() };
  }

  /** Goes on by `dt` s from the moment `s`, changing the state. */
  step(state: WallState, between: Between, s: number, dt: number): void {
    const { count } = this.wall.cells;
    const { first } = this.room;
    const w = GAMMA * dt;
    const before = Float64Array.from(state.cellsC);
    const heaterBefore = state.heaterC;
    this.stage(before, heaterBefore, between, s + w, w);
    // what the first stage says of the slope leads to where the second begins
    const ahead = (1 - GAMMA) / GAMMA;
    for (let i = 0; i <= count; i++) {
      const was = i === 0 ? heaterBefore : (before[i - 1] as number);
      first[i] = was + ahead * ((this.room.rhs[i] as number) - was);
    }
    const start = first.slice(1);
    this.stage(start, first[0] as number, between, s + dt, w);
    state.heaterC = this.room.rhs[0] as number;
    for (let i = 0; i < count; i++) state.cellsC[i] = this.room.rhs[i + 1] as number;
    this.boil(state);
  }

  /** One implicit stage: solves for temperatures at a moment, into the room's right-hand side; the heater is 0, cells follow. */
  private stage(cells: Float64Array, heaterC: number, between: Between, s: number, w: number) {
    const { near } = between;
    if (!('heater' in near)) return this.solve(cells, heaterC, between, s, w, 'shut');
    let opening = openingAt(near.heater, heaterC);
    for (let again = 0; again < 3; again++) {
      this.solve(cells, heaterC, between, s, w, opening);
      const now = openingAt(near.heater, this.room.rhs[0] as number);
      if (now === opening) return;
      opening = again === 1 ? 'throttled' : now;
    }
  }

  /** Solves for the change of every cell: heat that leaves one comes to the next, whatever is rounded. */
  private solve(
    cells: Float64Array,
    heaterC: number,
    { near, far }: Between,
    s: number,
    w: number,
    opening: Opening,
  ): void {
    const { count, mass, half, between } = this.wall.cells;
    const { diag, rhs, upper } = this.room;
    // the heater, or nothing, at 0
    [diag[0], rhs[0], upper[0]] = [1, 0, 0];
    for (let i = 0; i < count; i++) {
      diag[i + 1] = mass[i] as number;
      rhs[i + 1] = 0;
    }
    const pass = (i: number, g: number, fromC: number) => {
      diag[i] = (diag[i] as number) + g;
      rhs[i] = (rhs[i] as number) + g * (fromC - (cells[i - 1] as number));
    };
    if ('heater' in near) {
      const g = w / ((half[0] as number) + 1 / near.joint);
      this.heat(near.heater, heaterC, w, opening);
      pass(1, g, heaterC);
      diag[0] = (diag[0] as number) + g;
      rhs[0] = (rhs[0] as number) - g * (heaterC - (cells[0] as number));
      upper[0] = -g;
    } else pass(1, w / ((half[0] as number) + 1 / near.h), near.atC(s));
    pass(count, w / ((half[count - 1] as number) + 1 / far.h), far.atC(s));
    for (let i = 0; i + 1 < count; i++) {
      const g = w * (between[i] as number);
      const flow = g * ((cells[i + 1] as number) - (cells[i] as number));
      upper[i + 1] = -g;
      diag[i + 1] = (diag[i + 1] as number) + g;
      diag[i + 2] = (diag[i + 2] as number) + g;
      rhs[i + 1] = (rhs[i + 1] as number) + flow;
      rhs[i + 2] = (rhs[i + 2] as number) - flow;
    }
    this.eliminate();
    rhs[0] = (rhs[0] as number) + heaterC;
    for (let i = 0; i < count; i++) rhs[i + 1] = (rhs[i + 1] as number) + (cells[i] as number);
  }

  /** Gauss on three diagonals; symmetric: what is above the diagonal is below it too. */
  private eliminate(): void {
    const { diag, rhs, upper } = this.room;
    const last = this.wall.cells.count;
    for (let i = 1; i <= last; i++) {
      const ratio = (upper[i - 1] as number) / (diag[i - 1] as number);
      diag[i] = (diag[i] as number) - ratio * (upper[i - 1] as number);
      rhs[i] = (rhs[i] as number) - ratio * (rhs[i - 1] as number);
    }
    rhs[last] = (rhs[last] as number) / (diag[last] as number);
    for (let i = last - 1; i >= 0; i--)
      rhs[i] =
        ((rhs[i] as number) - (upper[i] as number) * (rhs[i + 1] as number)) / (diag[i] as number);
  }

  /** The heater as the cell before the first: what it holds, and what its thermostat lets it give. */
  private heat(
    { mass, powerWm2, bandK, setC }: Heater,
    heaterC: number,
    w: number,
    opening: Opening,
  ): void {
    const { diag, rhs } = this.room;
    const slope = opening === 'throttled' ? powerWm2 / bandK : 0;
    diag[0] = mass + w * slope;
    rhs[0] = w * (opening === 'full' ? powerWm2 : slope * (setC - heaterC));
  }

  /** What is above boiling boils its water off first, once. */
  private boil({ cellsC, water }: WallState): void {
    const { count, mass } = this.wall.cells;
    for (let i = 0; i < count; i++) {
      const over = (cellsC[i] as number) - BOILING_C;
      const left = water[i] as number;
      if (over <= 0 || left <= 0) continue;
      const gone = Math.min(left, (over * (mass[i] as number)) / BOILS_J_KG);
      water[i] = left - gone;
      cellsC[i] = (cellsC[i] as number) - (gone * BOILS_J_KG) / (mass[i] as number);
    }
  }
}

/** The temperature of the joint after a cell, on its near and far side, °C. */
export function jointC(
  { cells }: Wall,
  { cellsC }: WallState,
  cell: number,
): { readonly near: number; readonly far: number } {
  const [before, after] = [cellsC[cell] as number, cellsC[cell + 1] as number];
  const flux = (cells.between[cell] as number) * (before - after);
  return {
    near: before - flux * (cells.half[cell] as number),
    far: after + flux * (cells.half[cell + 1] as number),
  };
}

/** What a wall holds above 0 °C, J/m², the heat to boil its water off left out. */
export const holdsJ = ({ cells }: Wall, { cellsC }: WallState): number =>
  cells.mass.reduce((sum, mass, i) => sum + mass * (cellsC[i] as number), 0);
