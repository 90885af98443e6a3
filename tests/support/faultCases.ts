import type { Evidence } from '@/core/log';
import type { Cause, Fault } from '@/core/model';

/** A pressing that went wrong as a crafter would tell of it: what was seen, what was not, and what was behind it. */
export interface FaultCase {
  readonly cause: Cause;
  readonly faults: readonly Fault[];
  readonly yes: readonly Evidence[];
  readonly no: readonly Evidence[];
}

const told = (
  cause: Cause,
  faults: readonly Fault[],
  yes: readonly Evidence[],
  no: readonly Evidence[] = [],
): FaultCase => ({ cause, faults, yes, no });

/** Written before any figure of the causes was looked at again; the trade's own stories, made up. */
export const TUNED: readonly FaultCase[] = [
  told(
    'plate-reads-low',
    ['faded'],
    ['never-measured', 'same-all-over'],
    ['put-in-too-soon', 'pressed-less', 'set-cooler'],
  ),
  told(
    'plate-reads-low',
    ['faded', 'peeling'],
    ['never-measured'],
    ['pressed-less', 'not-dried', 'light-pressure'],
  ),
  told('not-hot-yet', ['faded'], ['put-in-too-soon', 'same-all-over'], ['set-cooler']),
  told('not-hot-yet', ['faded'], ['put-in-too-soon', 'never-measured'], ['pressed-less']),
  told('too-short', ['faded'], ['pressed-less', 'same-all-over'], ['put-in-too-soon']),
  told('set-too-cool', ['faded'], ['set-cooler', 'same-all-over'], ['pressed-less']),
  told('too-hot', ['scorched'], ['set-hotter', 'cover-browned'], ['pressed-longer']),
  told('too-long', ['scorched'], ['pressed-longer'], ['set-hotter']),
  told('too-long', ['scorched', 'blurred'], ['pressed-longer', 'cover-browned'], ['lifted-hot']),
  told(
    'too-little-pressure',
    ['blurred'],
    ['light-pressure', 'in-one-place'],
    ['press-slid', 'not-dried'],
  ),
  told('moisture', ['blurred'], ['not-dried', 'steam-seen'], ['light-pressure']),
  told('moisture', ['peeling'], ['not-dried'], ['lifted-hot', 'at-edges', 'not-linted']),
  told(
    'too-much-cotton',
    ['faded'],
    ['mostly-cotton', 'same-all-over'],
    ['pressed-less', 'set-cooler'],
  ),
  told('no-coating', ['vanished'], ['coating-unknown', 'same-all-over'], ['dark-blank']),
  told(
    'wrong-side-printed',
    ['faded', 'blurred'],
    ['wrong-paper-side', 'same-all-over'],
    ['put-in-too-soon'],
  ),
  told('press-moved', ['ghost'], ['press-slid', 'second-outline'], ['tape-came-off']),
  told(
    'paper-shifted',
    ['ghost'],
    ['tape-came-off', 'second-outline'],
    ['press-slid', 'lifted-hot'],
  ),
  told('paper-shifted', ['ghost', 'register'], ['tape-came-off'], ['lifted-hot']),
  told('opened-while-hot', ['ghost'], ['lifted-hot'], ['press-slid', 'tape-came-off']),
  told('opened-while-hot', ['ghost', 'peeling'], ['lifted-hot', 'second-outline']),
  told('pressed-twice', ['faded-first-side'], ['two-pressings', 'first-side-only']),
  told('cover-used-twice', ['specks'], ['cover-used-before', 'in-one-place'], ['not-linted']),
  told('bleed-missing', ['white-edge'], ['no-bleed', 'at-edges']),
  told('paper-not-flush', ['white-edge', 'blurred'], ['tape-came-off', 'at-edges'], ['no-bleed']),
  told('trimmed-off-line', ['seam-gap'], ['cut-by-eye']),
  told('trimmed-off-line', ['dark-line'], ['cut-by-eye', 'at-edges'], ['cover-used-before']),
  told('tape-over-ink', ['tape-patch'], ['tape-on-ink']),
  told('lint', ['specks'], ['not-linted'], ['cover-used-before']),
  told('lint', ['specks'], ['not-linted', 'in-one-place'], []),
  told('mirrored-twice', ['backwards'], ['dialog-mirrored', 'file-mirrored']),
  told('never-mirrored', ['backwards'], [], ['dialog-mirrored', 'file-mirrored']),
  told('pressed-hard-on-bare', ['cracked'], ['firm-pressure', 'no-pad']),
  told('outside-printable', ['clipped'], ['at-edges']),
  told('pale-on-colour', ['vanished'], ['dark-blank'], ['coating-unknown']),
  told('wrong-media', ['streaks'], ['plain-paper-setting'], ['ink-still-wet']),
  told('wet-ink', ['roller-tracks'], ['ink-still-wet'], ['plain-paper-setting']),
  told('corners-too-cool', ['peeling'], ['at-edges'], ['not-dried', 'lifted-hot']),
  told('sleeve-gone-cold', ['sleeve-stuck'], ['unwrapped-cold']),
  told('size-forced', ['stretched'], ['proportions-unlocked']),
  told('too-few-pixels', ['low-resolution'], ['enlarged']),
];

/** Kept out when the figures of the causes were looked over. */
export const HELD_OUT: readonly FaultCase[] = [
  told(
    'plate-reads-low',
    ['faded'],
    ['never-measured', 'same-all-over'],
    ['pressed-less', 'mostly-cotton'],
  ),
  told('not-hot-yet', ['faded', 'peeling'], ['put-in-too-soon'], ['pressed-less']),
  told('too-short', ['faded'], ['pressed-less', 'never-measured']),
  told('set-too-cool', ['faded'], ['set-cooler'], ['put-in-too-soon', 'not-dried']),
  told('too-hot', ['scorched'], ['set-hotter', 'same-all-over']),
  told('too-long', ['scorched'], ['pressed-longer', 'same-all-over']),
  told('too-little-pressure', ['blurred', 'faded'], ['light-pressure'], ['steam-seen']),
  told(
    'moisture',
    ['faded', 'blurred'],
    ['not-dried', 'steam-seen', 'in-one-place'],
    ['pressed-less'],
  ),
  told('press-moved', ['ghost'], ['press-slid'], ['lifted-hot']),
  told('paper-shifted', ['ghost'], ['tape-came-off'], ['press-slid']),
  told('cover-used-twice', ['ghost', 'specks'], ['cover-used-before'], ['lifted-hot']),
  told('bleed-missing', ['white-edge'], ['no-bleed'], ['tape-came-off']),
  told('never-mirrored', ['backwards'], [], ['file-mirrored']),
  told('pressed-hard-on-bare', ['cracked'], ['no-pad'], ['set-hotter']),
  told('heat-shock', ['cracked'], ['set-hotter'], ['firm-pressure', 'no-pad']),
  told('wrong-media', ['streaks', 'faded'], ['plain-paper-setting', 'same-all-over']),
  told('fold-slipped', ['register'], [], ['press-slid', 'tape-came-off']),
  told('not-smoothed', ['wrinkles'], ['in-one-place'], ['steam-seen']),
  told('sleeve-overheated', ['sleeve-stuck'], [], ['unwrapped-cold']),
  told(
    'no-coating',
    ['faded'],
    ['coating-unknown', 'same-all-over'],
    ['set-cooler', 'pressed-less'],
  ),
];
