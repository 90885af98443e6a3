import type { Program } from '../model';
import { MACHINES } from '../traits';
import { TRANSFERS } from '../transfer';
import { dwellByArea } from './area';
import { splitTimer } from './machine';
import type { Pass } from './passes';
import type { ExtraPress, FirstPress, Task } from './recipe';
import type { Recipe } from './recipeBook';
import type { PressSide } from './sides';
import { loadsIn, MOST_PRESSES, onesByOne, pressesIn } from './counts';
import { draft, isPair, named, usedBy, type Draft } from './drafts';
import { laidAs } from './laidAs';
import { LEAST_OVERRUN_S, mayOverrun } from './times';

/** What a program is made from. */
export interface ProgramInput {
  /** In the order they are pressed. */
  readonly passes: readonly Pass[];
  readonly conditions: Program['conditions'];
  readonly blank: Program['blank'];
  /** What the things of a batch are called, in order; none where nothing tells them apart. */
  readonly things: Program['things'];
  /** Whether the blank has a handle. */
  readonly handle: boolean;
  /** How a garment is made ready: its centre line found by folding, or swirled up; null for anything else. */
  readonly garment: 'creased' | 'bundled' | null;
}

/** One pass being turned into operations. */
interface Making {
  readonly input: ProgramInput;
  readonly pass: Pass;
  readonly nth: number;
}

/** One press of so many seconds, as far as it does not depend on which. */
function pressed({ pass }: Making, dwellS: number | null): Partial<Draft> {
  const { settings } = pass;
  const overrunS = mayOverrun(dwellS ?? 0);
  return {
    onMachine: true,
    hands: MACHINES[pass.machine.kind].hands,
    temperatureC: settings.temperatureC,
    pressure: settings.pressure,
    mayOverrunS: overrunS,
    cautions: ['gloves-on'],
    ...(dwellS === null
      ? {}
      : { lasts: { leastS: dwellS, usualS: dwellS, mostS: dwellS + overrunS } }),
  };
}

/** One dwell as runs of the timer, which never opens between them. */
function dwell(making: Making, part: Partial<Draft>, dwellS?: number): Draft[] {
  const { pass, nth } = making;
  const split = splitTimer(dwellS ?? pass.settings.dwellS, pass.machine.timerMaxS);
  return split.map((durationS, i) =>
    draft(
      'press',
      { does: pass.recipe.pressing, durationS, ...(i > 0 ? { withinS: LEAST_OVERRUN_S } : {}) },
      {
        ...pressed(making, durationS),
        layUp: nth,
        timer: split.length > 1 ? { number: i + 1, of: split.length } : null,
        ...part,
      },
    ),
  );
}

/** All presses of one side: section after section, turned where the recipe turns; or picture by picture. */
function presses(making: Making, side: PressSide | null): Draft[] {
  const { turn, byArea } = making.pass.recipe;
  const motifs = onesByOne(making.pass, side);
  if (byArea && motifs.length > 0)
    return motifs.flatMap(({ areaMm2 }, i) =>
      dwell(
        making,
        { faceId: side?.faceId ?? null, section: { number: i + 1, of: motifs.length } },
        dwellByArea(byArea, areaMm2).dwellS,
      ),
    );
  const of = Math.max(1, side?.sections.length ?? 1);
  return Array.from({ length: of }, (_, i) => {
    const section = of > 1 ? { number: i + 1, of } : null;
    const part = { faceId: side?.faceId ?? null, section };
    if (!turn) return dwell(making, part);
    return [
      ...dwell(making, { ...part, turn: { number: 1, of: 2 } }),
      draft('stack', turn, { cautions: ['gloves-on'] }),
      ...dwell(making, { ...part, turn: { number: 2, of: 2 } }),
    ];
  }).flat();
}

/** A press of its own before or after the main one, section by section like that. */
function extra(
  { task, dwellS, then }: ExtraPress,
  making: Making,
  side: PressSide | null,
): Draft[] {
  const of = Math.max(1, side?.sections.length ?? 1);
  const presses = Array.from({ length: of }, (_, i) =>
    draft(
      'press',
      { ...task, ...(dwellS === null ? {} : { durationS: dwellS }) },
      {
        ...pressed(making, dwellS),
        faceId: side?.faceId ?? null,
        section: of > 1 ? { number: i + 1, of } : null,
      },
    ),
  );
  return [...presses, draft('unwrap', then, { cautions: ['gloves-on'] })];
}

/** A press of something else before the main one: it is laid, pressed and freed, and the print goes on it. */
const laidFirst = (before: FirstPress, making: Making, side: PressSide | null): Draft[] => [
  draft('prepare', before.lay, { uses: [{ is: 'film', count: 1 }] }),
  ...extra(before, making, side),
  draft('prepare', before.next),
];

/** From the stack to the unwrapped thing, for one side or both together. */
function round(making: Making, side: PressSide | null): Draft[] {
  const { recipe, layers, coolSchool } = making.pass;
  const cool = recipe.cool[coolSchool];
  return [
    draft(
      'stack',
      { does: 'check-stack' },
      {
        ...{ layUp: making.nth, uses: usedBy(layers, side) },
        faceId: recipe.sides === 'in turn' ? (side?.faceId ?? null) : null,
      },
    ),
    ...presses(making, side).map((each): Draft =>
      each.does === 'press-socks' && isPair(side) ? { ...each, does: 'press-both-socks' } : each,
    ),
    ...(recipe.hotOff ? [draft('unwrap', recipe.hotOff, { cautions: ['gloves-on'] })] : []),
    draft('cool', cool, {
      cautions: ['gloves-on'],
      ...(cool.durationS === undefined ? {} : { hands: 'free' as const }),
    }),
    draft('unwrap', recipe.unwrap),
  ];
}

/** The sides one after the other, or one round for all of them. */
const roundsOf = (recipe: Recipe, sides: readonly PressSide[]): readonly (PressSide | null)[] =>
  recipe.sides === 'in turn' && sides.length > 1 ? sides : [sides[0] ?? null];

/** Heat begins here, and so do its cautions. */
const switchOn = ({ pass: { recipe, settings } }: Making): Draft =>
  draft(
    'switch-on',
    { does: recipe.switchOn },
    { onMachine: true, temperatureC: settings.temperatureC, cautions: [...recipe.cautions] },
  );

/** Whether the machine of a pass is not hot yet: no pass before it was pressed with it. */
const cold = ({ input, pass, nth }: Making): boolean =>
  !input.passes.slice(0, nth).some(({ machine }) => machine.id === pass.machine.id);

/** What is put on or taken off a press before it is switched on: changing over costs time (common practice). */
function fitted({ input, pass, nth }: Making): Draft[] {
  const { changes } = MACHINES[pass.machine.kind];
  const before = input.passes[nth - 1];
  const worn = before !== undefined && MACHINES[before.machine.kind].changes === 'part';
  return [
    ...(worn && changes !== null ? [draft('prepare', { does: 'attachment-off' })] : []),
    ...(changes === 'part' ? [draft('prepare', { does: 'fit-attachment' })] : []),
  ];
}

/** A hot machine set to another heat waits for its display, not for its warm-up. */
function heatUp(making: Making): Draft {
  const { recipe, settings, machine } = making.pass;
  const warmUpS = recipe.warmUp.durationS ?? machine.warmUpS;
  const more = { onMachine: true, temperatureC: settings.temperatureC };
  if (!cold(making)) {
    // its cautions are this pass's own; those of the first stand where heat begins
    const cautions = [...recipe.cautions];
    return draft('warm-up', { does: 'reset-heat' }, { ...more, cautions, hands: 'free' });
  }
  return draft(
    'warm-up',
    { does: recipe.warmUp.does, ...(warmUpS ? { durationS: warmUpS } : {}) },
    { ...more, hands: 'free', startsAfter: 'switch-on' },
  );
}

/** Whether there is a print to look at before it is too late: what was clipped or streaked shows now. */
const printed = ({ transfer }: Pass): boolean => TRANSFERS[transfer].made === 'printed';

/** What is made ready of a pass; a garment gets its centre line, or is swirled up, once, before its first print is laid. */
function prepared({ input, pass, nth }: Making): readonly Task[] {
  const tasks = laidAs(pass.print, pass.recipe.preparation);
  if (input.garment === null || nth > 0) return tasks;
  return [...tasks, { does: input.garment === 'bundled' ? 'bundle-up' : 'crease-centre' }];
}

/** The order at the press of one pass, from the first wipe to the finished thing. */
function operationsOf(making: Making): Draft[] {
  return [
    ...(cold(making) ? [...fitted(making), switchOn(making)] : []),
    ...(printed(making.pass) ? [draft('prepare', { does: 'look-at-print' })] : []),
    ...prepared(making).map((task) => draft('prepare', task)),
    heatUp(making),
    ...everyLoad(making),
  ];
}

/**
 * All that is done for one side, or for both together. A second side is turned up, freed of lint and laid anew
 * like the first; it was dried with it.
 */
function oneSide(making: Making, side: PressSide | null, again: boolean): Draft[] {
  const { recipe } = making.pass;
  const ready = laidAs(making.pass.print, recipe.ready).filter(
    ({ durationS }) => !again || durationS === undefined,
  );
  return [
    ...(again ? [draft('prepare', { does: 'turn-over-and-stack' })] : []),
    ...ready.map((task) =>
      draft('prepare', task, task.durationS === undefined ? {} : { onMachine: true }),
    ),
    ...(recipe.before ? laidFirst(recipe.before, making, side) : []),
    ...round(making, side),
    ...(recipe.after ? extra(recipe.after, making, side) : []),
  ];
}

/** All rounds of one load at such settings. */
function roundsAt(settings: Pass['settings'], all: Making): Draft[] {
  const { recipe, sides } = all.pass;
  const making = { ...all, pass: { ...all.pass, settings } };
  return roundsOf(recipe, sides).flatMap((side, i) => oneSide(making, side, i > 0));
}

/** What is done anew for every load of a batch; the machine stays hot between them. Loads at the same settings go alike. */
function everyLoad(all: Making): Draft[] {
  const { each, settings: own } = all.pass;
  const of = loadsIn(all.pass);
  const rounds = new Map<Pass['settings'], Draft[]>();
  return Array.from({ length: of }, (_, i) => {
    const before = each[i - 1]?.settings;
    const settings = each[i]?.settings ?? own;
    const { temperatureC } = settings;
    const more = { onMachine: true, hands: 'free' as const, temperatureC };
    const reset =
      before && before.temperatureC !== temperatureC
        ? [draft('warm-up', { does: 'reset-heat' }, more)]
        : [];
    const round = rounds.get(settings) ?? roundsAt(settings, all);
    rounds.set(settings, round);
    const load = of > 1 ? { number: i + 1, of } : null;
    return [...reset, ...round].map((one) => ({ ...one, load }));
  }).flat();
}

/** The faces that any pass goes on. */
function facesIn(passes: readonly Pass[]): Program['faces'] {
  const all = passes.flatMap(({ sides }) => sides);
  return [...new Map(all.map(({ faceId, called }) => [faceId, { id: faceId, called }])).values()];
}

/**
 * Everything that is done at the press for one item or batch, in order: every pass resolved, prepared, pressed,
 * cooled and unwrapped.
 * @returns the program, empty where it would be more presses than anybody goes through, and how many
 *   that would be (else null).
 */
export function programOf(input: ProgramInput): {
  program: Program;
  tooManyPresses: number | null;
} {
  const { passes, blank, things, handle, conditions } = input;
  const presses = passes.reduce((sum, pass) => sum + pressesIn(pass), 0);
  const tooMany = presses > MOST_PRESSES;
  const last = passes.length - 1;
  const operations = passes.flatMap((pass, nth) => {
    const prefix = nth > 0 ? `${nth}.${pass.transfer}.` : '';
    const opened =
      input.garment === 'bundled' && nth === last
        ? [draft('unwrap', { does: 'unroll-and-iron' })]
        : [];
    return tooMany ? [] : named([...operationsOf({ input, pass, nth }), ...opened], nth, prefix);
  });
  const program: Program = {
    ...{ blank, things },
    passes: passes.map(({ transfer, recipe, machine, settings, display, perLoad, lies }) => ({
      ...{ transfer, settings, display, perLoad, lies: [...lies] },
      ...{ recipeId: recipe.id, machineId: machine.id, machineName: machine.name },
    })),
    operations,
    layUps: passes.map(({ layers }) => [...layers]),
    faces: facesIn(passes),
    ...{ handle, conditions },
  };
  return { program, tooManyPresses: tooMany ? presses : null };
}
