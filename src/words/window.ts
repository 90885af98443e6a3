import type {
  Answer,
  Chances,
  Ladder,
  LadderQuestion,
  Setting,
  WindowSeen,
} from '@/core/log/window';
import { settingWords } from './log';
import { formatDegrees, formatDuration } from './units';
import type { UnitStyle } from './units';

/** A setting in words; where a machine has one heat, its time alone. */
const figures = (setting: Setting, units: UnitStyle): string =>
  setting.temperatureC === null ? formatDuration(setting.dwellS) : settingWords(setting, units);

/** A chance as so many of ten. */
const ofTen = (chance: number): number => Math.round(10 * chance);

/** Farther apart than this, a chance is a guess (own choice). */
const GUESS = 0.4;

/** How often something comes out well, as sure as it is. */
export function chanceWords({ least, most }: Chances): string {
  const [low, high] = [ofTen(least), ofTen(most)];
  return low === high ? `about ${low} of 10` : `${low} to ${high} of 10`;
}

/** What the log says of where it comes out well, and how sure that is. */
export function windowWords({ best, planned, tried }: WindowSeen, units: UnitStyle): string[] {
  const from =
    tried.length === 0
      ? 'Nothing that tells of the heat was pressed on this machine yet: this is what recipes make think.'
      : tried.length === 1
        ? 'One pressing tells of it; the rest is what recipes make think.'
        : `${tried.length} pressings on this machine tell of it.`;
  const sure =
    best.chances.most - best.chances.least > GUESS ? ' That is hardly more than a guess.' : '';
  return [
    from,
    `Best as far as is known: ${figures(best, units)}, good in ${chanceWords(best.chances)}.${sure}`,
    `As planned: good in ${chanceWords(planned)}.`,
  ];
}

/** What a test is to find out, as it is chosen. */
export const QUESTION_WORDS: Readonly<Record<LadderQuestion['ask'], string>> = {
  window: 'Where it comes out well',
  offset: 'Whether the plate is as hot as it shows',
  paper: 'Whether this paper takes longer',
};

/** What test pieces are called: A, B, C … with what each is pressed at. */
export const rungName = (rung: Setting, nth: number, units: UnitStyle): string =>
  `${String.fromCharCode(65 + nth)} ${figures(rung, units)}`;

/** What a test is expected to be good for. */
export function ladderWords(
  { rungs, goodNow, goodAfter }: Ladder,
  { ask }: LadderQuestion,
): string {
  const pieces = rungs.length === 1 ? 'one piece' : `${rungs.length} pieces`;
  if (ask === 'window')
    return rungs.length === 0
      ? 'It is known well enough: no test piece would tell much more.'
      : `With ${pieces} the best setting is expected to come out well in ${Math.round(100 * goodAfter)} of 100; as far as is known now, in ${Math.round(100 * goodNow)}.`;
  return `These ${pieces} tell most of it. Look at where they go over from pale to good.`;
}

/** How many spoiled ones are there to test on; empty where none are known of. */
export const stockWords = (spoiled: number): string =>
  spoiled === 0
    ? ''
    : spoiled === 1
      ? 'Your log knows of a spoiled one of this blank: use it first.'
      : `Your log knows of ${spoiled} spoiled ones of this blank: use these first.`;

/** What pressings so far say to a question about plate or paper, from and to; `null` where nothing is asked of them. */
export function answerWords(
  { least, most }: Answer,
  { ask }: LadderQuestion,
  units: UnitStyle,
): string | null {
  if (ask === 'window') return null;
  if (ask === 'paper') {
    const share = (ln: number) => Math.round(100 * (Math.exp(ln) - 1));
    const said = (ln: number) => `${Math.abs(share(ln))} % ${ln < 0 ? 'less' : 'more'}`;
    return `As far as its pressings tell, this paper takes between ${said(least)} and ${said(most)} time than others before.`;
  }
  const said = (k: number) =>
    `${formatDegrees(k, units.temperature)} ${k < 0 ? 'cooler' : 'hotter'}`;
  return `As far as test pieces tell, the plate is between ${said(least)} and ${said(most)} than it is set. A thermometer tells more.`;
}
