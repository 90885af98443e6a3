import type { CheckFacts } from '@/core/check';
import { colourNameOf } from '../colours';
import type { WordsOf } from './words';

const figure = (difference: number): string => String(Math.round(difference));

/** Do the colours show on this blank? */
export const COLOUR_WORDS = {
  faint: ({ art, lettering, one, other, before, after, pairs, colourName, glitter }) => {
    const [first, second] = one === null ? [other, null] : [one, other];
    const what = `${first === null ? '' : `${colourNameOf(first)} `}${lettering ? 'lettering' : 'part'}`;
    const beside = second === null ? '' : ` beside ${colourNameOf(second)}`;
    const more = pairs > 1 ? `, and ${pairs - 1} more like it` : '';
    const hides = glitter ? ', since the glitter itself differs more' : '';
    return {
      text:
        `The ${what} of “${art}”${beside} will hardly show on ${colourName}${hides}: difference ${figure(after)} of ${figure(before)}${more}. ` +
        'Take another colour of the blank, a darker shade or an outline (About this picture, Prepare), or film or paper that covers.',
      figure: `${figure(after)} of ${figure(before)}`,
    };
  },
} satisfies Partial<WordsOf<keyof CheckFacts>>;
