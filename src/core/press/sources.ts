import type { Origin, Pressure } from '../model';
import { figuresFor, recipeFor, type RecipeInput } from './recipes';

/** One source of figures for the same pressing: °C, s. */
export interface FigureSource {
  readonly from: 'yours' | 'maker' | 'usual';
  readonly origin: Origin;
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
}

/**
 * Every source of figures that says something for a pressing, the one that counts first: the person's own for the
 * blank, the maker's of paper or film, common practice.
 */
export function figureSources(input: RecipeInput): readonly FigureSource[] {
  const { blank, transfer, machine, figures, product } = input;
  const own = figuresFor(figures, { blankId: blank.id, transfer, machineId: machine.id });
  const said = product?.figures.some(({ machineId }) => machineId === machine.id) ?? false;
  const told = (from: FigureSource['from'], more: Partial<RecipeInput>): FigureSource => {
    const { origin, temperatureC, dwellS, pressure } = recipeFor({ ...input, ...more });
    return { from, origin, temperatureC, dwellS, pressure };
  };
  return [
    ...(own ? [told('yours', {})] : []),
    ...(said ? [told('maker', { figures: [] })] : []),
    told('usual', { figures: [], product: null }),
  ];
}
