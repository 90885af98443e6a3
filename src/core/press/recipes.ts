import { workOf } from '../blank';
import type { Blank, HeatSettings, Machine, OwnFigures, Product, TransferKind } from '../model';
import { MACHINES } from '../traits';
import { dwellByArea } from './area';
import { byMaker } from './byMaker';
import { RECIPES, type Recipe } from './recipeBook';

const suits = (recipe: Recipe, blank: Blank, transfer: TransferKind): boolean =>
  recipe.works.includes(workOf(blank)) && recipe.transfers.includes(transfer);

/** Whether a recipe is for such a machine; a cap attachment is shaped for caps and nothing else. */
const runsOn = (recipe: Recipe, { kind }: Machine, { form }: Blank): boolean =>
  recipe.machines.includes(kind) &&
  (!MACHINES[kind].capsOnly || (form.kind === 'garment' && form.garment === 'cap'));

/** Whether there is a known way to press such a blank with such a machine by such a transfer. */
export const worksOn = (machine: Machine, blank: Blank, transfer: TransferKind): boolean =>
  RECIPES.some((each) => suits(each, blank, transfer) && runsOn(each, machine, blank));

/** Whether such a blank takes such a transfer at all, on any machine. */
export const canTake = (blank: Blank, transfer: TransferKind): boolean =>
  RECIPES.some((each) => suits(each, blank, transfer));

/** What own figures are for. */
type FiguresFor = Pick<OwnFigures, 'blankId' | 'transfer' | 'machineId'>;

/** Own figures with their id: one set for a blank, transfer and machine, so new ones replace the old. */
export const ownFigures = (figures: Omit<OwnFigures, 'id'>): OwnFigures => ({
  id: `${figures.transfer}.${figures.machineId.slice(0, 30)}.${figures.blankId}`.slice(0, 80),
  ...figures,
});

/** The own figures for a blank, transfer and machine, where there are any. */
export const figuresFor = (
  figures: readonly OwnFigures[],
  { blankId, transfer, machineId }: FiguresFor,
): OwnFigures | undefined =>
  figures.find(
    (each) =>
      each.blankId === blankId && each.transfer === transfer && each.machineId === machineId,
  );

/** What a recipe is chosen by. */
export interface RecipeInput {
  readonly machine: Machine;
  readonly blank: Blank;
  readonly transfer: TransferKind;
  readonly school: HeatSettings['figureSchool'];
  /** Of the largest picture, mm²: some times go by it. */
  readonly areaMm2: number;
  /** The user's own figures; those for this blank, transfer and machine outrank ours. */
  readonly figures: readonly OwnFigures[];
  /** The paper or film as it was bought; null where nothing is known of it. */
  readonly product: Product | null;
}

/**
 * How a blank is pressed with a machine: the recipe, by the school followed and the size of the
 * picture, overruled by what the maker of the paper gives for this machine, and both by the user's own figures for
 * this blank and transfer. Where no way is known it
 * is the nearest one, and `core/check` stops it (`worksOn`).
 */
export function recipeFor(input: RecipeInput): Recipe {
  const { machine, blank, transfer, school, areaMm2, figures, product } = input;
  const work = workOf(blank);
  const usual =
    RECIPES.find((each) => suits(each, blank, transfer) && runsOn(each, machine, blank)) ??
    RECIPES.find((each) => suits(each, blank, transfer)) ??
    RECIPES.find(({ works }) => works.includes(work));
  if (!usual) throw new Error(`No recipe for “${work}”.`);
  const recipe = byMaker(usual, product, machine.id);
  const own = figuresFor(figures, { blankId: blank.id, transfer, machineId: machine.id });
  if (own)
    return {
      ...recipe,
      temperatureC: recipe.temperatureC === null ? null : (own.temperatureC ?? recipe.temperatureC),
      dwellS: own.dwellS,
      dwellRangeS: [own.dwellS, own.dwellS],
      pressure: own.pressure ?? recipe.pressure,
      origin: own.origin,
      schoolB: null,
      byArea: null,
    };
  if (school === 'B' && recipe.schoolB) {
    const other = recipe.schoolB;
    return { ...recipe, ...other, dwellRangeS: [other.dwellS, other.dwellS] };
  }
  if (!recipe.byArea) return recipe;
  const { dwellS } = dwellByArea(recipe.byArea, areaMm2);
  return { ...recipe, dwellS, dwellRangeS: [dwellS, dwellS] };
}
