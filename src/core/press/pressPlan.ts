import { isCup, type Face } from '../blank';
import type { Piece } from '../layout';
import type {
  DisplaySetting,
  HeatSettings,
  Job,
  Machine,
  OwnFigures,
  Program,
  Settings,
} from '../model';
import { MACHINES, type CareCode } from '../traits';
import { careFor, tapingFor, type Taping } from './advice';
import { dwellByArea, type AreaDwell } from './area';
import { effectivePlate, splitTimer } from './machine';
import { resolvePasses, type Pass } from './passes';
import { countOf, rowsOnPlate, type PlateRows } from './plateRows';
import { programOf } from './program';
import type { Recipe } from './recipe';
import { largestAreaMm2, planSides, type PressSide } from './sides';

/** The rounds of a batch. */
export interface Rounds {
  readonly items: number;
  /** How often the machine is loaded; null where that depends on how many stand free in it. */
  readonly loads: number | null;
}

/** Everything about the heat of a job, from the figures to the last operation. */
export interface PressPlan {
  /** Of the job's own transfer. */
  readonly settings: Settings;
  /** What to set at the machine for it; null where its program is fixed. */
  readonly display: DisplaySetting | null;
  /** Its dwell as runs of the machine's timer, s. */
  readonly timer: readonly number[];
  /** By what rule the time goes with the picture's size; null where it does not. */
  readonly areaRule: AreaDwell | null;
  readonly sides: readonly PressSide[];
  /** How blanks like this lie on the plate together; null where that does not arise. */
  readonly atOnce: PlateRows | null;
  /** How often all this is done for every copy; null for a single thing. */
  readonly rounds: Rounds | null;
  /** All transfers that go on the item, in the order they are pressed. */
  readonly passes: readonly Pass[];
  readonly taping: readonly Taping[];
  readonly care: readonly CareCode[];
  /** What is done, in order; empty where there are too many presses. */
  readonly program: Program;
  /** How many presses it would take, where that is too many to be gone through; else null. */
  readonly tooManyPresses: number | null;
}

/** What pressing is planned from. */
export interface PressInput {
  readonly job: Job;
  readonly machine: Machine;
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  readonly figures: readonly OwnFigures[];
}

/** How many things one copy of the job makes: every name, and so many of every size. */
function itemsOf(pieces: readonly Piece[]): number {
  const copies = new Map(pieces.map(({ variant, copies: each }) => [variant, each]));
  return [...copies.values()].reduce((sum, each) => sum + each, 0);
}

/** The rounds of a batch: a big press earns its warm-up in one (common practice). */
function roundsOf(items: number, atOnce: PlateRows | null, { kind }: Machine): Rounds | null {
  if (items < 2) return null;
  if (MACHINES[kind].batches === 'standing free') return { items, loads: null };
  return { items, loads: Math.ceil(items / Math.max(1, atOnce ? countOf(atOnce) : 1)) };
}

const conditionsOf = (heat: HeatSettings): Program['conditions'] => {
  const { cover, pad, overDye, coolSchool, figureSchool } = heat;
  return { cover, pad, overDye, coolSchool, figureSchool };
};

/** The recipe of a job on a machine, and the whole press plan that follows from it. */
export function planPress(input: PressInput): { recipe: Recipe; press: PressPlan } {
  const { job, machine, faces, pieces, figures } = input;
  const { blank, transfer, heat } = job;
  const sides = planSides(faces, pieces, machine, heat.sections);
  const areaMm2 = largestAreaMm2(sides);
  const passes = resolvePasses({ blank, transfer, heat, machine, figures, sides, areaMm2 });
  const own = passes.find((pass) => pass.transfer === transfer);
  if (!own) throw new Error('A job has a pass of its own transfer.');
  const { recipe, settings, display } = own;
  const plate = effectivePlate(machine);
  const [face] = faces;
  const [piece] = pieces;
  const atOnce = plate && face ? rowsOnPlate(face, plate) : null;
  const rounds = roundsOf(itemsOf(pieces) * job.sheet.copies, atOnce, machine);
  return {
    recipe,
    press: {
      ...{ settings, display, sides, atOnce, passes },
      timer: splitTimer(settings.dwellS, machine.timerMaxS),
      areaRule: recipe.byArea ? dwellByArea(recipe.byArea, areaMm2) : null,
      rounds,
      taping: tapingFor(blank, piece ?? null, MACHINES[machine.kind].sleeved),
      care: careFor(blank, transfer),
      ...programOf({
        ...{ passes, machine, sides },
        conditions: conditionsOf(heat),
        blank: { id: blank.id, name: blank.name },
        handle: isCup(blank.form) && blank.form.handleGapMm > 0,
        loads: rounds?.loads ?? 1,
      }),
    },
  };
}
