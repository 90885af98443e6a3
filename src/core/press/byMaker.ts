import type { Product } from '../model';
import type { CoolSchools, FirstPress, RecipeFacts, Task } from './recipe';
import { always } from './recipeParts';

/** How a thing is peeled where its maker says when (common practice), s. */
const PEELS: Readonly<Record<NonNullable<Product['peel']>, Task>> = {
  hot: { does: 'peel-hot', withinS: 10 },
  warm: { does: 'carrier-off-warm', durationS: 15, withinS: 5 },
  cold: { does: 'cool-fully', durationS: 120 },
};

/**
 * Cooling as the maker wants it: by the school that does so, where there are two. A cup cools as a cup does: its paper
 * is no sheet to peel, and it burns long after a sheet would be cold.
 */
function peeled({ cool }: RecipeFacts, peel: NonNullable<Product['peel']>): CoolSchools {
  if (cool.difference === 'handled-early') return cool;
  const schools = cool.difference === 'peeled-hot' || cool.difference === 'matt-or-gloss';
  if (schools && peel !== 'warm') return always(peel === 'hot' ? cool.A : cool.B);
  return always(PEELS[peel]);
}

const lasting = (task: Task, durationS: number | null): Task =>
  durationS === null ? task : { ...task, durationS };

/** The press of a film, for as long as its maker says. */
function filmFor(before: FirstPress, filmS: number | null): FirstPress {
  return filmS === null ? before : { ...before, task: { does: 'press-film-on' }, dwellS: filmS };
}

/**
 * A recipe as the maker of the paper or film wants it on a machine: whatever is said outranks common practice, the
 * rest stays.
 */
export function byMaker<R extends RecipeFacts>(
  recipe: R,
  product: Product | null,
  machineId: string,
): R {
  if (!product) return recipe;
  const says = product.figures.find((each) => each.machineId === machineId);
  const cool = product.peel === null ? recipe.cool : peeled(recipe, product.peel);
  if (!says) return { ...recipe, cool };
  const { temperatureC, pressure, dwellS, times, prePressS, filmS } = says;
  const figures = temperatureC !== null || dwellS !== null || times.length > 0;
  const dwell = dwellS ?? recipe.dwellS;
  return {
    ...recipe,
    cool,
    // a program that is fixed stays fixed
    temperatureC: recipe.temperatureC === null ? null : (temperatureC ?? recipe.temperatureC),
    dwellS: dwell,
    dwellRangeS: dwellS === null ? recipe.dwellRangeS : [dwell, dwell],
    byArea: times.length > 0 ? times : dwellS === null ? recipe.byArea : null,
    pressure: recipe.pressure === null ? null : (pressure ?? recipe.pressure),
    origin: figures ? "maker's sheet" : recipe.origin,
    schoolB: figures ? null : recipe.schoolB,
    ready: recipe.ready.map((task) =>
      task.durationS === undefined ? task : lasting(task, prePressS),
    ),
    before: recipe.before && filmFor(recipe.before, filmS),
  };
}
