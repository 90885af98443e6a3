import type { Assembled, EveningPlan, MachineOf, NotPressed, Placed, Reason } from '@/core/evening';
import type { Operation, TaskCode } from '@/core/model';
import { operationWords } from './press/operations';
import { taskWords } from './press/tasks';
import { formatTemperature, type UnitStyle } from './units';

/** “1 h 22 min”, “9 min”: as it is said of an evening; whole minutes, rounded up. */
export function longWords(seconds: number): string {
  const minutes = Math.ceil(Math.max(0, seconds) / 60);
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** The time on the wall so many seconds after a beginning, “19:05”. @param begin minutes after midnight. */
export function wallTime(begin: number, seconds: number): string {
  const minutes = (begin + Math.floor(seconds / 60)) % (24 * 60);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Why a job is not in the evening. */
export const NOT_PRESSED_WORDS: Readonly<Record<NotPressed, string>> = {
  stopped: 'a finding stops it: open it and put that right first',
  'no-press': 'it has too many presses to be gone through',
  'too-many': 'it would be more than one evening holds',
};

/** What a plan is worth, beside one thing after another and what no plan can be shorter than. */
export function worthWords({ schedule, boundS, inTurnS, allTried }: EveningPlan): string {
  const { endS } = schedule;
  const won = inTurnS > endS + 30 ? ` instead of ${longWords(inTurnS)} one after another` : '';
  const least = `No plan can be shorter than ${longWords(boundS)}.`;
  const tried = 'Every order of the work was tried: none ends sooner.';
  const best = endS <= boundS ? 'No plan can be shorter.' : allTried ? tried : least;
  return `${longWords(endS)}${won}. ${best}`;
}

/** How long a job by itself takes, and how many of it are left for another time. */
export function aloneWords(
  count: number,
  { schedule, inTurnS }: Pick<EveningPlan, 'schedule' | 'inTurnS'>,
  left: number,
): string {
  const { endS } = schedule;
  const won = inTurnS > endS + 30 ? ` instead of ${longWords(inTurnS)} one after another` : '';
  const many = count > 1 ? `${count} things, about` : 'About';
  const rest = left > 0 ? ` ${left} more are left for another time.` : '';
  return `${many} ${longWords(endS)}${won}.${rest}`;
}

/** Whether a plan ends by when it was wished to; null where nothing was. @param begin, endsBy minutes after midnight. */
export function wishedEndWords(endS: number, begin: number, endsBy: number | null): string | null {
  if (endsBy === null) return null;
  const day = 24 * 60;
  const roomS = 60 * ((endsBy - begin + day) % day);
  return endS <= roomS
    ? `Done by ${wallTime(begin, endS)}, ${longWords(roomS - endS)} before you want to be.`
    : `Done by ${wallTime(begin, endS)}, ${longWords(endS - roomS)} later than you want to be: leave something for another evening, or begin sooner.`;
}

/** What was wished to go into its machine before what. */
export const beforeWords = (one: string, other: string): string =>
  `“${one}” goes in before “${other}”, as you wished.`;

/** What it costs that something comes before something else. */
export const priceWords = (priceS: number): string =>
  priceS < 30 ? 'That costs nothing.' : `The evening ends ${longWords(priceS)} later for it.`;

/** What takes longest, and so what the evening is as long as. */
export function busiestWords({ schedule }: EveningPlan, { machines, evening }: Assembled): string {
  const shareOf = (spans: readonly { fromS: number; toS: number }[], all: number) =>
    spans.reduce((sum, { fromS, toS }) => sum + toS - fromS, 0) / Math.max(1, schedule.endS * all);
  const hands = shareOf(
    [...schedule.placed.flatMap((each) => each.hands), ...schedule.changes],
    evening.people.length,
  );
  const loads = machines.map(({ machine }, m) => {
    const uses = schedule.placed.flatMap(({ piece, block, startS }) => {
      const use = evening.pieces[piece]?.blocks[block]?.use;
      return use?.machine === m ? [{ fromS: startS + use.fromS, toS: startS + use.toS }] : [];
    });
    const changing = schedule.changes
      .filter((each) => each.machine === m)
      .map(({ fromS, readyS }) => ({ fromS, toS: readyS }));
    const places = evening.machines[m]?.places ?? 1;
    return { name: machine.name, share: shareOf([...uses, ...changing], places) };
  });
  const most = loads.reduce((best, each) => (each.share > best.share ? each : best), {
    name: '',
    share: 0,
  });
  const percent = (share: number) => `${Math.round(100 * share)} %`;
  return hands >= most.share
    ? `Hands are busy for ${percent(hands)} of it, more than any machine.`
    : `“${most.name}” is taken up for ${percent(most.share)} of it, more than hands or any other machine.`;
}

/** The operations that a block of a plan stands for. */
export function operationsAt(
  { loads }: Assembled,
  { piece, block }: Pick<Placed, 'piece' | 'block'>,
): readonly Operation[] {
  const load = loads[piece];
  const ids = load?.blocks[block]?.steps.map(({ operation }) => operation) ?? [];
  const all = load?.things[0]?.program.operations ?? [];
  return all.filter(({ id }) => ids.includes(id));
}

/** What a block of a plan is called: its press where it has one, else its first step and its last. */
export function blockWords(
  made: Assembled,
  placed: Pick<Placed, 'piece' | 'block'>,
  units: UnitStyle,
): string {
  const operations = operationsAt(made, placed);
  const program = made.loads[placed.piece]?.things[0]?.program;
  const press = operations.find(({ kind }) => kind === 'press') ?? null;
  const [first] = operations;
  const last = operations[operations.length - 1];
  if (!program || !first || !last) return 'It rests';
  const title = (operation: Operation) => operationWords(operation, program, units).title;
  if (press) return title(press);
  return first === last ? title(first) : `${title(first)} … ${lowered(title(last))}`;
}

const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** How a machine is set otherwise: whether it is switched off or on for it, and which part is put on it first. */
export function settingOf(
  { machine, heats, fitted, off }: MachineOf,
  { setting, from }: { readonly setting: number; readonly from: number | null },
) {
  const part = fitted[setting];
  const isOff = setting === off;
  const on = from === null || from === off;
  const fits = on && off !== null && !isOff && (part !== machine || from === off);
  return { isOff, on, fits: fits && part ? part.name : null, heat: heats[setting] ?? null };
}

/** How a machine is set: switched on where it was cold, to a heat where it has several, a part put on it first. */
export function setWords(
  of: MachineOf | undefined,
  change: Parameters<typeof settingOf>[1],
  units: UnitStyle,
): string {
  if (!of) return '';
  const { isOff, on, fits, heat } = settingOf(of, change);
  if (isOff) return 'Switch it off and let it go cold: another part goes on next';
  const to = heat === null ? '' : formatTemperature(heat, units.temperature);
  if (!on) return `Set it to ${to}`;
  const first = fits === null ? 'Switch it on' : `Unplugged and cold, fit “${fits}”; switch it on`;
  return to === '' ? first : `${first} and set it to ${to}`;
}

/** What a task of hands is called, and where its time comes from. @param times how often it was timed. */
export const handTimeWords = (
  does: TaskCode,
  times: number,
): { title: string; origin: string } => ({
  title: taskWords(does, false).title,
  origin: times === 0 ? 'estimate' : `yours, from ${times === 1 ? 'once' : `${times} times`}`,
});

/** Why a plan is in the order it is. */
export function reasonWords(reason: Reason, { machines }: Assembled, units: UnitStyle): string {
  const nameOf = (at: number) => `“${machines[at]?.machine.name ?? ''}”`;
  if (reason.code === 'slowest-first')
    return `${nameOf(reason.machine)} is switched on first: it takes longest, ${longWords(reason.heatsS)}.`;
  if (reason.code === 'put-off')
    return `${nameOf(reason.machine)} is loaded a little later than it could be: its end would come in the middle of other work.`;
  const { machine, fromC, toC, takesS, others, handsS } = reason;
  const heat = (c: number) => formatTemperature(c, units.temperature);
  const does = toC < fromC ? 'cools' : 'heats';
  const meanwhile =
    others.length > 0
      ? `meanwhile ${others.map(nameOf).join(' and ')} ${others.length === 1 ? 'presses' : 'press'}`
      : `hands are busy for ${longWords(handsS)} of it`;
  return `${nameOf(machine)} ${does} from ${heat(fromC)} to ${heat(toC)} in ${longWords(takesS)}; ${meanwhile}.`;
}
