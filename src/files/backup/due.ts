/** How long work may lie in the browser alone before the person is reminded, days (own choice). */
export const REMIND_AFTER_DAYS = 30;
const DAY_MS = 24 * 3600 * 1000;

/**
 * Whole days that work has lain in the browser alone: since the last backup, or since the oldest of what was never
 * saved. 0 where nothing was changed since, or the clock was turned back.
 * @param savedAt when each document was last saved.
 */
export function daysUnsaved(
  savedAt: readonly string[],
  lastBackup: string | null,
  now: Date,
): number {
  const since = lastBackup === null ? -Infinity : Date.parse(lastBackup);
  const later = savedAt.map((at) => Date.parse(at)).filter((at) => at > since);
  if (later.length === 0) return 0;
  const oldest = later.reduce((first, at) => Math.min(first, at), Infinity);
  return Math.max(0, Math.floor((now.getTime() - oldest) / DAY_MS));
}
