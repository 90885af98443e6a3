import { failure, success, type Result } from '@/core/result';
import { plainlyTyped, typedFigure } from './typed';

/** Seconds in the words of a recipe: `60 s`, `3 min`, `6 min 30 s`. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(seconds);
  if (whole < 120) return `${whole} s`;
  const rest = whole % 60;
  return `${Math.floor(whole / 60)} min${rest ? ` ${rest} s` : ''}`;
}

/** Seconds on a clock face: `0:07`, `3:00`, `15:00`. Rounds up, so that 0:00 means over. */
export function formatClock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

const CLOCK = /^(?:(\d+):)?(\d+):([0-5]\d)$/;
/** Hours, minutes, seconds; the last figure needs no word where minutes stand before it. */
const WORDS = new RegExp(
  String.raw`^(?:(AMOUNT)\s*(?:h|hrs?|hours?)\.?)?\s*(?:(AMOUNT)\s*(?:m|mins?|minutes?|')\.?)?\s*(?:(\d+)\s*((?:s|secs?|seconds?)\.?|")?)?$`.replace(
    /AMOUNT/g,
    String.raw`\d+(?:[.,]\d+|(?:\s+\d+)?\/[1-9]\d*)?`,
  ),
);

/** `1,5`, `1/2` or `1 1/2` as a figure. */
function amount(text = '0'): number {
  const [, whole = '0', over = '0', under = '1'] =
    /^(?:([\d.,]+)(?:\s+|$))?(?:(\d+)\/(\d+))?$/.exec(text) ?? [];
  return typedFigure(whole) + Number(over) / Number(under);
}

/**
 * Reads `60`, `60 s`, `3 min`, `2½ min`, `3:00`, `6 min 30 s`, `1 h 10 min`; a bare number is seconds.
 * @returns seconds, > 0, or a sentence saying what is wrong.
 */
export function parseDuration(text: string): Result<number> {
  const tidy = plainlyTyped(text);
  const parts = CLOCK.exec(tidy) ?? WORDS.exec(tidy);
  const [, hours, minutes, s, word] = parts ?? [];
  // "1 h 30" means minutes, "90" seconds: asked, not guessed
  const unclear =
    s !== undefined && word === undefined && hours !== undefined && minutes === undefined;
  const seconds = 3600 * amount(hours) + 60 * amount(minutes) + Number(s ?? 0);
  if (parts && !unclear && seconds > 0) return success(seconds);
  return failure(`“${text}” is not a time. Try 60 s, 3 min or 3:00.`);
}

/** More runs of a timer than this are counted, not listed. */
const LISTED_RUNS = 6;

/** A timer's runs as they are set, one after another: `99 + 99 + 52 s`, `72 × 99 + 72 s`. */
export function formatRuns(runs: readonly number[]): string {
  const seconds = runs.map((s) => Math.round(s));
  if (seconds.length <= LISTED_RUNS) return `${seconds.join(' + ')} s`;
  const [first = 0] = seconds;
  const rest = seconds.filter((s) => s !== first);
  return `${[`${seconds.length - rest.length} × ${first}`, ...rest].join(' + ')} s`;
}
