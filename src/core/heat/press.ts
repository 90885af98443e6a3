import { PRIOR, type Assumed } from './assumed';
import { Conductor, jointC, stateOf, type Between, type WallState } from './conduct';
import { worthAt } from './dose';
import { conducting, elementOf, faceAfter, isRound, type Conducts, type Setup } from './setup';
import { SKIN } from '../traits';
import { wallOf, GRID, type Grid, type Surrounding, type Wall } from './wall';

/** How hot what is at a moment: what heats, the face the picture goes to, and the middle of the blank, °C. */
export interface HeatAt {
  readonly s: number;
  readonly heaterC: number;
  readonly faceC: number;
  readonly blankC: number;
  /** What the dye has got by then, as seconds at 200 °C. */
  readonly doseS: number;
}

/** What a pressing comes to. */
export interface Heated {
  readonly course: readonly HeatAt[];
  /** What the dye gets until it is peeled, as seconds at 200 °C. */
  readonly doseS: number;
  /** The part of it after it was taken out. */
  readonly afterS: number;
  /** The hottest the face with the picture, and the blank, become, °C. */
  readonly peakFaceC: number;
  readonly peakBlankC: number;
  /** The hottest the outer side of the print becomes, where tape holds it, °C; null where the blank lies over it. */
  readonly peakTapeC: number | null;
}

/** How finely time is cut: the first step after every change, by what factor each next is longer, and the longest; s. */
export interface Steps {
  readonly firstS: number;
  readonly growth: number;
  readonly mostS: number;
}
/** Fine enough for a dose to 0.3 % (by halving it). */
export const STEPS: Steps = { firstS: 0.01, growth: 1.06, mostS: 4 };

/** Stefan and Boltzmann's constant, W/m²K⁴ (CODATA), and how black paper, sleeves and ovens are (from memory). */
const SIGMA = 5.670374e-8;
const EMITS = 0.9;
/** Still air round a thing, and the air in a closed cup, without what they radiate, W/m²K (from memory). */
const STILL_WM2K = 5;
const INSIDE_WM2K = 5;
/** What a double wall lets through, W/m²K (from memory). */
const DOUBLE_WALL_WM2K = 1;
/** What a metal base below the pad takes up, W/m²K (own choice). */
const BASE_WM2K = 20;
/** About how warm what is taken out is meanwhile, for what it radiates, °C (own choice). */
const COOLING_C = 60;
/** What is left of a cloth's water once it was pressed dry (own choice). */
const PRESSED_DRY = 0.2;
/** How much cooler an oven's air is when its door was open, and how fast it comes back, s (guesses). */
const DIP_K = 60;
const DIP_S = 90;
/** Out and cooler than this, dye stands still: a second is worth 0.0002 of one at 200 °C. */
const STILL_C = 90;
/** Within so many K below its set point a thermostat throttles (own choice). */
const BAND_K = 4;

/** What two surfaces radiate to each other, as W/m²K. */
const radiates = (oneC: number, otherC: number): number =>
  4 * EMITS * SIGMA * ((oneC + otherC) / 2 + 273.15) ** 3;

const PRESSES = { light: -1, medium: 0, firm: 1 } as const;

/** What joints let through as hard as it is pressed, W/m²K. */
export function jointWm2K(
  { pressure, machine }: Setup,
  { jointWm2K: medium, lighter }: Assumed,
): number {
  // a sleeve shrunk on and a press's own weight are light, a clamp is medium
  const held = pressure ?? (elementOf({ machine }) === null ? 'light' : 'medium');
  return medium * lighter ** -PRESSES[held];
}

/** A stage of a pressing: between what, until when. */
interface Stage {
  readonly between: Between;
  readonly untilS: number;
  readonly isOut: boolean;
}

function surroundings(setup: Setup, assumed: Assumed) {
  const { plateC, roomC } = setup;
  const inRoom: Surrounding = { h: STILL_WM2K + radiates(COOLING_C, roomC), atC: () => roomC };
  const oven = (sinceS: number): Surrounding => ({
    h: assumed.fanWm2K + radiates(plateC, roomC),
    atC: (s) => plateC - DIP_K * Math.exp(-(s - sinceS) / DIP_S),
  });
  const still = { h: INSIDE_WM2K, atC: () => roomC };
  const vacuum = { h: DOUBLE_WALL_WM2K, atC: () => roomC };
  const inside = setup.work === 'steel cup' ? vacuum : still;
  const base = { h: BASE_WM2K, atC: () => roomC };
  const below = setup.heatedBelow ? { h: jointWm2K(setup, assumed), atC: () => plateC } : base;
  return { inRoom, oven, inside, below };
}

/** The stages of a pressing: closed, opened in the middle where it is, and out until it is peeled. */
function stagesOf(setup: Setup, assumed: Assumed): Stage[] {
  const { dwellS, openedS, plateC, roomC, start, peelAfterS } = setup;
  const { inRoom, oven, inside, below } = surroundings(setup, assumed);
  const element = elementOf(setup);
  const skinMm = element?.skinMm ?? 0;
  // what covers a foil is on the way of its heat, and stays with the machine
  const joint = 1 / (1 / jointWm2K(setup, assumed) + skinMm / 1000 / SKIN.k);
  const closed = (sinceS: number): Between => {
    const far = isRound(setup) ? inside : below;
    if (element)
      return {
        near: {
          joint,
          heater: {
            ...{ mass: element.mass, powerWm2: element.powerWm2 * assumed.power, bandK: BAND_K },
            ...{ setC: plateC, fromC: start === 'hot' ? plateC : roomC },
          },
        },
        far,
      };
    // an open cup is heated from within too
    const air = oven(sinceS);
    return { near: air, far: setup.work === 'cup' ? air : far };
  };
  const open: Between = { near: inRoom, far: isRound(setup) ? inside : below };
  const half = dwellS / 2;
  const split = openedS > 0;
  return [
    { between: closed(0), untilS: split ? half : dwellS, isOut: false },
    ...(split
      ? [
          { between: open, untilS: half + openedS, isOut: false },
          { between: closed(half + openedS), untilS: dwellS + openedS, isOut: false },
        ]
      : []),
    { between: open, untilS: dwellS + openedS + peelAfterS, isOut: true },
  ];
}

/** A wall for a setup: layers whose thickness is guessed are as thick as is assumed. */
function wallFor(setup: Setup, layers: readonly Conducts[], assumed: Assumed, grid: Grid) {
  const measured = setup.thicknessMm !== null;
  const joint = jointWm2K(setup, assumed);
  return wallOf(
    layers.map((layer) => {
      const isBlank = layer.role === 'blank';
      const known = layer.role === 'base' || (isBlank && (measured || isHard(setup)));
      const thicknessM = (layer.thicknessMm / 1000) * (known ? 1 : assumed.thickness);
      return {
        ...layer,
        thicknessM,
        fromC: isBlank ? setup.blankC : setup.roomC,
        waterKgM3: layer.waterKgM3 * (isBlank ? PRESSED_DRY : 1),
      };
    }),
    layers.slice(1).map(() => joint),
    grid,
  );
}
const isHard = ({ work }: Setup): boolean =>
  work === 'cup' || work === 'steel cup' || work === 'thin hard blank';

/** What a pressing is looked at by: its face, its blank, and what heats it. */
interface Probe {
  readonly wall: Wall;
  readonly face: number;
  readonly blank: number;
  /** Where tape lies on the print, towards the heat; null where the blank lies there. */
  readonly tape: number | null;
  /** Whether the blank lies beyond the face. */
  readonly beyond: boolean;
}

function probeOf(wall: Wall, layers: readonly Conducts[]): Probe | null {
  const after = faceAfter(layers);
  if (after === null) return null;
  const blank = layers.findIndex(({ role }) => role === 'blank');
  const print = layers.findIndex(({ role }) => role === 'print');
  const [from = 0, to = 0] = [wall.starts[blank], wall.starts[blank + 1]];
  return {
    wall,
    face: (wall.starts[after + 1] ?? 1) - 1,
    blank: Math.floor((from + to) / 2),
    tape: print < blank ? (wall.starts[print] ?? null) : null,
    beyond: blank > after,
  };
}

function readAt(
  { wall, face, blank, beyond }: Probe,
  state: WallState,
  near: Between['near'],
  s: number,
) {
  const joint = jointC(wall, state, face);
  return {
    s,
    heaterC: 'heater' in near ? state.heaterC : near.atC(s),
    faceC: beyond ? joint.far : joint.near,
    blankC: state.cellsC[blank] as number,
  };
}

/** How a pressing goes, by conduction through its layers; null where nothing is printed. */
export function heated(
  setup: Setup,
  assumed: Assumed = PRIOR,
  { grid = GRID, steps = STEPS }: { readonly grid?: Grid; readonly steps?: Steps } = {},
): Heated | null {
  const layers = conducting(setup);
  const { wall, fromC } = wallFor(setup, layers, assumed, grid);
  const probe = probeOf(wall, layers);
  if (!probe) return null;
  const stages = stagesOf(setup, assumed);
  const near = stages[0]?.between.near;
  const state = stateOf(wall, fromC, near && 'heater' in near ? near.heater.fromC : setup.plateC);
  const conductor = new Conductor(wall);
  const course: HeatAt[] = [];
  let s = 0;
  let doseS = 0;
  let outS = 0;
  let peakTapeC = -Infinity;
  for (const { between, untilS, isOut } of stages) {
    let dt = steps.firstS;
    let last = { ...readAt(probe, state, between.near, s), doseS };
    course.push(last);
    while (s < untilS - 1e-9 && !(isOut && last.faceC < STILL_C)) {
      const step = Math.min(dt, untilS - s);
      conductor.step(state, between, s, step);
      s += step;
      if (probe.tape !== null) peakTapeC = Math.max(peakTapeC, state.cellsC[probe.tape] as number);
      const read = readAt(probe, state, between.near, s);
      // Arrhenius is steep: between two moments it goes by the temperature between them
      const middle = worthAt((last.faceC + read.faceC) / 2, assumed.energy);
      const worth =
        (worthAt(last.faceC, assumed.energy) + 4 * middle + worthAt(read.faceC, assumed.energy)) /
        6;
      doseS += step * worth;
      if (isOut) outS += step * worth;
      last = { ...read, doseS };
      course.push(last);
      dt = Math.min(steps.mostS, dt * steps.growth);
    }
  }
  return {
    ...{ course, doseS, afterS: outS },
    peakFaceC: Math.max(...course.map(({ faceC }) => faceC)),
    peakBlankC: Math.max(...course.map(({ blankC }) => blankC)),
    peakTapeC: probe.tape === null ? null : peakTapeC,
  };
}
