import type { DisplaySetting, Operation, Program, ProgramPass } from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { formatTemperature, type UnitStyle } from '@/core/units';
import { displayReasons, displayText, HEAT_WORDS } from './figures';
import { taskWords, type TaskWords } from './tasks';

const heatWords = ({ settings }: ProgramPass, units: UnitStyle): string =>
  settings.temperatureC === null
    ? HEAT_WORDS[settings.heatName]
    : formatTemperature(settings.temperatureC, units.temperature);

/** How the press is set anew for a pass, and that it has to hold. */
export function resetLine(program: Program, pass: number, units: UnitStyle): string {
  const [before, now] = [program.passes[pass - 1], program.passes[pass]];
  if (!before || !now) return 'First: the hottest.';
  const [from, to] = [heatWords(before, units), heatWords(now, units)];
  return from === to
    ? `It stays at ${to}.`
    : `Reset from ${from} to ${to} and wait until it holds.`;
}

/** The title with what tells this press from the others of its kind. */
function titleOf(operation: Operation, title: string): string {
  const { section, timer, turn } = operation;
  const main = section
    ? `${title} section ${section.number} of ${section.of}`
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

/** An operation in words: what to do, and how. */
export function operationWords(
  operation: Operation,
  program: Program,
  units: UnitStyle,
): TaskWords {
  const { does, kind, pass, timer } = operation;
  const words = taskWords(does, program.handle);
  const several = program.passes.length > 1;
  const own = program.passes[pass];
  const face =
    kind === 'stack' && program.faces.length > 1
      ? program.faces.find(({ id }) => id === operation.faceId)
      : undefined;
  const title = face
    ? `${face.name}: ${words.title.toLowerCase()}`
    : titleOf(operation, words.title);
  const detail =
    timer && timer.number > 1
      ? 'Do not open: start the timer again at once, the time goes on.'
      : does === 'reset-heat'
        ? resetLine(program, pass, units)
        : words.detail;
  const set =
    kind === 'switch-on' || does === 'reset-heat' ? settingDetail(own?.display ?? null, units) : '';
  return {
    title:
      several && own && kind !== 'switch-on'
        ? `${TRANSFERS[own.transfer].label}: ${title.toLowerCase()}`
        : title,
    detail: detail + set,
  };
}
