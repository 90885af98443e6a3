import type { Rescue, RescueReason, RescueWay } from '@/core/log';

/** What can still be done with a piece, and how. */
const WAY_WORDS: Readonly<Record<RescueWay, string>> = {
  'press-again':
    'Leave its paper taped as it is and press it once more, so that the dye gets about a third of what the first heat brings; how long that takes from cold is worked out by the heat model. Look under one corner only after it has cooled.',
  'press-edges':
    'Lay fresh cover paper over it and press it once more for the same time and heat, firmly where it lifts.',
  'reprint-part': 'Print only the bad piece anew, and lay it exactly over what is there.',
  'cover-over': 'Cover it: the same picture by an opaque transfer, laid over all of it.',
  'test-stock': 'Keep it as test stock: what is bare of it is good enough for a test piece.',
  'give-up': 'Let it go: cracked or scratched blanks break when they are heated again.',
};

const WHY_WORDS: Readonly<Record<RescueReason, string>> = {
  'dye-was-held-back': 'What dye the paper still holds goes on in the same place.',
  'dye-moves-again':
    'Do not press it again without its paper, nor with a new print: finished dye moves in a second heat, and a new print never lies exactly over the old one.',
  'adhesive-softens-again': 'What sticks softens again in the heat and takes hold.',
  'seam-shows': 'The seam may show when it is looked at closely.',
  'opaque-hides': 'It hides what is below; you can feel it.',
  'still-bare': '',
  damaged: '',
};

/** A way out of a spoiled piece, in sentences. */
export const rescueWords = ({ way, why }: Rescue): string =>
  [WAY_WORDS[way], WHY_WORDS[why]].filter(Boolean).join(' ');

/** Why a second heat is not offered. */
export const againstWords = (why: RescueReason): string => WHY_WORDS[why];
