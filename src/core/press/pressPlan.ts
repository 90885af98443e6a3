import type { Face } from '../blank';
import type { Piece } from '../layout';
import { MAX_STEPS, type Job, type Machine, type OwnFigures } from '../model';
import type { UnitStyle } from '../units';
import { careCard, tapingPlan } from './advice';
import { dwellByArea } from './area';
import { displaySetting, splitTimer, type DisplaySetting, effectivePlate } from './machine';
import { orderProcesses, type Process } from './processes';
import type { Layer, Recipe } from './recipe';
import { recipeFor } from './recipes';
import { countOf, rowsOnPlate, type PlateRows } from './plateRows';
import { largestAreaMm2, planSides, type PressSide } from './sides';
import {
  layersFor,
  planSteps,
  pressesOn,
  settingsFor,
  type PressStep,
  type Settings,
  type StepsInput,
} from './steps';

/** Everything about the heat of a job, from the figures to the last step. */
export interface PressPlan {
  readonly settings: Settings;
  /** What to set at the machine; null where its program is fixed. */
  readonly display: DisplaySetting | null;
  /** The dwell as runs of the machine's timer, s. */
  readonly timer: readonly number[];
  /** By what rule the time goes with the picture's size; null where it does not. */
  readonly areaRule: string | null;
  readonly sides: readonly PressSide[];
  /** How blanks like this lie on the plate together; null where that does not arise. */
  readonly atOnce: PlateRows | null;
  /** How often all this is done for every copy, in a sentence; null for a single thing. */
  readonly rounds: string | null;
  readonly processes: readonly Process[];
  readonly taping: readonly string[];
  readonly care: readonly string[];
  /** The lay-up, from outside in. */
  readonly layers: readonly Layer[];
  /** Empty where there are too many. */
  readonly steps: readonly PressStep[];
  /** How many presses it would take, where that is too many to be gone through; else null. */
  readonly tooManyPresses: number | null;
}

export interface PressInput {
  readonly job: Job;
  readonly machine: Machine;
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  readonly figures: readonly OwnFigures[];
  readonly units: UnitStyle;
}

/** Whether the plate meets something thick and cold enough to cool it. */
export const cools = ({ blank }: Pick<Job, 'blank'>): boolean => blank.substrate.texture !== 'flat';

/** How many things one copy of the job makes: every name, and so many of every size. */
function itemsOf(pieces: readonly Piece[]): number {
  const copies = new Map(pieces.map(({ variant, copies: each }) => [variant, each]));
  return [...copies.values()].reduce((sum, each) => sum + each, 0);
}

/** The rounds of a batch: a big press earns its warm-up in one (common practice). */
function roundsOf(items: number, atOnce: PlateRows | null, machine: Machine): string | null {
  if (items < 2) return null;
  if (machine.kind === 'oven')
    return `${items} to make: as many at once as stand free, none touching another or the walls.`;
  const rounds = Math.ceil(items / Math.max(1, atOnce ? countOf(atOnce) : 1));
  return rounds === 1
    ? `All ${items} lie on the plate at once, none overlapping.`
    : `${items} to make in ${rounds} rounds; the machine stays hot between them, fresh cover paper each.`;
}

/** Own figures of the job's own transfer, not of another that goes on the same item. */
const NOTHING_OWN = { temperatureC: null, dwellS: null, pressure: null };

interface Main {
  readonly recipe: Recipe;
  readonly settings: Settings;
  readonly areaMm2: number;
  readonly sides: readonly PressSide[];
}

/** Presses of one plan at most; the steps around them come on top (`MAX_STEPS`). */
const MOST_PRESSES = MAX_STEPS - 200;

/** The steps of every process on the item, one after the other, the press reset in between. */
function stepsOfAll(
  input: PressInput,
  processes: readonly Process[],
  main: Main,
): Pick<PressPlan, 'steps' | 'tooManyPresses'> {
  const { job, machine, figures, units } = input;
  const { heat, blank } = job;
  const all = processes.map(({ transfer }) => {
    const own = transfer === job.transfer;
    const recipe = own
      ? main.recipe
      : recipeFor({
          ...{ machine, blank, transfer, figures, areaMm2: main.areaMm2 },
          school: heat.figureSchool,
        });
    const settings = own ? main.settings : settingsFor(recipe, { ...heat, own: NOTHING_OWN });
    const { temperatureC } = settings;
    const made: StepsInput = {
      ...{ settings, heat, machine, sides: main.sides },
      layers: layersFor(recipe, main.sides),
      display:
        temperatureC === null ? null : displaySetting(machine, temperatureC, units, cools(job)),
    };
    return { recipe, made };
  });
  const presses = all.reduce((sum, { recipe, made }) => sum + pressesOn(recipe, made), 0);
  if (presses > MOST_PRESSES) return { steps: [], tooManyPresses: presses };
  const steps = processes.flatMap(({ transfer, label, says }, i) => {
    const { recipe, made } = all[i] as (typeof all)[number];
    const steps = planSteps(recipe, made);
    if (processes.length === 1) return steps;
    return steps.map((step) => ({
      ...step,
      id: `${transfer}-${step.id}`,
      title: `${label}: ${step.title.toLowerCase()}`,
      detail: step.kind === 'heat-up' && i > 0 ? `${says} ${step.detail}` : step.detail,
      // set cooler or hotter, a hot press waits for its display, not for its warm-up
      durationS: step.kind === 'heat-up' && i > 0 ? null : step.durationS,
    }));
  });
  return { steps, tooManyPresses: null };
}

/** The recipe of a job on a machine, and the whole press plan that follows from it. */
export function planPress(input: PressInput): { recipe: Recipe; press: PressPlan } {
  const { job, machine, faces, pieces, figures, units } = input;
  const { blank, transfer, heat } = job;
  const sides = planSides(faces, pieces, machine, heat.sections);
  const areaMm2 = largestAreaMm2(sides);
  const recipe = recipeFor({
    ...{ machine, blank, transfer, figures, areaMm2 },
    school: heat.figureSchool,
  });
  const settings = settingsFor(recipe, heat);
  const display =
    settings.temperatureC === null
      ? null
      : displaySetting(machine, settings.temperatureC, units, cools(job));
  const layers = layersFor(recipe, sides);
  const plate = effectivePlate(machine);
  const [face] = faces;
  const [piece] = pieces;
  const processes = orderProcesses(blank, [transfer, ...heat.also], units);
  const atOnce = plate && face ? rowsOnPlate(face, plate) : null;
  return {
    recipe,
    press: {
      settings,
      display,
      timer: splitTimer(settings.dwellS, machine.timerMaxS),
      areaRule: recipe.byArea ? dwellByArea(recipe.byArea, areaMm2).says : null,
      sides,
      atOnce,
      rounds: roundsOf(itemsOf(pieces) * job.sheet.copies, atOnce, machine),
      processes,
      taping: tapingPlan(blank, piece ?? null, machine.kind === 'oven', units),
      care: careCard(blank, transfer),
      layers,
      ...stepsOfAll(input, processes, { recipe, settings, areaMm2, sides }),
    },
  };
}
