import { isCloth, isCup, type Blank, type Machine } from '../model';
import { CUP_RECIPES } from './cupRecipes';
import { FLAT_RECIPES } from './flatRecipes';
import type { Recipe, Work } from './recipe';

const RECIPES: readonly Recipe[] = [...CUP_RECIPES, ...FLAT_RECIPES];

/** What kind of work a blank is. */
export function workOf({ form, substrate }: Blank): Work {
  if (isCup(form)) return substrate.material === 'steel' ? 'steel cup' : 'cup';
  if (form.kind === 'garment') return 'garment';
  if (form.kind === 'socks') return 'socks';
  return isCloth(substrate) ? 'cloth panel' : 'thin hard blank';
}

const fits = (recipe: Recipe, machine: Machine, blank: Blank): boolean =>
  recipe.work === workOf(blank) && recipe.machines.includes(machine.kind);

/** Whether there is a known way to press such a blank with such a machine. */
export const worksOn = (machine: Machine, blank: Blank): boolean =>
  RECIPES.some((recipe) => fits(recipe, machine, blank));

/**
 * How a blank is pressed with a machine. Where no way is known it is the recipe of the same work on
 * another machine, and `core/check` stops it (`worksOn`).
 */
export function recipeFor(machine: Machine, blank: Blank): Recipe {
  const recipe =
    RECIPES.find((each) => fits(each, machine, blank)) ??
    RECIPES.find(({ work }) => work === workOf(blank));
  if (!recipe) throw new Error(`No recipe for “${workOf(blank)}”.`);
  return recipe;
}
