import {
  areTestPieces,
  FIRST_PASS,
  type Blank,
  type DisplaySetting,
  type HeatSettings,
  type Job,
  type Layer,
  type Lying,
  type Machine,
  type OwnFigures,
  type Product,
  type Settings,
  type TransferKind,
} from '../model';
import { TRANSFERS } from '../transfer';
import { fahrenheitToC } from '../units';
import { displaySetting } from './machine';
import type { Recipe } from './recipeBook';
import { recipeFor } from './recipes';
import { largestAreaMm2, type PressSide } from './sides';

/** What a print comes as: one sheet a face, folded over both faces, or parts cut loose. */
export type PrintShape = 'whole' | 'folded' | 'loose';

/** What one test piece is pressed at, and what to set at the machine for it. */
export interface PieceSettings {
  readonly settings: Settings;
  readonly display: DisplaySetting | null;
}

/** One transfer pressed onto the item, resolved once: everything after it reads it from here. */
export interface Pass {
  /** Which pass of the job it is. */
  readonly id: string;
  readonly transfer: TransferKind;
  readonly machine: Machine;
  readonly recipe: Recipe;
  readonly settings: Settings;
  /** Of test pieces the figures of each, a load each; none where all things are pressed alike. */
  readonly each: readonly PieceSettings[];
  /** What to set at the machine; null where its program is fixed. */
  readonly display: DisplaySetting | null;
  /** The largest piece of film it takes, mm; null where none lies below its print. */
  readonly film: { readonly widthMm: number; readonly heightMm: number } | null;
  /** What is pressed, with its placements under the machine's plate. */
  readonly sides: readonly PressSide[];
  /** The lay-up, from outside in. */
  readonly layers: readonly Layer[];
  /** Which school is followed for cooling and peeling. */
  readonly coolSchool: HeatSettings['coolSchool'];
  /** Where its papers lie, by tape measure. */
  readonly lies: readonly Lying[];
  /** Whether its print is folded over the blank, or comes as loose pieces. */
  readonly print: PrintShape;
  /** How many things one load takes. */
  readonly perLoad: number;
  /** How often the machine is loaded for the whole batch; 1 for a single thing, or where that is not known. */
  readonly loads: number;
  /** Whether it brings dye that is finished already out again. */
  readonly fadesDye: boolean;
}

/** What a pass is resolved from. */
export interface PassInput {
  readonly id: string;
  /** The job as it is seen from the pass. */
  readonly seen: Pick<Job, 'blank' | 'transfer' | 'heat' | 'items'>;
  readonly machine: Machine;
  readonly figures: readonly OwnFigures[];
  readonly film: Pass['film'];
  /** The paper or film as it was bought. */
  readonly product: Product | null;
  readonly sides: readonly PressSide[];
  readonly lies: readonly Lying[];
  readonly print: PrintShape;
  readonly perLoad: number;
  readonly loads: number;
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

/** Settings with what to set at the machine for them. */
function shown(settings: Settings, { seen, machine }: PassInput): PieceSettings {
  const { temperatureC } = settings;
  const display = temperatureC === null ? null : displaySetting(machine, temperatureC, cools(seen));
  return { settings, display };
}

/** Of test pieces the figures of each, copy by copy. */
function eachOf(recipe: Recipe, input: PassInput): readonly PieceSettings[] {
  const { id, seen } = input;
  if (id !== FIRST_PASS || !areTestPieces(seen)) return [];
  return seen.items.flatMap(({ heat, copies }) => {
    const one = shown(settingsFor(recipe, { ...seen.heat.own, ...heat }), input);
    return Array.from({ length: copies }, () => one);
  });
}

function resolved(input: PassInput): Omit<Pass, 'fadesDye'> {
  const { id, seen, machine, figures, product, ...given } = input;
  const { blank, transfer, heat } = seen;
  const recipe = recipeFor({
    ...{ machine, blank, transfer, figures, product },
    areaMm2: largestAreaMm2(given.sides),
    school: heat.figureSchool,
  });
  const each = eachOf(recipe, input);
  return {
    ...{ id, transfer, machine, recipe, each, ...given },
    ...(each[0] ?? shown(settingsFor(recipe, heat.own), input)),
    layers: layersFor(recipe, given.sides),
    coolSchool: heat.coolSchool,
  };
}

/**
 * Every transfer that goes on the item, resolved, in the order that spoils least: the hotter first,
 * since a second, hotter heat would bring finished dye out again (common practice).
 */
export function resolvePasses(inputs: readonly PassInput[]): readonly Pass[] {
  const heatOf = ({ settings }: Pick<Pass, 'settings'>) => settings.temperatureC ?? 0;
  const ordered = inputs.map(resolved).sort((a, b) => heatOf(b) - heatOf(a));
  return ordered.map((pass, i) => ({
    ...pass,
    fadesDye:
      ordered.slice(0, i).some((each) => TRANSFERS[each.transfer].dye) &&
      heatOf(pass) >= DYE_MOVES_FROM_C,
  }));
}
