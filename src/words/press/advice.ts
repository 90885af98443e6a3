import type { Taping } from '@/core/press';
import type { CareCode } from '@/core/traits';
import { type LengthUnit } from '@/core/units';
import { formatLength } from '../units';

/** How a print is held, in a sentence. */
export function tapingWords(taping: Taping, unit: LengthUnit): string {
  switch (taping.code) {
    case 'pull-tight':
      return 'Pull the paper tight, base flush, the same distance to the rim at both ends.';
    case 'edges-in-order':
      return `Tape in this order: rim, base, ${taping.handle ? 'handle side, ' : ''}seam.`;
    case 'ink-to-overlap':
      return 'Where ink lies under it, tape to the paper’s own overlap; never over ink.';
    case 'slit-long-edges':
      return `Slit the long edges (${formatLength(taping.lengthMm, unit)}) every hand’s width and fold them over.`;
    case 'cut-sleeve':
      return `Cut the sleeve ${formatLength(taping.lengthMm, unit)} long (the wall and a little over)${taping.handle ? ', with two snips for the handle' : ''}.`;
    case 'shrink-seams-first':
      return 'Shrink its seams first, then all round, evenly.';
    case 'two-edges-of-cloth':
      return 'Tape two opposite edges outside the picture; heat-safe spray on the paper’s rim does as well.';
    case 'outside-the-picture':
      return 'Tape on the back of the blank or outside the picture: tape over ink stops the ink.';
    case 'thin-tape':
      return 'Thin tape, laid flat: a thick one leaves a mark.';
  }
}

/** What to tell the one who gets it. */
export const CARE_WORDS: Readonly<Record<CareCode, string>> = {
  'cup-by-hand': 'Wash by hand; a dishwasher pales the colours in time.',
  'cup-no-scouring': 'No scouring: the coating holds the picture.',
  'food-as-maker-says': 'Food contact: as its maker says.',
  'hard-wipe-clean': 'Wipe clean; no scouring, no dishwasher.',
  'hard-out-of-sun': 'Keep it out of strong sun: dye pales.',
  'dyed-wash-warm': 'Wash warm, inside out; no bleach.',
  'dyed-dry-low': 'Tumble-dry low or hang; iron from the inside.',
  'film-wait-a-day': 'Wait a day before the first wash.',
  'film-wash-inside-out': 'Wash inside out, cold to warm, no softener.',
  'film-dry-hanging': 'Dry hanging or on low; iron from the inside, never on the picture.',
};
