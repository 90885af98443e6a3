import type { HeatVerdict } from '@/core/log/window';
import { itemLabels, type Job } from '@/core/model';
import type { PressPlan } from '@/core/press';
import type { UnitStyle } from '../units';
import { displayText, settingsLine } from './figures';

/** One test piece in words: what it is called, what it is pressed at, and what to set where that is otherwise. */
export interface TestPieceWords {
  readonly letter: string;
  readonly figures: string;
}

/** The test pieces of a job; none where its things are pressed alike. */
export function testPieceWords(
  job: Pick<Job, 'items' | 'blank'>,
  { passes }: Pick<PressPlan, 'passes'>,
  units: UnitStyle,
): readonly TestPieceWords[] {
  const each = passes.find((pass) => pass.each.length > 0)?.each ?? [];
  const labels = itemLabels(job);
  const called = job.items.flatMap(({ copies }, i) =>
    Array.from({ length: copies }, () => labels[i]?.split(' ')[0] ?? ''),
  );
  return each.map(({ settings, display }, i) => {
    const reads = display && (display.offsetC !== null || display.dropC !== null);
    const set = reads ? `, set ${displayText(display)}` : '';
    return { letter: called[i] ?? '', figures: `${settingsLine(settings, units)}${set}` };
  });
}

/** What a job is pressed at, in a line: of test pieces how many there are. */
export function heatLine(
  { settings, passes }: Pick<PressPlan, 'settings' | 'passes'>,
  units: UnitStyle,
): string {
  const pieces = passes.reduce((most, { each }) => Math.max(most, each.length), 0);
  if (pieces === 0) return settingsLine(settings, units);
  return pieces === 1 ? 'one test piece' : `${pieces} test pieces`;
}

/** How a test piece can come out. */
export const VERDICT_WORDS: Readonly<Record<HeatVerdict, string>> = {
  pale: 'pale',
  good: 'good',
  over: 'too much',
};
