import type { HeatSettings, Machine, Pressure } from '../model';
import { formatDuration, formatTemperature, type UnitStyle } from '../units';
import { splitTimer, type DisplaySetting } from './machine';
import type { Layer, Pass, Recipe, Task } from './recipe';
import type { PressSide } from './sides';

/** What this pressing is set to: the recipe, overruled by the user's own figures. */
export interface Settings {
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
  /** What to call the heat where it is not set in degrees. */
  readonly heatName?: string;
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
    ...(recipe.heatName ? { heatName: recipe.heatName } : {}),
    own:
      temperatureC !== recipe.temperatureC ||
      dwellS !== recipe.dwellS ||
      pressure !== recipe.pressure,
  };
}

/** The settings in one line, e.g. `400 °F · 3 min · medium`. */
export function settingsLine(settings: Settings, units: UnitStyle): string {
  const { temperatureC, dwellS, pressure, heatName = 'fixed heat' } = settings;
  return [
    temperatureC === null ? heatName : formatTemperature(temperatureC, units.temperature),
    formatDuration(dwellS),
    ...(pressure === null ? [] : [pressure]),
  ].join(' · ');
}

const GLOVES = 'Gloves on: this burns.';

/** What the steps are made from, besides the recipe. */
export interface StepsInput {
  readonly settings: Settings;
  readonly heat: HeatSettings;
  readonly machine: Machine;
  readonly display: DisplaySetting | null;
  /** From outside in. */
  readonly layers: readonly Layer[];
  /** What is pressed; one side at a time unless the recipe presses both together. */
  readonly sides: readonly PressSide[];
}

type Press = Omit<PressStep, 'id'>;

const step = (kind: StepKind, task: Task, more: Partial<Press> = {}): Press => ({
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

/** One dwell as runs of the timer, which never opens between them. */
function runs(title: string, detail: string, input: StepsInput): Press[] {
  const { settings, machine, layers } = input;
  const split = splitTimer(settings.dwellS, machine.timerMaxS);
  return split.map((durationS, i) =>
    step(
      'press',
      {
        title: split.length > 1 ? `${title}, timer ${i + 1} of ${split.length}` : title,
        detail: i === 0 ? detail : 'Do not open: start the timer again at once, the time goes on.',
        durationS,
      },
      {
        temperatureC: settings.temperatureC,
        pressure: settings.pressure,
        layers,
        cautions: [GLOVES],
      },
    ),
  );
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
    { name: `${front.name} print`, role: 'print', note: 'ink face down, to the blank' },
    ...of('blank').map(({ name, role }) => ({ name, role, note: 'between its two prints' })),
    { name: `${back.name} print`, role: 'print', note: 'ink face up, to the blank' },
    ...under,
  ];
}

/** All presses of one side: section after section, turned where the recipe turns. */
function pressesOf(recipe: Recipe, side: PressSide | null, input: StepsInput): Press[] {
  const count = Math.max(1, side?.sections.length ?? 1);
  return Array.from({ length: count }, (_, i) => {
    const title = count > 1 ? `Press section ${i + 1} of ${count}` : 'Press';
    const once = runs(title, recipe.pressing, input);
    if (!recipe.turn) return once;
    const again = runs('Press again', recipe.pressing, input);
    return [...once, step('stack', recipe.turn, { cautions: [GLOVES] }), ...again];
  }).flat();
}

/** How many presses, timer runs counted one by one, so many placements come to. */
export function pressesOn(recipe: Recipe, { settings, machine, sides }: StepsInput): number {
  const runs = Math.ceil(settings.dwellS / (machine.timerMaxS ?? Infinity) - 1e-9) || 1;
  const rounds = recipe.sides === 'in turn' ? sides : sides.slice(0, 1);
  const places = rounds.reduce((sum, { sections }) => sum + Math.max(1, sections.length), 0);
  return Math.max(1, places) * Math.max(1, runs) * (recipe.turn ? 2 : 1);
}

/** A press of its own before or after the main one. */
const passOf = (pass: Pass, input: StepsInput): Press[] => [
  step(
    'press',
    { ...pass.task, ...(pass.dwellS === null ? {} : { durationS: pass.dwellS }) },
    {
      temperatureC: input.settings.temperatureC,
      pressure: input.settings.pressure,
      cautions: [GLOVES],
    },
  ),
  step('unwrap', pass.then, { cautions: [GLOVES] }),
];

/** The order at the press, from the first wipe to the finished thing. */
export function planSteps(recipe: Recipe, input: StepsInput): PressStep[] {
  const { settings, heat, machine, display, sides, layers } = input;
  const shown =
    display && display.why.length > 0 ? ` Set ${display.text}. ${display.why.join(' ')}` : '';
  const cool = recipe.cool[heat.coolSchool];
  const warmUpS = recipe.heatUp.durationS ?? machine.warmUpS;
  const inTurn = recipe.sides === 'in turn' && sides.length > 1;
  const rounds: readonly (PressSide | null)[] = inTurn ? sides : [sides[0] ?? null];
  const steps: Press[] = [
    ...recipe.preparation.map((task) => step('prepare', task)),
    step(
      'heat-up',
      {
        title: recipe.heatUp.title,
        detail: recipe.heatUp.detail + shown,
        ...(warmUpS === null ? {} : { durationS: warmUpS }),
      },
      { temperatureC: settings.temperatureC, cautions: recipe.cautions },
    ),
    ...recipe.ready.map((task) => step('prepare', task)),
    ...(recipe.before ? passOf(recipe.before, input) : []),
    ...rounds.flatMap((side, i) => [
      step(
        'stack',
        {
          title: inTurn && side ? `${side.name}: check the stack` : 'Check the stack',
          detail:
            i === 0
              ? 'From the heat inwards, with nothing between print and blank.'
              : 'Turn it over; fresh paper and a fresh card, above and below.',
        },
        { layers },
      ),
      ...pressesOf(recipe, side, input),
      ...(recipe.hotOff ? [step('unwrap', recipe.hotOff, { cautions: [GLOVES] })] : []),
      step('cool', cool, { cautions: [GLOVES] }),
      step('unwrap', recipe.unwrap),
    ]),
    ...(recipe.after ? passOf(recipe.after, input) : []),
  ];
  const seen = new Map<StepKind, number>();
  const total = (kind: StepKind) => steps.filter((each) => each.kind === kind).length;
  return steps.map((each) => {
    const nth = (seen.get(each.kind) ?? 0) + 1;
    seen.set(each.kind, nth);
    return { id: total(each.kind) > 1 ? `${each.kind}-${nth}` : each.kind, ...each };
  });
}
