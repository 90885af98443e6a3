import type { DisplaySetting, Operation, Program, ProgramPass } from '@/core/model';
import { formatTemperature, type UnitStyle } from '../units';
import { sayIn } from '../say';
import { displayReasons, displayText, HEAT_WORDS } from './figures';
import { taskWords, type TaskWords } from './tasks';
import { TRANSFER_WORDS } from '../transfers';
import { FACE_WORDS, farWords } from '../places';

const heatWords = ({ settings }: ProgramPass, units: UnitStyle): string =>
  settings.temperatureC === null
    ? HEAT_WORDS[settings.heatName]
    : formatTemperature(settings.temperatureC, units.temperature);

/** How the press comes to the heat of a pass, and that it has to hold. */
export function passHeatLine(program: Program, pass: number, units: UnitStyle): string {
  const [before, now] = [program.passes[pass - 1], program.passes[pass]];
  if (!before || !now) return 'First: the hottest.';
  const [from, to] = [heatWords(before, units), heatWords(now, units)];
  return from === to
    ? `It stays at ${to}.`
    : `Reset from ${from} to ${to} and wait until it holds.`;
}

/** The title with what tells this press from the others of its kind. */
function titleOf(operation: Operation, title: string): string {
  const { section, timer, turn, does } = operation;
  const place = does === 'press-with-iron' ? 'piece' : 'section';
  const main = section
    ? `${title} ${place} ${section.number} of ${section.of}`
    : turn && turn.number > 1
      ? `${title} again`
      : title;
  return timer ? `${main}, timer ${timer.number} of ${timer.of}` : main;
}

/** What the setting at the display is, where that is not simply what is wanted. */
function settingDetail(display: DisplaySetting | null, units: UnitStyle): string {
  const why = display ? displayReasons(display, units) : [];
  return display && why.length > 0 ? ` Set ${displayText(display)}. ${why.join(' ')}` : '';
}

/** The figures of an operation, as far as it has them: heat, time, pressure. */
export function operationFigures(
  { temperatureC, countedS, pressure }: Operation,
  units: UnitStyle,
): {
  readonly heat: string | null;
  readonly time: string | null;
  readonly pressure: string | null;
} {
  const { temperature, duration } = sayIn(units);
  return {
    heat: temperatureC === null ? null : temperature(temperatureC),
    time: countedS === null ? null : duration(countedS),
    pressure: pressure && `${pressure} pressure`,
  };
}

/** Whether hands prepare all the things of a batch in it, before the first load. */
const forAll = ({ kind, load }: Operation, { operations }: Program): boolean =>
  kind === 'prepare' && load === null && operations.some((each) => each.load !== null);

/** More things in one load than this are not named (own choice). */
const MOST_NAMED = 3;

/** What lies in a load, where its things are told apart and are few. */
function thingsOf({ load, pass }: Operation, { things, passes }: Program): string {
  const perLoad = passes[pass]?.perLoad ?? 1;
  if (!load || perLoad > MOST_NAMED) return '';
  const own = things.slice((load.number - 1) * perLoad, load.number * perLoad);
  return own.length > 0 ? `: ${own.join(', ')}` : '';
}

/** Tasks at which a paper is laid where it belongs. */
const LAYING: readonly Operation['does'][] = ['lay-and-tape', 'wrap-and-tape', 'lay-film'];

/** Where the papers of a pass lie, by tape measure from the blank's own edges. */
function lyingWords({ does, pass }: Operation, program: Program, units: UnitStyle): string {
  const lies = LAYING.includes(does) ? (program.passes[pass]?.lies ?? []) : [];
  const say = sayIn(units);
  const told = lies.map((each) => {
    const face = program.faces.find(({ id }) => id === each.faceId);
    const all = farWords(each, say);
    return face && lies.length > 1
      ? `${FACE_WORDS[face.called]}: ${all}.`
      : `Its paper lies ${all}.`;
  });
  return told.length > 0 ? ` ${told.join(' ')} Measure at both ends.` : '';
}

/** An operation in words: what to do, and how. */
export function operationWords(
  operation: Operation,
  program: Program,
  units: UnitStyle,
): TaskWords {
  const { does, kind, pass, timer, load } = operation;
  const words = taskWords(does, program.handle);
  const several = program.passes.length > 1;
  const own = program.passes[pass];
  const face =
    kind === 'stack' && program.faces.length > 1
      ? program.faces.find(({ id }) => id === operation.faceId)
      : undefined;
  const plain = face
    ? `${FACE_WORDS[face.called]}: ${words.title.toLowerCase()}`
    : titleOf(operation, words.title);
  const loaded = load && (kind === 'stack' || kind === 'press');
  const title = loaded
    ? `${plain}, load ${load.number} of ${load.of}${thingsOf(operation, program)}`
    : plain;
  const detail =
    timer && timer.number > 1
      ? 'Do not open: start the timer again at once, the time goes on.'
      : does === 'reset-heat'
        ? load
          ? 'The next test piece: wait until it holds.'
          : passHeatLine(program, pass, units)
        : words.detail;
  const set =
    kind === 'switch-on' || (does === 'reset-heat' && !load)
      ? settingDetail(own?.display ?? null, units)
      : '';
  const other = kind === 'switch-on' && pass > 0 && own ? ` It is “${own.machineName}”.` : '';
  return {
    title:
      several && own && (kind !== 'switch-on' || pass > 0)
        ? `${TRANSFER_WORDS[own.transfer].label}: ${title.toLowerCase()}`
        : title,
    detail:
      detail +
      lyingWords(operation, program, units) +
      set +
      other +
      (forAll(operation, program) ? ' So with every one of the batch.' : ''),
  };
}

/** A step as a card tells it: alike ones in one line. */
export interface CardStep extends TaskWords {
  /** The first of them; its figures are those of each. */
  readonly operation: Operation;
}

/** Whether a press is the same as another, only the plate put down at the next place. */
const nextPlace = (before: Operation, { section, ...now }: Operation): boolean =>
  section !== null &&
  before.section?.number === section.number - 1 &&
  [now.kind, now.does, now.faceId, now.countedS, now.timer, now.turn].every(
    (value, i) =>
      value ===
      [before.kind, before.does, before.faceId, before.countedS, before.timer, before.turn][i],
  );

/**
 * What a card tells: of a batch one load in full, which stands for the others; sections pressed alike, one after the
 * other, in one line.
 */
export function cardSteps(program: Program, units: UnitStyle): readonly CardStep[] {
  const runs: Operation[][] = [];
  for (const each of program.operations.filter(({ load }) => load === null || load.number === 1)) {
    const run = runs.at(-1);
    const before = run?.at(-1);
    if (run && before && nextPlace(before, each)) run.push(each);
    else runs.push([each]);
  }
  return runs.flatMap((run) => {
    const [first, last] = [run[0], run.at(-1)];
    if (!first || !last) return [];
    const { title, detail } = operationWords(first, program, units);
    const to = last.section?.number ?? 0;
    const all = run.length > 1 ? title.replace(/(section|piece) 1 of/, `$1s 1 to ${to} of`) : title;
    return [{ operation: first, title: all, detail }];
  });
}
