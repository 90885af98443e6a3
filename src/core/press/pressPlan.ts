import { isCup, type Face } from '../form';
import { lyingOf, type Piece } from '../layout';
import {
  areTestPieces,
  thingLabels,
  thingsIn,
  type Blank,
  type DisplaySetting,
  type HeatSettings,
  type Job,
  type Machine,
  type OwnFigures,
  type Paper,
  type Program,
  type Settings,
} from '../model';
import { MACHINES, type CareCode } from '../traits';
import { careFor, tapingFor, type Taping } from './advice';
import { dwellByArea, type AreaDwell } from './area';
import { effectivePlate, splitTimer } from './machine';
import { resolvePasses, type Pass, type PrintShape } from './passes';
import { countOf, rowsOnPlate, type PlateRows } from './plateRows';
import { programOf } from './program';
import type { Recipe } from './recipeBook';
import { suppliesFor, type Supply } from './supplies';
import { largestAreaMm2, pairedSides, piecesOfOne, planSides, type PressSide } from './sides';

/** The rounds of a batch. */
export interface Rounds {
  readonly items: number;
  /** How often the machine is loaded; null where that depends on how many stand free in it. */
  readonly loads: number | null;
}

/** Everything about the heat of one pass. */
export interface PassHeat {
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
  readonly taping: readonly Taping[];
  readonly care: readonly CareCode[];
  /** How the maker of the paper or film says it is washed; empty where nothing is said. */
  readonly wash: string;
}

/** Everything about the heat of a job, from the figures of its first pass to the last operation. */
export interface PressPlan extends PassHeat {
  /** All transfers that go on the item, in the order they are pressed. */
  readonly passes: readonly Pass[];
  /** What is done, in order; empty where there are too many presses. */
  readonly program: Program;
  /** What to lay ready for it. */
  readonly supplies: readonly Supply[];
  /** How many presses it would take, where that is too many to be gone through; else null. */
  readonly tooManyPresses: number | null;
}

/** One transfer that goes on the item, laid out. */
export interface LaidPass {
  readonly id: string;
  /** The job as it is seen from the pass. */
  readonly seen: Job;
  readonly machine: Machine;
  readonly tools: { readonly paper: Paper; readonly film: Paper | null };
  readonly pieces: readonly Piece[];
  /** The pieces of film below its prints; null where none is. */
  readonly film: { readonly pieces: readonly Piece[] } | null;
}

/** What pressing is planned from. */
export interface PressInput {
  readonly faces: readonly Face[];
  readonly figures: readonly OwnFigures[];
  /** Every pass of the job, its first before the others. */
  readonly passes: readonly LaidPass[];
}

/** The hottest that is pressed: of test pieces the hottest of them, °C; null where the machine has one heat. */
export function hottestOf({
  settings,
  passes,
}: Pick<PressPlan, 'settings' | 'passes'>): number | null {
  const { temperatureC } = settings;
  if (temperatureC === null) return null;
  const pieces = passes.flatMap(({ each }) => each.map((one) => one.settings.temperatureC ?? 0));
  return Math.max(temperatureC, ...pieces);
}

/** How a pass of a job is pressed, and by which recipe. */
export interface PlannedPass {
  readonly recipe: Recipe;
  readonly heat: PassHeat;
}

const perLoadOf = (atOnce: PlateRows | null): number => Math.max(1, atOnce ? countOf(atOnce) : 1);

/** Whether pieces of several sheets are fitted into each other on one thing. */
const fittedTogether = (pieces: readonly Piece[]): boolean =>
  pieces.some(
    ({ called, fill, items }) =>
      called.kind === 'ground' &&
      fill === null &&
      pieces.some(
        (other) => other.called.kind !== 'ground' && other.items.some((id) => items.includes(id)),
      ),
  );

/** What the print of a pass comes as. */
function shapeOf(pieces: readonly Piece[]): PrintShape {
  if (pieces.some(({ called }) => called.kind === 'folded')) return 'folded';
  const part = pieces.some(({ called }) => called.kind === 'part');
  return part || fittedTogether(pieces) ? 'loose' : 'whole';
}

/** What the sheets of a pass were bought as; the maker of a film knows how what goes on it is pressed. */
const productOf = ({ film, paper }: LaidPass['tools']) => film?.product ?? paper.product;

/** The largest of some pieces, mm; null where there are none. */
function largestOf(pieces: readonly Piece[]): Pass['film'] {
  const [first, ...others] = pieces;
  return first
    ? others.reduce((most, each) => (areaOf(each) > areaOf(most) ? each : most), first)
    : null;
}
const areaOf = ({ widthMm, heightMm }: Piece): number => widthMm * heightMm;

/** How a garment is made ready; a cap has no centre line to fold. */
function garmentWay({ form }: Blank): 'creased' | 'bundled' | null {
  if (form.kind !== 'garment') return null;
  if (form.bundle) return 'bundled';
  return form.garment === 'cap' ? null : 'creased';
}

/** The rounds of a batch: a big press earns its warm-up in one (common practice). */
function roundsOf(
  items: number,
  atOnce: PlateRows | null,
  { kind }: Machine,
  oneByOne: boolean,
): Rounds | null {
  if (items < 2) return null;
  if (oneByOne) return { items, loads: items };
  if (MACHINES[kind].batches === 'standing free') return { items, loads: null };
  return { items, loads: Math.ceil(items / perLoadOf(atOnce)) };
}

const conditionsOf = (heat: HeatSettings): Program['conditions'] => {
  const { cover, pad, overDye, coolSchool, figureSchool } = heat;
  return { cover, pad, overDye, coolSchool, figureSchool, again: null };
};

/** What is pressed of a pass; one whose pictures are not here goes where those of the first pass are. */
function sidesOf({ pieces, machine, seen }: LaidPass, { faces, passes }: PressInput) {
  const shown = pieces.length > 0 ? pieces : (passes[0]?.pieces ?? []);
  const sides = planSides(faces, piecesOfOne(seen, shown), machine, seen.heat.sections);
  return pairedSides(sides, countOn(machine, faces));
}

/** How many of a blank's first face lie on a machine's plate; 1 where it has none. */
function countOn(machine: Machine, [face]: readonly Face[]): number {
  const plate = effectivePlate(machine);
  return plate && face ? countOf(rowsOnPlate(face, plate)) : 1;
}

/** How blanks lie on a machine's plate together, and how often it is loaded for all of them. */
function batchOf({ machine, seen }: LaidPass, faces: readonly Face[], items: number) {
  const [face] = faces;
  const plate = effectivePlate(machine);
  // a pair takes two places: its loads are those of the pair
  const pair = seen.blank.form.kind === 'socks';
  // test pieces are pressed one by one, each by its own figures
  const alone = pair || areTestPieces(seen);
  const atOnce = plate && face && !alone ? rowsOnPlate(face, plate) : null;
  return { atOnce, rounds: roundsOf(items, atOnce, machine, areTestPieces(seen)) };
}

/**
 * How every pass of a job is pressed, by which recipe, and the whole press plan that follows.
 * @returns the passes in the order they were given, beside the plan.
 */
export function planPress(input: PressInput): {
  readonly each: readonly PlannedPass[];
  readonly press: PressPlan;
} {
  const job = input.passes[0]?.seen;
  if (!job) throw new Error('A job has at least one pass.');
  const items = thingsIn(job);
  const batches = input.passes.map((pass) => batchOf(pass, input.faces, items));
  const passes = resolvePasses(
    input.passes.map((pass, i) => ({
      ...pass,
      figures: input.figures,
      sides: sidesOf(pass, input),
      product: productOf(pass.tools),
      film: largestOf(pass.film?.pieces ?? []),
      lies: lyingOf(pass.seen, pass.pieces).slice(0, 40),
      print: shapeOf(pass.pieces),
      perLoad: perLoadOf(batches[i]?.atOnce ?? null),
      loads: batches[i]?.rounds?.loads ?? 1,
    })),
  );
  const each = input.passes.flatMap(({ id, seen, pieces, tools }, i): PlannedPass[] => {
    const pass = passes.find((one) => one.id === id);
    const batch = batches[i];
    if (!pass || !batch) return [];
    const { recipe, settings, display, machine, sides } = pass;
    const areaMm2 = largestAreaMm2(sides);
    const heat: PassHeat = {
      ...{ settings, display, sides, ...batch },
      timer: splitTimer(settings.dwellS, machine.timerMaxS),
      areaRule: recipe.byArea ? dwellByArea(recipe.byArea, areaMm2) : null,
      taping: tapingFor(seen.blank, pieces[0] ?? null, MACHINES[machine.kind].sleeved),
      care: careFor(seen.blank, seen.transfer),
      wash: productOf(tools)?.wash ?? '',
    };
    return [{ recipe, heat }];
  });
  const [first] = each;
  if (!first) throw new Error('A job has at least one pass.');
  const { blank, heat } = job;
  const made = programOf({
    passes,
    conditions: conditionsOf(heat),
    things: thingLabels(job),
    blank: { id: blank.id, name: blank.name },
    handle: isCup(blank.form) && blank.form.handleGapMm > 0,
    garment: garmentWay(blank),
  });
  const supplies = suppliesFor(made.program, passes, first.heat.taping, Math.max(1, items));
  return { each, press: { ...first.heat, passes, ...made, supplies } };
}
