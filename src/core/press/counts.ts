import { MAX_OPERATIONS } from '../model';
import type { Pass } from './passes';
import type { PressSide } from './sides';

/** The separate pictures of a side that are ironed one by one, each by its own size; none where one time holds for all. */
export function onesByOne({ recipe, settings }: Pass, side: PressSide | null): PressSide['motifs'] {
  const own = settings.dwellS !== recipe.dwellS;
  return recipe.byArea && !own && side && side.motifs.length > 1 ? side.motifs : [];
}

/** More loads than this are not gone through one by one: the first stands for all (own choice). */
const MOST_LOADS = 60;

/** How often a pass goes through its operations for a batch. */
export const loadsIn = ({ loads }: Pass): number => (loads <= MOST_LOADS ? loads : 1);

/** Presses of one program at most; what is done around them comes on top (`MAX_OPERATIONS`). */
export const MOST_PRESSES = MAX_OPERATIONS - 200;

/** How many presses, timer runs counted one by one, a pass comes to. */
export function pressesIn(pass: Pass): number {
  const { recipe, settings, machine, sides } = pass;
  const runs = Math.ceil(settings.dwellS / (machine.timerMaxS ?? Infinity) - 1e-9) || 1;
  const rounds = recipe.sides === 'in turn' ? sides : sides.slice(0, 1);
  const places = rounds.reduce(
    (sum, side) => sum + Math.max(1, side.sections.length, onesByOne(pass, side).length),
    0,
  );
  const main = Math.max(1, places) * Math.max(1, runs) * (recipe.turn ? 2 : 1);
  const extras = [recipe.before, recipe.after].filter((press) => press !== null).length;
  return loadsIn(pass) * (main + extras * Math.max(1, places));
}
