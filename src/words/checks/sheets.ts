import type { CheckFacts } from '@/core/check';
import { TRANSFERS } from '@/core/transfer';
import { percent } from '../say';
import { INK_REASONS } from '../transfers';
import type { WordsOf } from './words';
import { pieceWords } from '../places';

/** What a seam may be nearer to even spacing and still be told as chosen for its detail, share. */
const WORTH_TELLING = 0.01;

const CLOSES = { handle: 'the handle', seam: 'the closing seam' } as const;

/** Whose marks find no room. */
function filled({ sheets, pieces }: CheckFacts['marks-dropped']): string {
  if (sheets > 1) return `${sheets} sheets are filled by their pieces`;
  return pieces === 1 ? 'The piece fills the page' : `The ${pieces} pieces fill the page`;
}

/** Will what leaves the printer be whole, true to size and the right way round, and meet where it is taped? */
export const SHEET_WORDS = {
  ink: ({ printer, holds, transfer }) => {
    const { ink } = TRANSFERS[transfer];
    const wanted = ink === 'sublimation' ? 'sublimation' : 'ordinary inkjet';
    return {
      text: `“${printer}” holds ${holds}: ${INK_REASONS[wanted]}. Choose a printer filled with ${wanted === 'sublimation' ? 'sublimation ink' : 'ordinary ink'}.`,
      figure: holds,
    };
  },
  'paper-width': ({ paper, widthMm, printer, mostMm }, say) => ({
    text: `${paper} is ${say.length(widthMm)} wide; “${printer}” takes paper up to ${say.length(mostMm)}. Choose a narrower paper.`,
    figure: say.length(widthMm),
  }),
  misfit: ({ paper, orientation, printable, ...size }, say) => ({
    text:
      `The piece is ${say.size(size)} with its bleed; ${paper} ${orientation} prints ` +
      `${say.size(printable)}: too little to tile it even over several sheets. ` +
      `Choose larger paper or a smaller overlap.`,
    figure: say.size(size),
  }),
  'too-many': ({ prints, most }) => ({
    text: `That would be ${prints} prints; one job is planned for up to ${most}. Make fewer copies, or several jobs.`,
    figure: String(prints),
  }),
  'cutter-width': ({ piece, lengthMm, cutter, mostMm }, say) => ({
    text: `“${pieceWords(piece)}” is ${say.length(lengthMm)} long; “${cutter}” prints and cuts up to ${say.length(mostMm)}. Print a strip as long as the art and drop the bare ends, or cut it by hand.`,
    figure: say.length(lengthMm),
  }),
  'preprinted-edge': ({ paper }) => ({
    text: `Nothing is printed on “${paper}”: pieces are cut from it as plain faces. Cut along the art to make a motif of it.`,
    figure: '',
  }),
  'offcut-waits': ({ name, ...size }, say) => ({
    text: `“${name}” on the shelf takes this: use it before a whole sheet.`,
    figure: say.size(size),
  }),
  mirror: ({ flips }) => ({
    text: `The picture would be flipped ${flips} times: lettering would come out backwards.`,
    figure: `${flips} flips`,
  }),
  'driver-cannot-mirror': ({ printer }) => ({
    text: `“${printer}” has no mirror setting, so the file is mirrored instead.`,
    figure: '',
  }),
  'marks-dropped': (facts) => {
    const lost = [facts.trimMarks && 'trim marks', facts.foot && 'check bar and label']
      .filter(Boolean)
      .join(' and ');
    return {
      text: `${filled(facts)}: no room is left for ${lost}. Measure the print itself before pressing.`,
      figure: lost,
    };
  },
  'print-side': ({ printer }) => ({
    text: `It is not noted which way up paper goes into “${printer}”. Print on the blank side: mark one sheet, print, and note it at the printer.`,
    figure: 'side unknown',
  }),
  'sheets-bare': ({ piece, bare, sheets }) => ({
    text: `${bare} of the ${sheets} sheets of “${pieceWords(piece)}” would stay empty and ${bare === 1 ? 'is' : 'are'} not printed. Lay clean paper of the same kind there: an edge of paper marks a hard blank.`,
    figure: `${bare} of ${sheets}`,
  }),
  tiled: ({ piece, sheets, rows, columns, paper, sparedShare, longer, ...size }, say) => {
    const figure = `${sheets} sheets`;
    const chosen =
      sparedShare > WORTH_TELLING && sparedShare <= 1
        ? ` Its seams cut through ${percent(sparedShare)} less detail than evenly spaced ones.`
        : '';
    const advice = longer ? ` ${longer} in the same printer would spare the seams.` : '';
    return {
      text: `“${pieceWords(piece)}” is ${say.size(size)} with its bleed: ${figure} of ${paper}, ${rows} × ${columns}, taped together.${chosen}${advice}`,
      figure,
    };
  },
  'no-overlap': ({ overlapMm }, say) => ({
    text: `The sheets overlap by ${say.length(overlapMm)}: the smallest slip in trimming loses picture or shows white.`,
    figure: say.length(overlapMm),
  }),
  'seam-through': ({ piece }) => ({
    text: `A seam of “${pieceWords(piece)}” crosses a part that was to stay whole: no sheet is large enough to go round it. Make that part smaller, or choose larger paper.`,
    figure: '',
  }),
  'seams-moved': ({ piece }) => ({
    text: `The seams set by hand on “${pieceWords(piece)}” leave a sheet more than it can print; the best places are used instead.`,
    figure: '',
  }),
  'taped-seam': ({ piece, apartMm, close, from }, say) => ({
    text: `The taped seam of “${pieceWords(piece)}” lies ${say.length(apartMm)} from ${CLOSES[from]}${
      close ? ': two seams in one place press thick and pale. Move it.' : '.'
    }`,
    figure: say.length(apartMm),
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;
