import {
  NOTHING_OWN,
  type Blank,
  type DisplaySetting,
  type HeatSettings,
  type Layer,
  type Machine,
  type OwnFigures,
  type Settings,
  type TransferKind,
} from '../model';
import { TRANSFERS } from '../transfer';
import { fahrenheitToC } from '../units';
import { displaySetting } from './machine';
import type { Recipe } from './recipe';
import { recipeFor } from './recipes';
import type { PressSide } from './sides';

/** One transfer pressed onto the item, resolved once: everything after it reads it from here. */
export interface Pass {
  readonly transfer: TransferKind;
  readonly recipe: Recipe;
  readonly settings: Settings;
  /** What to set at the machine; null where its program is fixed. */
  readonly display: DisplaySetting | null;
  /** The lay-up, from outside in. */
  readonly layers: readonly Layer[];
  /** Whether it brings dye that is finished already out again. */
  readonly fadesDye: boolean;
}

/** What passes are resolved from. */
export interface PassesInput {
  readonly blank: Blank;
  readonly transfer: TransferKind;
  readonly heat: HeatSettings;
  readonly machine: Machine;
  readonly figures: readonly OwnFigures[];
  readonly sides: readonly PressSide[];
  /** Of the largest picture, mm². */
  readonly areaMm2: number;
}

/** Dye turns to gas, the first time and again, from about here up (from memory). */
export const DYE_MOVES_FROM_C = fahrenheitToC(350);

/** Whether the plate meets something thick and cold enough to cool it. */
export const cools = ({ blank }: { readonly blank: Blank }): boolean =>
  blank.substrate.texture !== 'flat';

/** The recipe's figures, overruled by the user's own. */
export function settingsFor(recipe: Recipe, own: HeatSettings['own']): Settings {
  const temperatureC =
    recipe.temperatureC === null ? null : (own.temperatureC ?? recipe.temperatureC);
  const dwellS = own.dwellS ?? recipe.dwellS;
  const pressure = recipe.pressure === null ? null : (own.pressure ?? recipe.pressure);
  return {
    ...{ temperatureC, dwellS, pressure, heatName: recipe.heatName },
    own:
      temperatureC !== recipe.temperatureC ||
      dwellS !== recipe.dwellS ||
      pressure !== recipe.pressure,
  };
}

/** The lay-up: where both sides of a hard blank are pressed together, a print on either side of it. */
export function layersFor(recipe: Recipe, sides: readonly PressSide[]): readonly Layer[] {
  const [front, back] = sides;
  if (recipe.sides !== 'together' || !front || !back) return recipe.layers;
  const of = (role: Layer['role']) => recipe.layers.filter((layer) => layer.role === role);
  const [cover, ...under] = of('protect');
  return [
    ...of('heat'),
    ...(cover ? [cover] : []),
    { is: 'print', role: 'print', note: 'ink-down-to-blank', faceId: front.faceId },
    ...of('blank').map(({ is, role }): Layer => ({ is, role, note: 'between-its-prints' })),
    { is: 'print', role: 'print', note: 'ink-up-to-blank', faceId: back.faceId },
    ...under,
  ];
}

/**
 * Every transfer that goes on the item, resolved, in the order that spoils least: the hotter first,
 * since a second, hotter heat would bring finished dye out again (common practice).
 */
export function resolvePasses(input: PassesInput): readonly Pass[] {
  const { blank, transfer: main, heat, machine, figures, sides, areaMm2 } = input;
  const resolved = [...new Set([main, ...heat.also])].map((transfer) => {
    const recipe = recipeFor({
      ...{ machine, blank, transfer, figures, areaMm2 },
      school: heat.figureSchool,
    });
    const settings = settingsFor(recipe, transfer === main ? heat.own : NOTHING_OWN);
    const { temperatureC } = settings;
    return {
      ...{ transfer, recipe, settings, layers: layersFor(recipe, sides) },
      display:
        temperatureC === null ? null : displaySetting(machine, temperatureC, cools({ blank })),
    };
  });
  const heatOf = ({ settings }: (typeof resolved)[number]) => settings.temperatureC ?? 0;
  const ordered = resolved.sort((a, b) => heatOf(b) - heatOf(a));
  return ordered.map((pass, i) => ({
    ...pass,
    fadesDye:
      ordered.slice(0, i).some((each) => TRANSFERS[each.transfer].dye) &&
      heatOf(pass) >= DYE_MOVES_FROM_C,
  }));
}
