import type { Cause, Fault } from '../model';

/** What may be seen or known of a pressing that went wrong; some of it the program knows by itself. */
export const EVIDENCE = [
  ...['same-all-over', 'at-edges', 'in-one-place', 'second-outline', 'first-side-only'],
  ...['put-in-too-soon', 'never-measured', 'pressed-less', 'pressed-longer', 'set-cooler'],
  ...['set-hotter', 'light-pressure', 'firm-pressure', 'no-pad', 'not-dried', 'steam-seen'],
  ...[
    'mostly-cotton',
    'dark-blank',
    'coating-unknown',
    'press-slid',
    'lifted-hot',
    'tape-came-off',
  ],
  ...['not-linted', 'cover-browned', 'cover-used-before', 'two-pressings', 'dialog-mirrored'],
  ...['file-mirrored', 'wrong-paper-side', 'plain-paper-setting', 'ink-still-wet', 'no-bleed'],
  ...['cut-by-eye', 'tape-on-ink', 'enlarged', 'proportions-unlocked', 'unwrapped-cold'],
] as const;
/** Something seen or known of a pressing. */
export type Evidence = (typeof EVIDENCE)[number];

/** Where a likelihood comes from: none of them was measured. */
type Origin = 'common practice' | 'own choice';

/** A cause: how often it is behind things, what it looks like, and what is then usually seen. */
export interface CauseTraits {
  /** How often it is the cause, beside the others (own choice). */
  readonly often: number;
  /** How likely each fault is where it is the cause; any other is hardly ever seen. */
  readonly faults: Partial<Readonly<Record<Fault, number>>>;
  /** How likely each thing is seen or known where it is the cause; else as often as ever. */
  readonly shows: Partial<Readonly<Record<Evidence, number>>>;
  readonly origin: Origin;
}

const cause = (
  often: number,
  faults: CauseTraits['faults'],
  shows: CauseTraits['shows'],
  origin: Origin = 'common practice',
): CauseTraits => ({ often, faults, shows, origin });

/** One record for each cause. Which fault a cause brings: common practice; the figures: own choice. */
export const CAUSES: Readonly<Record<Cause, CauseTraits>> = {
  'plate-reads-low': cause(
    8,
    { faded: 0.8, peeling: 0.2, blurred: 0.1 },
    {
      'never-measured': 0.85,
      'same-all-over': 0.8,
      'put-in-too-soon': 0.05,
      'pressed-less': 0.05,
      'set-cooler': 0.1,
    },
  ),
  'not-hot-yet': cause(
    6,
    { faded: 0.85, peeling: 0.15 },
    { 'put-in-too-soon': 0.9, 'same-all-over': 0.7, 'set-cooler': 0.15 },
  ),
  'too-short': cause(
    6,
    { faded: 0.85, peeling: 0.25 },
    { 'pressed-less': 0.85, 'same-all-over': 0.75 },
  ),
  'set-too-cool': cause(
    5,
    { faded: 0.85, peeling: 0.2 },
    { 'set-cooler': 0.9, 'same-all-over': 0.8 },
  ),
  'too-hot': cause(
    5,
    { scorched: 0.85, ghost: 0.1, cracked: 0.05 },
    { 'set-hotter': 0.75, 'cover-browned': 0.7, 'pressed-longer': 0.15, 'same-all-over': 0.6 },
  ),
  'too-long': cause(
    6,
    { scorched: 0.8, blurred: 0.15 },
    { 'pressed-longer': 0.9, 'cover-browned': 0.6, 'set-hotter': 0.15 },
  ),
  'too-little-pressure': cause(
    7,
    { blurred: 0.7, faded: 0.4, peeling: 0.3 },
    { 'light-pressure': 0.7, 'in-one-place': 0.6, 'at-edges': 0.4 },
  ),
  moisture: cause(
    6,
    { faded: 0.35, blurred: 0.4, peeling: 0.4, ghost: 0.1, wrinkles: 0.15 },
    { 'not-dried': 0.85, 'steam-seen': 0.6, 'in-one-place': 0.5 },
  ),
  'too-much-cotton': cause(
    4,
    { faded: 0.85, vanished: 0.25 },
    { 'mostly-cotton': 0.9, 'same-all-over': 0.85 },
  ),
  'no-coating': cause(
    4,
    { faded: 0.6, vanished: 0.5 },
    { 'coating-unknown': 0.85, 'same-all-over': 0.8 },
  ),
  'wrong-side-printed': cause(
    3,
    { faded: 0.7, blurred: 0.4, streaks: 0.15 },
    { 'wrong-paper-side': 0.8, 'same-all-over': 0.8, 'ink-still-wet': 0.3 },
  ),
  'press-moved': cause(
    6,
    { ghost: 0.85, blurred: 0.3, register: 0.1 },
    { 'press-slid': 0.8, 'second-outline': 0.7, 'at-edges': 0.4 },
  ),
  'paper-shifted': cause(
    7,
    { ghost: 0.85, register: 0.25, blurred: 0.15 },
    { 'tape-came-off': 0.8, 'second-outline': 0.8 },
  ),
  'opened-while-hot': cause(
    6,
    { ghost: 0.75, peeling: 0.3, blurred: 0.1 },
    { 'lifted-hot': 0.9, 'second-outline': 0.6 },
  ),
  'pressed-twice': cause(
    4,
    { 'faded-first-side': 0.9, ghost: 0.2, faded: 0.1 },
    { 'two-pressings': 0.9, 'first-side-only': 0.9 },
  ),
  'cover-used-twice': cause(
    3,
    { ghost: 0.4, specks: 0.4, 'dark-line': 0.15 },
    { 'cover-used-before': 0.9, 'in-one-place': 0.5 },
  ),
  'bleed-missing': cause(
    5,
    { 'white-edge': 0.85, 'seam-gap': 0.2 },
    { 'no-bleed': 0.85, 'at-edges': 0.9 },
  ),
  'paper-not-flush': cause(
    4,
    { 'white-edge': 0.5, blurred: 0.4, 'seam-gap': 0.25 },
    { 'tape-came-off': 0.4, 'at-edges': 0.75, 'no-bleed': 0.15 },
  ),
  'trimmed-off-line': cause(
    4,
    { 'seam-gap': 0.8, 'dark-line': 0.5, 'white-edge': 0.2 },
    { 'cut-by-eye': 0.85, 'at-edges': 0.4 },
  ),
  'tape-over-ink': cause(4, { 'tape-patch': 0.95 }, { 'tape-on-ink': 0.9, 'in-one-place': 0.8 }),
  lint: cause(6, { specks: 0.9, peeling: 0.15 }, { 'not-linted': 0.8, 'in-one-place': 0.5 }),
  'mirrored-twice': cause(
    4,
    { backwards: 0.95 },
    { 'dialog-mirrored': 0.85, 'file-mirrored': 0.85 },
  ),
  'never-mirrored': cause(
    5,
    { backwards: 0.95 },
    { 'dialog-mirrored': 0.05, 'file-mirrored': 0.05 },
  ),
  'pressed-hard-on-bare': cause(
    4,
    { cracked: 0.9, scratched: 0.1 },
    { 'firm-pressure': 0.75, 'no-pad': 0.8 },
  ),
  'heat-shock': cause(
    2,
    { cracked: 0.8 },
    { 'set-hotter': 0.4, 'no-pad': 0.15, 'firm-pressure': 0.15 },
    'own choice',
  ),
  'outside-printable': cause(4, { clipped: 0.9, 'white-edge': 0.2 }, { 'at-edges': 0.8 }),
  'pale-on-colour': cause(4, { vanished: 0.9, faded: 0.3 }, { 'dark-blank': 0.9 }),
  'wrong-media': cause(
    5,
    { streaks: 0.85, faded: 0.3, 'roller-tracks': 0.2 },
    { 'plain-paper-setting': 0.85 },
  ),
  'wet-ink': cause(
    4,
    { 'roller-tracks': 0.75, blurred: 0.3, streaks: 0.2 },
    { 'ink-still-wet': 0.9 },
  ),
  'halves-misread': cause(2, { 'halves-swapped': 0.95 }, {}),
  'laid-upside-down': cause(2, { 'upside-down': 0.95 }, {}),
  'fold-slipped': cause(2, { register: 0.85, ghost: 0.15 }, { 'tape-came-off': 0.3 }),
  'film-too-large': cause(2, { rim: 0.95 }, { 'cut-by-eye': 0.4 }),
  'corners-too-cool': cause(
    3,
    { peeling: 0.75, faded: 0.2 },
    { 'at-edges': 0.85, 'light-pressure': 0.3 },
  ),
  'sleeve-overheated': cause(2, { 'sleeve-stuck': 0.7, wrinkles: 0.3 }, { 'unwrapped-cold': 0.2 }),
  'sleeve-gone-cold': cause(2, { 'sleeve-stuck': 0.85, scratched: 0.2 }, { 'unwrapped-cold': 0.9 }),
  'not-smoothed': cause(
    3,
    { wrinkles: 0.85, blurred: 0.2 },
    { 'not-dried': 0.3, 'in-one-place': 0.6 },
  ),
  scraped: cause(2, { scratched: 0.9 }, { 'unwrapped-cold': 0.5 }),
  'size-forced': cause(2, { stretched: 0.95 }, { 'proportions-unlocked': 0.9 }),
  'too-few-pixels': cause(
    3,
    { 'low-resolution': 0.95, blurred: 0.25 },
    { enlarged: 0.85, 'same-all-over': 0.7 },
  ),
};

/** How often each thing is seen or known where nothing points to it (own choice). */
export const EVER_SEEN: Partial<Readonly<Record<Evidence, number>>> = {
  'same-all-over': 0.35,
  'never-measured': 0.5,
  'at-edges': 0.25,
  'in-one-place': 0.25,
  'not-dried': 0.3,
  'not-linted': 0.25,
  'light-pressure': 0.2,
  'no-pad': 0.3,
  'file-mirrored': 0.4,
  'dialog-mirrored': 0.3,
};
/** Anything else is seen this often. */
export const SELDOM_SEEN = 0.1;
