import {
  operationAt,
  stepsAt,
  type Act,
  type Assembled,
  type Guide,
  type Place,
} from '@/core/evening';
import { isSameThing, type EveningRun, type Operation } from '@/core/model';
import { longWords, settingOf } from './evening';
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
const NOTHING_TO_SAY: ActWords = { ...NOTHING, title: '' };

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
    machine: (use && made.machines[use.machine]?.fitted[use.setting]?.name) ?? '',
  };
}

/** How a machine is set now: switched on or off, a part put on it, or only its display set otherwise. */
function setActWords(
  made: Assembled,
  run: EveningRun,
  act: Extract<Act, { does: 'set' }>,
  units: UnitStyle,
): ActWords {
  const of = made.machines[act.machine];
  if (!of) return NOTHING_TO_SAY;
  const part = of.fitted[act.setting] ?? of.machine;
  const { isOff, on, fits, heat } = settingOf(of, act);
  const to = displayWords(run, part.id, heat, units);
  const said = { thing: '', machine: part.name };
  if (isOff)
    return {
      ...{ ...said, title: `Switch off: ${part.name}`, button: 'It is off' },
      detail: 'Unplug it and let it go cold: another part goes on it next. Go on meanwhile.',
    };
  if (!on)
    return {
      ...{ ...said, title: `Set ${part.name} to ${to ?? ''}`, button: 'It is set' },
      detail: 'It gets there while you go on.',
    };
  const heats = to
    ? `Set it to ${to}. It heats while you go on.`
    : 'It gets there while you go on.';
  return fits === null
    ? { ...said, title: `Switch on: ${part.name}`, detail: heats, button: 'It is on' }
    : {
        ...{ ...said, title: `Fit “${fits}”, then switch on`, button: 'It is on' },
        detail: `Unplugged and cold: never change a hot part. Seat it and close its catch as its maker shows. ${heats}`,
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
    case 'set':
      return setActWords(made, run, act, units);
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
