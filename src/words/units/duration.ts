import type { Result } from '@/core/result';

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

/**
 * Reads `60`, `60 s`, `3 min`, `3:00`, `6 min 30 s`; a bare number is seconds.
 * @returns seconds, > 0, or a sentence saying what is wrong.
 */
export function parseDuration(text: string): Result<number> {
  const tidy = text.trim().toLowerCase();
  const clock = /^(\d+):([0-5]\d)$/.exec(tidy);
  const words = /^(?:(\d+(?:[.,]\d+)?)\s*min(?:utes?)?)?\s*(?:(\d+)\s*(?:s|sec|seconds?)?)?$/.exec(
    tidy,
  );
  const parts = clock ?? words;
  const seconds = parts
    ? Number((parts[1] ?? '0').replace(',', '.')) * 60 + Number(parts[2] ?? 0)
    : Number.NaN;
  if (seconds > 0) return { ok: true, value: seconds };
  return { ok: false, reason: `“${text}” is not a time. Try 60 s, 3 min or 3:00.` };
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
