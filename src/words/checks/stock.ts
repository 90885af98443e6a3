import type { CheckFacts } from '@/core/check';
import type { Paper } from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { transferName } from '../transfers';
import type { WordsOf } from './words';

const GOODS: Readonly<Record<Paper['is'], string>> = {
  paper: 'plain paper for a printer',
  'ready-made': 'bought with its colour in it',
  film: 'film',
};

const sheets = (count: number): string => `${count} ${count === 1 ? 'sheet' : 'sheets'}`;

/** Is the paper or film the right one, large enough, and are there enough of it? */
export const STOCK_WORDS = {
  'wrong-sheet': ({ paper, is, transfer, madeFor }) => ({
    text: madeFor
      ? `“${paper}” is made for ${transferName(madeFor)}, not for ${transferName(transfer)}. Take the paper that is.`
      : `“${paper}” is ${GOODS[is]}; ${transferName(transfer)} ${TRANSFERS[transfer].made === 'printed' ? 'is printed on paper of its own' : 'comes on another'}. Choose the sheet for it.`,
    figure: '',
  }),
  'film-small': ({ film, sheet, ...size }, say) => ({
    text: `The film is cut ${say.size(size)}; a sheet of “${film}” measures ${say.size(sheet)}, and film cannot be taped together. Take larger film, or make the picture smaller.`,
    figure: say.size(size),
  }),
  'few-left': ({ sheet, needed, left }) => ({
    text: `${sheets(needed)} of “${sheet}” ${needed === 1 ? 'is' : 'are'} needed; ${left === 0 ? 'none is' : `${left} ${left === 1 ? 'is' : 'are'}`} left. Buy more, or make fewer.`,
    figure: `${left} left`,
  }),
  'maker-mirrors': ({ paper, wants }) => ({
    text: `The maker of “${paper}” wants it ${wants ? 'mirrored' : 'not mirrored'}; the plan ${wants ? 'does not mirror' : 'mirrors'}. See whether it is the paper for this transfer, and try one sheet.`,
    figure: wants ? 'mirrored' : 'not mirrored',
  }),
  'opaque-tiled': ({ sheets: count }) => ({
    text: `${sheets(count)} of opaque paper: each is laid picture up with its backing off, so nothing holds them together from behind, and every seam shows. Take longer paper, make the picture fit one sheet, or use cut vinyl or film.`,
    figure: sheets(count),
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;
