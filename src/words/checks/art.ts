import { VISIBLE_BELOW_PPI, WARN_BELOW_PPI } from '@/core/art';
import type { CheckFacts } from '@/core/check';
import { otherwiseWords } from '../drawingIn';
import { percent } from '../say';
import { EDGE_WORDS, ZONE_WORDS } from '../places';
import type { WordsOf } from './words';
import type { EdgeName } from '@/core/form';
import { TRANSFER_WORDS } from '../transfers';

const REASONS = {
  'keep-out': 'where dye takes unevenly or a seam is in the way',
  roll: 'that rolls round the insert',
  hole: 'that is cut out',
  'cut-away': 'where there is no blank',
  handle: 'at the handle',
} as const;

/** Edges are named without the word where they stand in a row. */
const edgeName = (edge: EdgeName): string => EDGE_WORDS[edge].replace(' edge', '');

const USUAL = '(common practice)';

/** Is the picture there, good enough and whole, and does it lie where it survives cut, seam and edge? */
export const ART_WORDS = {
  'no-art': () => ({
    text: 'There is no picture yet. Drop one on the Art station.',
    figure: '',
  }),
  resolution: ({ art, ppi, soft }) => {
    const figure = `${Math.round(ppi)} pixels per inch`;
    return {
      text: soft
        ? `“${art}” has ${figure} at this size; under ${WARN_BELOW_PPI} it may look soft. Make it smaller or use a larger file.`
        : `“${art}” has only ${figure} at this size; under ${VISIBLE_BELOW_PPI} the pixels show. Make it smaller or use a larger file.`,
      figure,
    };
  },
  'colours-untold': ({ art }) => ({
    text: `“${art}” is in the four inks of a printing press (CMYK) and does not say which inks: its colours can only be guessed. It prints as you see it here. Ask for it in sRGB.`,
    figure: 'four inks',
  }),
  'came-otherwise': ({ art, lost }) => ({
    text: `“${art}”: ${otherwiseWords(lost)}`,
    figure: lost.some((what) => what !== 'fonts') ? 'not all of it' : 'other fonts',
  }),
  stretch: ({ share, ...size }, say) => ({
    text: `At ${say.size(size)} the picture is ${percent(share)} ${share > 0 ? 'wider' : 'narrower'} than it should be for its height.`,
    figure: percent(share),
  }),
  'cut-off': ({ art, lostShare, covers, all }) => ({
    text: all
      ? `“${art}” lies wholly off the blank: nothing of it prints.`
      : `The edge of the piece cuts off ${percent(lostShare)} of the detail of “${art}”${covers ? ', since it covers the face' : ''}.`,
    figure: percent(lostShare),
  }),
  'white-box': ({ art, transfer }) => ({
    text: `${TRANSFER_WORDS[transfer].label} stays white where nothing is printed: cut straight, “${art}” gets a white box round it. Cut it along its outline.`,
    figure: 'white box',
  }),
  'pass-empty': () => ({
    text: 'No picture of its own yet: it is pressed where the print lies. With its picture come its own sheets and cut files.',
    figure: 'no picture',
  }),
  'bleed-short': ({ edges, bleedMm }, say) => ({
    text: `The art reaches the face’s edge (${edges.map(edgeName).join(', ')}) but not its ${say.length(bleedMm)} bleed: a white line may show. Make it a little larger.`,
    figure: say.length(bleedMm),
  }),
  'cut-too-wide': ({ marginMm }, say) => ({
    text: `With ${say.length(marginMm)} of room it is cut wider than its picture: the rim shows as a film. Cut it close.`,
    figure: say.length(marginMm),
  }),
  'no-motif': ({ art, cutHelps, trim, ...size }, say) => ({
    text:
      `Of “${art}”, ${say.size(size)} and repeated, no motif shows on the ${say.size(trim)} that are printed. ` +
      `Make it smaller${cutHelps ? ', or let the edge cut it' : ' or place it on the face'}.`,
    figure: say.size(size),
  }),
  'too-many-motifs': ({ art, most }) => ({
    text:
      `“${art}” is repeated so closely that it comes to ${most} motifs or more; no more are laid, ` +
      `and the rest of the face stays bare. Set the motifs further apart, or bring in a picture of many of them.`,
    figure: `${most} motifs`,
  }),
  'keep-out': ({ art, share, zones, kind }) => ({
    text: `${percent(share)} of the detail of “${art}” lies on the ${[...new Set(zones.map((id) => ZONE_WORDS[id].name))].join(' and ')}, ${REASONS[kind]}. Keep faces and lettering off it.`,
    figure: percent(share),
  }),
  'not-lettered': ({ rows, first, shows }) => ({
    text: `“${first}”${rows > 1 ? ` and ${rows - 1} more` : ''} would carry “${shows}”: its own name is not drawn. Give it a name, open the table of what is made and close it: the letters are drawn anew.`,
    figure: String(rows),
  }),
  lettering: ({ words, outShare, safeMm }, say) => ({
    text: `${percent(outShare)} of the line “${words}” stands in the edge zone. Keep lettering inside it.`,
    figure: say.length(safeMm),
  }),
  'cut-edge-prints': () => ({
    text: 'Cut along the art, the paper ends on the hard face, and its cut edge prints as a line. Let the paper cover the whole face.',
    figure: 'paper ends on the face',
  }),
  'paper-short': ({ bleedMm, usualMm }, say) => ({
    text: `With ${say.length(bleedMm)} of bleed the paper ends at the hard edge, and its cut edge prints as a line. Usual here: ${say.length(usualMm)} a side ${USUAL}.`,
    figure: say.length(bleedMm),
  }),
  'bleed-missing': ({ bleedMm, usualMm }, say) => ({
    text: `With ${say.length(bleedMm)} of bleed a white line shows where the paper lies a little off. Usual here: ${say.length(usualMm)} a side ${USUAL}.`,
    figure: say.length(bleedMm),
  }),
  'joining-seam': ({ art, mismatch }) => ({
    text: `“${art}” does not meet itself at the joining seam: its left and right edges differ by ${percent(mismatch)}. Turn the seam to the back, or leave a gap on purpose.`,
    figure: percent(mismatch),
  }),
  'seam-detail': ({ art, share, opposite }) => ({
    text: `${percent(share)} of the detail of “${art}” lies where the two halves meet, opposite the ${opposite}.`,
    figure: percent(share),
  }),
  halves: ({ pieces, back }) => ({
    text: `Each half is mirrored as part of the whole wrap. Seen from outside with the ${back} at the back, “left half” goes on the left; swapped, front and back trade places.`,
    figure: `${pieces} pieces`,
  }),
  'upside-down': ({ art, mismatch }) => ({
    text: `“${art}” looks almost the same upside down. The sheet has an arrow that points up, outside the face.`,
    figure: percent(mismatch),
  }),
  white: ({ art, share, colourName }) => ({
    text: `${percent(share)} of “${art}” is white. There is no white ink in this transfer: those parts show ${colourName}.`,
    figure: percent(share),
  }),
  'two-pressings': ({ pieces, gapMm }, say) => ({
    text: `Front and back are printed apart: pressed one after the other, the first side fades. Print both on one strip, ${say.length(gapMm)} apart, and fold it over.`,
    figure: `${pieces} pieces`,
  }),
  'fold-gap': ({ bleedMm, gapMm }, say) => ({
    text: `A bleed of ${say.length(bleedMm)} on both faces fills the ${say.length(gapMm)} between them. Widen the gap.`,
    figure: say.length(gapMm),
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;
