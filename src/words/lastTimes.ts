import { format } from 'date-fns';
import type { Drift, Otherwise, SettingTally, Suffered } from '@/core/log';
import type { Fault, PressRecord } from '@/core/model';
import { FAULT_WORDS } from './faults';
import { settingWords } from './log';
import { formatDegrees, formatDuration, type UnitStyle } from './units';

/** What prevents each fault, at the station where it still can be (common practice). */
export const PREVENTED_BY: Readonly<Record<Fault, string>> = {
  ghost:
    'tape it well, move the press straight up and down, and let it cool before the paper comes off',
  blurred: 'press flat and firm enough, and tape it tight',
  faded:
    'see that the plate really is as hot as it shows, that it is long enough, and that it is dry',
  'faded-first-side': 'put both sides on one strip and press them together',
  'white-edge': 'give it its bleed, and roll or wrap the edges',
  'seam-gap': 'trim on the line, lay without a step, smooth the air out',
  'dark-line': 'trim marks and boxes off before it is pressed',
  specks: 'roll lint off blank and print, right before they meet',
  'tape-patch': 'keep tape off the ink',
  backwards: 'mirror once: in the file or in the print dialog',
  'upside-down': 'look for the up mark when it is laid',
  scorched: 'measure the plate, set the timer, and stay by it',
  cracked: 'press lightly, with a soft pad below',
  clipped: 'keep the picture off the printer’s border, and look at the print before heat',
  vanished: 'look at the colours on this blank before it is printed',
  streaks: 'choose the paper’s own setting in the print dialog, and print a test line',
  'roller-tracks': 'let the ink dry, one sheet at a time',
  'halves-swapped': 'lay each half as it is named, seen from outside',
  register: 'fold over a light, and carry it without a shift',
  rim: 'cut the film as large as its print',
  peeling: 'dry it, roll lint off, and heat the corners too',
  'sleeve-stuck': 'shrink it gently, and take it off while it is warm, with gloves',
  wrinkles: 'smooth blank and paper before the press closes',
  scratched: 'take tape off by its end, never with a blade',
  stretched: 'keep its proportions',
  'low-resolution': 'take a larger file, or make it smaller',
};

/** A day as the log writes it elsewhere: last year's is not this one. */
const dayOf = (at: string): string => format(new Date(at), 'd MMM yyyy');

/** A fault once suffered, at the station that can prevent it. */
export function sufferedWords({ fault, lastAt, times }: Suffered): string {
  const [label] = FAULT_WORDS[fault];
  const often = times > 1 ? `${times} times, last on` : 'On';
  return `${often} ${dayOf(lastAt)}, on the like of it: ${label.toLowerCase()}. This time ${PREVENTED_BY[fault]}.`;
}

/** What the log tells of a machine that heats otherwise than it did, and what to do. */
export function driftWords({ to, since, lately, before }: Drift): string {
  const [what, reads] = to === 'cooler' ? ['pale', 'cooler'] : ['too much', 'hotter'];
  return `Since ${dayOf(since)} ${lately.off} of ${lately.of} came out ${what} with figures that were good before (then ${before.off} of ${before.of}). The plate may have begun to be ${reads} than it shows: measure it before the next good blank.`;
}

/** How often a setting came out how. */
export function triedWords(tried: SettingTally, units: UnitStyle): string {
  const { counts, total } = tried;
  const bad = counts.spoiled > 0 ? `, ${counts.spoiled} spoiled` : '';
  const usable = counts.usable > 0 ? `, ${counts.usable} usable` : '';
  return `${settingWords(tried, units)} on “${tried.machineName}”: ${counts.good} of ${total} good${usable}${bad}`;
}

function otherwiseWords(one: Otherwise, { temperature }: UnitStyle): string {
  switch (one.what) {
    case 'heat':
      return `${formatDegrees(one.byC, temperature)} ${one.byC > 0 ? 'hotter' : 'cooler'}`;
    case 'time':
      return `${formatDuration(Math.abs(one.byS))} ${one.byS > 0 ? 'longer' : 'shorter'}`;
    case 'pressure':
      return `${one.to} pressure, not ${one.from}`;
    case 'machine':
    case 'paper':
    case 'printer':
      return `“${one.name}”`;
    case 'pad':
      return one.had ? 'with a pad' : 'without a pad';
    case 'used-cover':
      return one.had ? 'used cover paper' : 'fresh cover paper';
    case 'over-dye':
      return one.had ? 'over finished dye' : 'not over dye';
  }
}

/** A pressing that was spoiled, and what was otherwise than in one that came out well. */
export function spoiledWords(
  { at, faults }: Pick<PressRecord, 'at' | 'faults'>,
  otherwise: readonly Otherwise[] | null,
  units: UnitStyle,
): string {
  const named = faults.map((fault) => FAULT_WORDS[fault][0].toLowerCase()).join(', ');
  const what = named === '' ? 'spoiled' : `spoiled (${named})`;
  const why =
    otherwise === null
      ? 'none came out well to compare it with'
      : otherwise.length === 0
        ? 'nothing that is written down was otherwise'
        : `otherwise than in a good one: ${otherwise.map((each) => otherwiseWords(each, units)).join(', ')}`;
  return `${dayOf(at)}: ${what}; ${why}.`;
}

/** What a log that was brought in came to. */
export function broughtInWords({
  fresh,
  known,
  other,
}: {
  readonly fresh: readonly unknown[];
  readonly known: number;
  readonly other: number;
}): string {
  const came = `${fresh.length} ${fresh.length === 1 ? 'pressing' : 'pressings'} brought in`;
  const here = known > 0 ? `, ${known} were here already` : '';
  const told = other > 0 ? `, ${other} are told otherwise here and stay as they are` : '';
  return `${came}${here}${told}.`;
}
