import type { HeatSettings, Pressure } from '../model';
import { formatDuration, formatTemperature, type UnitStyle } from '../units';
import type { Layer, Recipe, Task } from './recipe';

/** What this pressing is set to: the recipe, overruled by the user's own figures. */
export interface Settings {
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
  /** Whether any figure is the user's own. */
  readonly own: boolean;
}

export type StepKind = 'prepare' | 'heat-up' | 'stack' | 'press' | 'cool' | 'unwrap';

/** One thing to do at the press. */
export interface PressStep {
  readonly id: string;
  readonly kind: StepKind;
  readonly title: string;
  readonly detail: string;
  readonly temperatureC: number | null;
  /** Seconds counted down; null where the person says when it is done. */
  readonly durationS: number | null;
  readonly pressure: Pressure | null;
  /** From outside in; empty where nothing is laid. */
  readonly layers: readonly Layer[];
  readonly cautions: readonly string[];
}

export function settingsFor(recipe: Recipe, { own }: HeatSettings): Settings {
  const fixedProgram = recipe.temperatureC === null;
  const temperatureC = fixedProgram ? null : (own.temperatureC ?? recipe.temperatureC);
  const dwellS = own.dwellS ?? recipe.dwellS;
  const pressure = recipe.pressure === null ? null : (own.pressure ?? recipe.pressure);
  return {
    temperatureC,
    dwellS,
    pressure,
    own:
      temperatureC !== recipe.temperatureC ||
      dwellS !== recipe.dwellS ||
      pressure !== recipe.pressure,
  };
}

/** The settings in one line, e.g. `400 °F · 3 min · medium`. */
export function settingsLine(settings: Settings, units: UnitStyle): string {
  const { temperatureC, dwellS, pressure } = settings;
  return [
    temperatureC === null ? 'fixed heat' : formatTemperature(temperatureC, units.temperature),
    formatDuration(dwellS),
    ...(pressure === null ? [] : [pressure]),
  ].join(' · ');
}

const GLOVES = 'Gloves on: this burns.';

/** The order at the press, from the first wipe to the finished thing. */
export function planPress(recipe: Recipe, heat: HeatSettings): PressStep[] {
  const settings = settingsFor(recipe, heat);
  const step = (
    id: string,
    kind: StepKind,
    task: Task,
    more: Partial<PressStep> = {},
  ): PressStep => ({
    id,
    kind,
    title: task.title,
    detail: task.detail,
    temperatureC: null,
    durationS: task.durationS ?? null,
    pressure: null,
    layers: [],
    cautions: [],
    ...more,
  });
  return [
    ...recipe.preparation.map((task, i) => step(`prepare-${i + 1}`, 'prepare', task)),
    step('heat-up', 'heat-up', recipe.heatUp, {
      temperatureC: settings.temperatureC,
      cautions: recipe.cautions,
    }),
    step(
      'stack',
      'stack',
      {
        title: 'Check the stack',
        detail: 'From the heat inwards, with nothing between print and blank.',
      },
      { layers: recipe.layers },
    ),
    step(
      'press',
      'press',
      { title: 'Press', detail: recipe.pressing, durationS: settings.dwellS },
      {
        temperatureC: settings.temperatureC,
        pressure: settings.pressure,
        layers: recipe.layers,
        cautions: [GLOVES],
      },
    ),
    step('cool', 'cool', recipe.cool[heat.coolSchool], { cautions: [GLOVES] }),
    step('unwrap', 'unwrap', recipe.unwrap),
  ];
}
