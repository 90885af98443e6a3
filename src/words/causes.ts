import type { Suspect } from '@/core/log';
import type { Cause } from '@/core/model';

/** What a cause is called, the cheapest look that tells, and what to do about it. */
interface CauseWords {
  readonly name: string;
  readonly check: string;
  readonly remedy: string;
}

const of = (name: string, check: string, remedy: string): CauseWords => ({ name, check, remedy });

/** Every cause in words (common practice). */
export const CAUSE_WORDS: Readonly<Record<Cause, CauseWords>> = {
  'plate-reads-low': of(
    'The plate is cooler than it shows',
    'Read the plate with a thermometer or strips.',
    'Note the offset at the machine: every setting makes up for it.',
  ),
  'not-hot-yet': of(
    'It was put in before the machine was hot',
    'Watch the display at the next one: is it there, and does it stay?',
    'Wait until the display stands, a minute more with a thick plate.',
  ),
  'too-short': of(
    'It was pressed too short',
    'Compare the seconds in the record with the recipe.',
    'Press the full time; let the timer count.',
  ),
  'set-too-cool': of(
    'It was set too cool',
    'Compare the heat in the record with the recipe and the maker’s sheet.',
    'Set the recipe’s heat.',
  ),
  'too-hot': of(
    'It was too hot',
    'Read the plate with a thermometer; press a scrap 10 °F cooler.',
    'Set it cooler, not shorter.',
  ),
  'too-long': of(
    'It was pressed too long',
    'Compare the seconds in the record with the recipe.',
    'Set an alarm and stay by it.',
  ),
  'too-little-pressure': of(
    'Too little pressure, or uneven',
    'Close the press on strips of paper at the corners: all must hold.',
    'Tighten it; a pad under seams and edges.',
  ),
  moisture: of(
    'Moisture in blank or paper',
    'Press a scrap dry for ten seconds first and compare.',
    'Dry blank and print before they meet; keep paper in its bag.',
  ),
  'too-much-cotton': of(
    'The cloth is mostly cotton',
    'Read the label.',
    'Take polyester, or film, paper or vinyl that sticks by itself.',
  ),
  'no-coating': of(
    'The blank has no coating for dye',
    'Press a scrap of print on its back for a few seconds.',
    'Take a blank made for sublimation.',
  ),
  'wrong-side-printed': of(
    'The wrong side of the paper was printed',
    'Wet a corner with a fingertip: the print side sticks.',
    'Mark the feed side at the printer.',
  ),
  'press-moved': of(
    'The press slid as it was opened or moved',
    'Look for a second outline to one side.',
    'Straight up and straight down; less slippery cover paper.',
  ),
  'paper-shifted': of(
    'The paper shifted',
    'Look whether tape hangs loose.',
    'Tape all sides, more of it round a mug.',
  ),
  'opened-while-hot': of(
    'The paper came off while it was hot',
    'Look for a halo on all sides.',
    'Let it go cold before the paper comes off.',
  ),
  'pressed-twice': of(
    'The first side was heated again with the second',
    'Compare both sides.',
    'Press both at once: one strip, folded over.',
  ),
  'cover-used-twice': of(
    'Dye out of a cover paper that was used before',
    'Look at the cover paper: dye shows as a shadow.',
    'Fresh cover paper every time.',
  ),
  'bleed-missing': of(
    'The print does not reach beyond the edge',
    'Lay the next print on the blank before heat.',
    'Give it its bleed.',
  ),
  'paper-not-flush': of(
    'The paper stood off at the edge',
    'Feel along the edge before heat.',
    'Pull it tight and tape the edge, base flush.',
  ),
  'trimmed-off-line': of(
    'It was trimmed beside the line',
    'Measure a trimmed sheet against its marks.',
    'Cut with a ruler and a sharp knife, on the line.',
  ),
  'tape-over-ink': of(
    'Tape lay over ink',
    'The patch has the tape’s width.',
    'Tape on the white border only.',
  ),
  lint: of(
    'Lint',
    'Look at the blank against the light.',
    'Roll it right before the print is laid.',
  ),
  'mirrored-twice': of(
    'It was mirrored twice',
    'Look at the print: does it read normally?',
    'Mirror in the file or in the dialog, not in both.',
  ),
  'never-mirrored': of(
    'It was not mirrored',
    'Look at the print: does it read normally?',
    'Let the file mirror it.',
  ),
  'pressed-hard-on-bare': of(
    'Firm pressure on a bare base',
    'Look for a pad under it.',
    'Press lightly, with a soft pad.',
  ),
  'heat-shock': of(
    'Heated or cooled too suddenly',
    'Was it laid on something cold, or taken from the cold?',
    'Let it cool slowly on a mat.',
  ),
  'outside-printable': of(
    'Part of it lay outside what the printer reaches',
    'Look at the print’s edge before heat.',
    'Keep it off the border, or take larger paper.',
  ),
  'pale-on-colour': of(
    'The colour is too pale for this blank',
    'Look at “Colours on this blank”.',
    'A paler blank, a darker shade, or a transfer that covers.',
  ),
  'wrong-media': of(
    'The wrong paper was set in the print dialog',
    'Print a test line with the paper’s own setting.',
    'Note the setting at the paper.',
  ),
  'wet-ink': of(
    'The ink was still wet',
    'Touch the edge of the next print.',
    'Let it dry some minutes, one sheet at a time.',
  ),
  'halves-misread': of(
    'The halves were laid on the wrong sides',
    'Read their names as seen from outside.',
    'Lay “left half” on the left, handle behind.',
  ),
  'laid-upside-down': of(
    'It was laid upside down',
    'Look for the up mark.',
    'Check the up mark before the press closes.',
  ),
  'fold-slipped': of(
    'Fold or lay-up slipped',
    'Hold it against the light.',
    'Fold over a light, tape, carry it flat.',
  ),
  'film-too-large': of(
    'The film was cut larger than the print',
    'Lay print and film on each other.',
    'Cut it exactly as large.',
  ),
  'corners-too-cool': of(
    'The corners got too little heat',
    'Read the plate at its corners.',
    'Lay it under the even part; an iron stays longer on corners.',
  ),
  'sleeve-overheated': of(
    'The sleeve was shrunk too hot',
    'Look for thin or torn places.',
    'Shrink the seams first, evenly, from further off.',
  ),
  'sleeve-gone-cold': of(
    'The sleeve went cold on it',
    'Was it unwrapped the next day?',
    'Take it off warm, with gloves.',
  ),
  'not-smoothed': of(
    'Blank or paper was not smooth',
    'Press the bare blank flat for a few seconds.',
    'Smooth and pre-press it.',
  ),
  scraped: of(
    'It was scraped while unwrapping',
    'Look for straight marks beside tape.',
    'Lift tape by its end, no blade.',
  ),
  'size-forced': of(
    'It was forced into another proportion',
    'Compare width and height with the picture’s.',
    'Lock its proportions.',
  ),
  'too-few-pixels': of(
    'Too few pixels for the size',
    'Look at the pixels an inch at Art.',
    'A larger file, or a smaller picture.',
  ),
};

/** How likely a cause is, in words: shares are rough. */
export function shareWords({ share }: Pick<Suspect, 'share'>): string {
  if (share >= 0.75) return 'very likely';
  if (share >= 0.45) return 'likely';
  return share >= 0.15 ? 'possible' : 'less likely';
}
