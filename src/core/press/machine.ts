import type { DisplaySetting, Machine } from '../model';
import { celsiusToF } from '../units';
import { evenPart } from './readings';

/** What one placement of a plate heats fully: its size less the cooler border, mm. */
export interface EffectivePlate {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What a plate heats evenly, found once a machine: readings make it a search. */
const evenly = new WeakMap<Machine, EffectivePlate>();

/** The evenly hot part of a machine's plate by its border and readings; null where it has none, or its size is not known. */
export function effectivePlate(machine: Machine): EffectivePlate | null {
  const known = evenly.get(machine);
  if (known) return known;
  const part = evenPart(machine);
  if (!part) return null;
  const plate = { widthMm: part.width, heightMm: part.height };
  evenly.set(machine, plate);
  return plate;
}

/** A difference smaller than this is not worth a word, degrees of the display (own choice). */
const WORTH_TELLING_DEGREES = 2.5;

/**
 * The display figure for a wanted plate temperature: what the display shows wrongly and what the
 * plate loses on contact are made up for, then the machine's own step is honoured.
 * @param drops whether the plate meets something thick enough to cool it.
 * @example displaySetting(pressThatStepsBy5, 165) // → 330 °F, 0.6 °C too hot
 */
export function displaySetting(machine: Machine, wantedC: number, drops = false): DisplaySetting {
  const { displayUnit: unit, displayStep, displayOffsetC } = machine;
  const dropC = drops ? machine.dropC : 0;
  const exactC = wantedC - displayOffsetC + dropC;
  const exact = unit === '°F' ? celsiusToF(exactC) : exactC;
  const figure = Number((Math.round(exact / displayStep) * displayStep).toFixed(1));
  const errorDegrees = figure - exact;
  return {
    ...{ figure, unit, wantedC },
    errorC: unit === '°F' ? errorDegrees / 1.8 : errorDegrees,
    offsetC: displayOffsetC === 0 ? null : displayOffsetC,
    dropC: dropC > 0 ? dropC : null,
    // a degree or two is within what any plate wanders by itself
    coarseStep: Math.abs(errorDegrees) >= WORTH_TELLING_DEGREES ? displayStep : null,
  };
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
