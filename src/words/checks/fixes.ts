import type { Fix, FixArgs, FixCode } from '@/core/check';
import type { UnitStyle } from '../units';
import { sayIn, type Say } from '../say';
import { misreadWords } from './misread';
import { transferName } from '../transfers';

/** What the button of each way out says. */
export const FIX_WORDS: { readonly [C in FixCode]: (args: FixArgs[C], say: Say) => string } = {
  'use-tool': ({ name }) => `Use ${name}`,
  'use-machine': ({ name }) => `Use “${name}”`,
  'print-on': ({ name }) => `Print on ${name}`,
  'use-offcut': () => 'Use the offcut',
  'use-film': ({ name }) => `Use ${name}`,
  'fit-on-sheets': ({ sheets }) =>
    sheets === 1 ? 'As large as one sheet holds' : `As large as ${sheets} sheets hold`,
  'cut-by-hand': () => 'Cut by hand',
  'use-transfer': ({ transfer }) => `Use ${transferName(transfer)}`,
  'use-colour': ({ colourName }) => `Make it on ${colourName}`,
  'read-otherwise': ({ misread }, say) => misreadWords(misread, say).answer,
  'halve-handle-gap': () => 'Halve the gap for bleed',
  'usual-bleed': ({ bleedMm }, say) => `Bleed ${say.length(bleedMm)}`,
  'make-fit': () => 'Make it fit',
  'keep-proportions': (size, say) => `Keep proportions: ${say.size(size)}`,
  'cut-at-edge': () => 'Let the edge cut it',
  'cover-bundle': ({ beyondMm }, say) => `Cover it, ${say.length(beyondMm)} beyond`,
  'cut-straight': () => 'Cut straight round it',
  'cut-along-art': () => 'Cut along the art',
  'cut-close': () => 'Cut it close',
  'fold-strip': () => 'One strip to fold',
  'fold-gap': ({ gapMm }, say) => `Gap ${say.length(gapMm)}`,
  'seam-gap': () => 'Leave a gap at the seam',
  'one-strip': () => 'One strip',
  'two-halves': () => 'Two halves',
  'one-copy': () => 'One copy',
  'mirror-in-file': () => 'Let the file mirror',
  overlap: ({ overlapMm }, say) => `Overlap by ${say.length(overlapMm)}`,
  'best-seams': () => 'Keep the best places',
  'recipe-time': ({ dwellS }, say) => `Use ${say.duration(dwellS)}`,
  'press-lightly': () => 'Press lightly',
  'pad-under': () => 'I put a pad under it',
  'fresh-paper': () => 'Take fresh paper',
  'cool-fully': () => 'Let it go fully cold',
};

/** What the button of a way out says. */
export const fixWords = <C extends FixCode>({ code, args }: Fix<C>, units: UnitStyle): string =>
  FIX_WORDS[code](args, sayIn(units));
