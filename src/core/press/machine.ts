import type { Machine } from '../model';
import { celsiusToF, formatTemperature, type UnitStyle } from '../units';

/** What one placement of a plate heats fully: its size less the cooler border, mm. */
export interface EffectivePlate {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The evenly hot part of a machine's plate; null where it has none, or its size is not known. */
export function effectivePlate({ plate, coolBorderMm }: Machine): EffectivePlate | null {
  if (!plate) return null;
  const [widthMm, heightMm] = [plate.widthMm - 2 * coolBorderMm, plate.heightMm - 2 * coolBorderMm];
  return widthMm > 0 && heightMm > 0 ? { widthMm, heightMm } : null;
}

/** What to set at a machine so that its plate is as hot as wanted. */
export interface DisplaySetting {
  /** The figure on the display, degrees of the machine's unit. */
  readonly figure: number;
  readonly text: string;
  /** How far the plate will be from what is wanted, °C; above zero is hotter. */
  readonly errorC: number;
  /** Why the display differs from the wanted figure, in sentences; empty where it does not. */
  readonly why: readonly string[];
}

/** A difference smaller than this is not worth a word, degrees of the display (own choice). */
const WORTH_TELLING_DEGREES = 2.5;

const fromC = (c: number, unit: Machine['displayUnit']): number =>
  unit === '°F' ? celsiusToF(c) : c;
/** A difference of degrees, not a temperature. */
const degreesOf = (c: number, unit: Machine['displayUnit']): number =>
  unit === '°F' ? c * 1.8 : c;

/**
 * The display figure for a wanted plate temperature: what the display shows wrongly and what the
 * plate loses on contact are made up for, then the machine's own step is honoured.
 * @param drops whether the plate meets something thick enough to cool it.
 * @example displaySetting(pressThatStepsBy5, 165) // → 330 °F, 0.6 °C too hot
 */
export function displaySetting(
  machine: Machine,
  wantedC: number,
  units: UnitStyle,
  drops = false,
): DisplaySetting {
  const { displayUnit, displayStep, displayOffsetC } = machine;
  const dropC = drops ? machine.dropC : 0;
  const exact = fromC(wantedC - displayOffsetC + dropC, displayUnit);
  const figure = Math.round(exact / displayStep) * displayStep;
  const tidy = Number(figure.toFixed(1));
  const errorDegrees = tidy - exact;
  const errorC = displayUnit === '°F' ? errorDegrees / 1.8 : errorDegrees;
  const degrees = (c: number) =>
    `${Math.round(Math.abs(degreesOf(c, displayUnit)))} ${displayUnit}`;
  const why: string[] = [];
  if (displayOffsetC !== 0)
    why.push(
      `Its plate is ${degrees(displayOffsetC)} ${displayOffsetC < 0 ? 'cooler' : 'hotter'} than it shows.`,
    );
  if (dropC > 0) why.push(`${degrees(dropC)} more, since the plate cools on contact.`);
  // a degree or two is within what any plate wanders by itself
  if (Math.abs(errorDegrees) >= WORTH_TELLING_DEGREES)
    why.push(
      `It steps by ${displayStep}: the plate is ${Math.abs(errorDegrees).toFixed(0)} ${displayUnit} ${errorDegrees > 0 ? 'hotter' : 'cooler'} than ${formatTemperature(wantedC, units.temperature)}.`,
    );
  return { figure: tidy, text: `${tidy} ${displayUnit}`, errorC, why };
}

/**
 * A time on a timer that ends sooner: full runs, then the rest, without opening between them.
 * @returns the runs, s, which add up to `dwellS`.
 * @example splitTimer(250, 99) // → [99, 99, 52]
 */
export function splitTimer(dwellS: number, timerMaxS: number | null): readonly number[] {
  if (timerMaxS === null || dwellS <= timerMaxS) return [dwellS];
  const full = Math.floor(dwellS / timerMaxS);
  const rest = dwellS - full * timerMaxS;
  return [...Array.from({ length: full }, () => timerMaxS), ...(rest > 1e-9 ? [rest] : [])];
}

/** What to set and why, in a line; null where the display simply shows what is wanted. */
export const displayLine = (display: DisplaySetting | null): string | null =>
  display && display.why.length > 0 ? `Set ${display.text}. ${display.why.join(' ')}` : null;

/** More runs of a timer than this are counted, not listed. */
const LISTED_RUNS = 6;

/** The timer's runs as they are set, one after another: `99 + 99 + 52 s`, `72 × 99 + 72 s`. */
export function runsText(runs: readonly number[]): string {
  const seconds = runs.map((s) => Math.round(s));
  if (seconds.length <= LISTED_RUNS) return `${seconds.join(' + ')} s`;
  const [first = 0] = seconds;
  const rest = seconds.filter((s) => s !== first);
  return `${[`${seconds.length - rest.length} × ${first}`, ...rest].join(' + ')} s`;
}
