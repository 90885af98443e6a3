import type { Evidence } from '@/core/log';

/** What is asked, to be answered by yes or no. */
export const EVIDENCE_WORDS: Readonly<Record<Evidence, string>> = {
  'same-all-over': 'Is it the same all over?',
  'at-edges': 'Is it at the edges or corners?',
  'in-one-place': 'Is it in one place only?',
  'second-outline': 'Is there a second, shifted outline?',
  'first-side-only': 'Is it only the side that was pressed first?',
  'put-in-too-soon': 'Did it go in before the display stood?',
  'never-measured': 'Was the plate never measured?',
  'pressed-less': 'Was it pressed shorter than set?',
  'pressed-longer': 'Was it pressed longer than set?',
  'set-cooler': 'Was it set cooler than the recipe?',
  'set-hotter': 'Was it set hotter than the recipe?',
  'light-pressure': 'Was the pressure light?',
  'firm-pressure': 'Was the pressure firm?',
  'no-pad': 'Was there no soft pad?',
  'not-dried': 'Did it go in without being dried or pre-pressed?',
  'steam-seen': 'Did steam come out, or was the paper damp?',
  'mostly-cotton': 'Is the cloth mostly cotton?',
  'dark-blank': 'Is the blank dark?',
  'coating-unknown': 'Is it unknown whether the blank is coated for dye?',
  'press-slid': 'Did the press slide, or was it dragged?',
  'lifted-hot': 'Did the paper come off while it was hot?',
  'tape-came-off': 'Was tape loose afterwards?',
  'not-linted': 'Was the lint roller left out?',
  'cover-browned': 'Was the cover paper brown?',
  'cover-used-before': 'Was the cover paper used before?',
  'two-pressings': 'Were its sides pressed one after the other?',
  'dialog-mirrored': 'Was mirroring on in the print dialog?',
  'file-mirrored': 'Did the file mirror it?',
  'wrong-paper-side': 'Could the wrong side of the paper have been printed?',
  'plain-paper-setting': 'Was plain or another paper set in the print dialog?',
  'ink-still-wet': 'Was the ink still wet?',
  'no-bleed': 'Did the print end at the edge, without bleed?',
  'cut-by-eye': 'Was it cut by eye?',
  'tape-on-ink': 'Did tape lie on the ink?',
  enlarged: 'Was the picture made much larger than it was?',
  'proportions-unlocked': 'Were its proportions unlocked?',
  'unwrapped-cold': 'Was it unwrapped long after, cold?',
};

/** Evidence as a statement for a list, without its question. */
export const evidenceName = (evidence: Evidence): string =>
  EVIDENCE_WORDS[evidence].replace(/\?$/, '').toLowerCase();
