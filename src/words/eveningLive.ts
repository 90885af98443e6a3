import {
  operationAt,
  stepsAt,
  type Act,
  type Assembled,
  type Guide,
  type Place,
} from '@/core/evening';
import { isSameThing, type EveningRun, type Operation } from '@/core/model';
import { longWords } from './evening';
import { displayText } from './press/figures';
import { operationWords } from './press/operations';
import { formatTemperature, type UnitStyle } from './units';

/** What somebody is told to do, for which thing, at which machine, and what the big button says. */
export interface ActWords {
  readonly title: string;
  readonly detail: string;
  readonly thing: string;
  readonly machine: string;
  /** Null where there is nothing to touch. */
  readonly button: string | null;
}

type Thing = EveningRun['things'][number];
const thingName = ({ jobName, called }: Thing): string =>
  called ? `${jobName}, ${called}` : jobName;

/** The things that a block of an evening is for, by their place in it. */
export function thingsAt(
  made: Assembled,
  run: EveningRun,
  { piece, block }: Pick<Place, 'piece' | 'block'>,
): readonly Thing[] {
  const load = made.loads[piece];
  const one = load?.blocks[block]?.thing ?? null;
  const meant = one === null ? (load?.things ?? []) : (load?.things.slice(one, one + 1) ?? []);
  return meant.flatMap((one) => run.things.find((each) => isSameThing(each, one)) ?? []);
}

/** What things are called together: alike ones are counted. */
export function thingsWords(things: readonly Thing[]): string {
  const [first] = things;
  if (!first || things.length === 1) return first ? thingName(first) : '';
  const names = things.map(({ called }) => called).filter(Boolean);
  const count = `${things.length} × ${first.jobName}`;
  return names.length > 0 ? `${count}: ${names.join('; ')}` : count;
}

/** What a machine shows when it is as hot as an evening wants it; null where it has one heat only. */
export function displayWords(
  run: EveningRun,
  machineId: string,
  heat: number | null,
  units: UnitStyle,
): string | null {
  if (heat === null) return null;
  const passes = run.programs.flatMap((program) => program.passes);
  const display = passes.find(
    (pass) => pass.machineId === machineId && pass.settings.temperatureC === heat,
  )?.display;
  return display ? displayText(display) : formatTemperature(heat, units.temperature);
}

const NOTHING = { detail: '', thing: '', machine: '', button: null };

/** What is done at the step of a place, and for what. */
function stepWords(made: Assembled, run: EveningRun, place: Place, units: UnitStyle) {
  const operation = operationAt(made, place);
  const program = made.loads[place.piece]?.things[0]?.program;
  const use = made.evening.pieces[place.piece]?.blocks[place.block]?.use;
  const words = operation && program ? operationWords(operation, program, units) : null;
  return {
    title: words?.title ?? '',
    detail: words?.detail ?? '',
    thing: thingsWords(thingsAt(made, run, place)),
    machine: (use && made.machines[use.machine]?.machine.name) ?? '',
  };
}

/** What somebody is told to do now. @param clock says a moment of the evening as a time on the wall. */
export function actWords(
  made: Assembled,
  run: EveningRun,
  act: Act,
  units: UnitStyle,
  clock: (s: number) => string,
): ActWords {
  switch (act.does) {
    case 'work': {
      const words = stepWords(made, run, act, units);
      return { ...words, button: 'Done, next' };
    }
    case 'start': {
      const words = stepWords(made, run, act, units);
      return { ...words, button: 'Start the clock' };
    }
    case 'hold': {
      const words = stepWords(made, run, act, units);
      return { ...words, button: null };
    }
    case 'open': {
      const words = stepWords(made, run, act, units);
      return {
        ...words,
        title: `Open it: ${words.machine}`,
        detail: `${words.title} is over. Gloves on, take it out.`,
        button: 'It is open',
      };
    }
    case 'set': {
      const of = made.machines[act.machine];
      const to = displayWords(run, of?.machine.id ?? '', of?.heats[act.setting] ?? null, units);
      const name = of?.machine.name ?? '';
      const title = act.cold ? `Switch on: ${name}` : `Set ${name} to ${to ?? ''}`;
      const detail =
        act.cold && to
          ? `Set it to ${to}. It heats while you go on.`
          : 'It gets there while you go on.';
      return {
        title,
        detail,
        thing: '',
        machine: name,
        button: act.cold ? 'It is on' : 'It is set',
      };
    }
    case 'wait':
      return { ...NOTHING, title: 'Nothing to do just now', detail: `Until ${clock(act.untilS)}.` };
    case 'rest':
      return { ...NOTHING, title: `Break until ${clock(act.untilS)}`, button: 'I am back' };
    case 'finished':
      return { ...NOTHING, title: 'That was the last of it' };
  }
}

/** What is said aloud when a machine has to be opened. */
export const bellSpeech = (made: Assembled, machine: number): string =>
  `${made.machines[machine]?.machine.name ?? 'The machine'}: open it now.`;

/** The operation of an act; null where it is none of a program. */
export const operationOf = (made: Assembled, act: Act): Operation | null =>
  ('step' in act ? operationAt(made, act) : null) ?? null;

/** How many of the same thing lie in a load, where its steps are told once. */
export const loadWords = (made: Assembled, place: Place): string | null => {
  const count = made.loads[place.piece]?.things.length ?? 1;
  const together = made.loads[place.piece]?.blocks[place.block]?.thing === null && count > 1;
  return together && (stepsAt(made, place)[place.step]?.lays ?? false)
    ? `All ${count} of them.`
    : null;
};

/** How much longer an evening takes, as a range: hands are rarely quicker than thought, often slower. */
export function endsWords(
  { endS }: Pick<Guide, 'endS'>,
  nowS: number,
  clock: (s: number) => string,
): string {
  const late = endS + LATER_SHARE * Math.max(0, endS - nowS);
  return clock(endS) === clock(late) ? clock(endS) : `${clock(endS)} to ${clock(late)}`;
}
/** By what share evenings pressed by hands that vary take longer than planned: up to 12 %, by `npm run bench hands`. */
const LATER_SHARE = 0.12;

/** What is said of a piece that rests. */
export const restsWords = (thing: string, leftS: number): string =>
  `${thing}: ${leftS > 0 ? `cools for ${longWords(leftS)} more` : 'is cool'}`;
