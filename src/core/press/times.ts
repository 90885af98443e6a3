import type { TaskCode } from '../model';

/** How long something takes by hand: least, usual and most, s. */
export type Span = readonly [leastS: number, usualS: number, mostS: number];

/** Anything done by hand that the table below does not know. */
const SOME_HANDWORK: Span = [10, 30, 90];

/**
 * How long hands and machines take where no figure is set: estimates from memory, to plan an evening
 * by, never to press by.
 */
const SPANS: Partial<Record<TaskCode, Span>> = {
  'look-at-print': [20, 45, 180],
  'clean-cup': [20, 45, 120],
  'trim-to-ticks': [60, 120, 300],
  'trim-to-marks': [60, 120, 300],
  'wrap-and-tape': [90, 180, 420],
  'shrink-sleeve': [45, 90, 240],
  'lay-and-tape': [30, 75, 180],
  'cut-close': [90, 240, 900],
  'cut-film': [60, 180, 600],
  'cut-film-larger': [60, 120, 300],
  'fit-attachment': [120, 300, 600],
  'attachment-off': [900, 1800, 3600],
  'bundle-up': [120, 300, 900],
  'unroll-and-iron': [120, 240, 600],
  'lay-film': [30, 75, 180],
  'lay-print-on-film': [30, 75, 180],
  weed: [60, 300, 1800],
  'switch-on': [5, 15, 60],
  'switch-on-fixed': [5, 15, 60],
  'switch-on-oven': [20, 45, 120],
  'switch-on-iron': [5, 15, 60],
  'warm-up-to-light': [120, 300, 600],
  'warm-up-attachment': [120, 300, 600],
  'warm-up-to-figure': [180, 480, 900],
  'warm-up-oven': [600, 900, 1200],
  'warm-up-iron': [120, 180, 300],
  'reset-heat': [60, 300, 900],
  'press-film-on-as-maker-says': [5, 10, 30],
  'check-stack': [15, 40, 120],
  'turn-over-and-stack': [20, 60, 180],
  'turn-half-round': [10, 20, 45],
  'peel-hot': [3, 5, 15],
  'lift-soon': [3, 8, 30],
  'sleeve-off-hot': [15, 30, 90],
  'unwrap-cup': [30, 60, 180],
  'cool-flat': [60, 300, 900],
  'cool-then-lift': [120, 300, 900],
};

/** How long hands are about a task, least, usual, most, s (from memory). */
export const spanOf = (does: TaskCode): Span => SPANS[does] ?? SOME_HANDWORK;

/** A press ends this much late without harm: a twentieth of its time, at least so many s (own choice). */
const OVERRUN_SHARE = 0.05;
/** The least a press may end late, and a timer may stand still between two runs, s (own choice). */
export const LEAST_OVERRUN_S = 3;

/** How much later than after `dwellS` a press may end without harm, s. */
export const mayOverrun = (dwellS: number): number =>
  Math.max(LEAST_OVERRUN_S, OVERRUN_SHARE * dwellS);
