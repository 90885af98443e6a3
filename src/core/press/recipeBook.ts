import { keysOf } from '../keys';
import { CUP_RECIPES } from './cupRecipes';
import { FLAT_RECIPES } from './flatRecipes';
import type { RecipeFacts } from './recipe';
import { STUCK_RECIPES } from './stuckRecipes';

const BOOK = { ...CUP_RECIPES, ...FLAT_RECIPES, ...STUCK_RECIPES };

/** Identity of one recipe; kept in records. */
export type RecipeId = keyof typeof BOOK;

/** A recipe with its identity; `words/press/recipes` names it. */
export interface Recipe extends RecipeFacts {
  readonly id: RecipeId;
}

/** Every way the app knows to press something; of several that suit, the first is taken. */
export const RECIPES: readonly Recipe[] = keysOf(BOOK).map((id) => ({ id, ...BOOK[id] }));
