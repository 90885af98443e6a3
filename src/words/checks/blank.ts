import type { CheckFacts } from '@/core/check';
import { percent, type Say } from '../say';
import { misreadWords } from './misread';
import type { WordsOf } from './words';
import { TRANSFER_WORDS } from '../transfers';

function noRoomWords(facts: CheckFacts['no-face'], say: Say): [text: string, figure: string] {
  switch (facts.why) {
    case 'no such wall':
      return [
        `No cup can have a wall of ${say.length(facts.slantMm)} along the slant between girths of ` +
          `${say.length(facts.rimMm)} and ${say.length(facts.baseMm)}. Measure again.`,
        say.length(facts.slantMm),
      ];
    case 'handle gap':
      return [
        `The handle gap of ${say.length(facts.handleGapMm)} takes up the whole circumference. Measure both again.`,
        say.length(facts.handleGapMm),
      ];
    case 'keep-outs':
      return [
        `Rim and base keep-outs of ${say.length(facts.keepOutMm)} leave nothing of the ${say.length(facts.heightMm)} wall. Measure again.`,
        say.length(facts.keepOutMm),
      ];
    case 'clear edge':
      return [
        `Keeping ${say.length(facts.eachMm)} clear all round leaves nothing of it. Measure again.`,
        say.length(facts.heightMm),
      ];
  }
}

/** Is this the right blank, and was it measured right? */
export const BLANK_WORDS = {
  coating: ({ found }) =>
    found === 'none'
      ? {
          text: 'This blank has no coating for dye: the print will not take. Use one made for sublimation.',
          figure: 'no coating',
        }
      : {
          text: 'It is not known whether this blank is coated for dye. A shop mug is not; check before pressing.',
          figure: 'coating unknown',
        },
  'blank-colour': ({ dye, colourName, lightShare, dark, cloth }) => {
    const subject = dye ? 'Dye' : 'This paper';
    const on = `${colourName} (${percent(lightShare)} as light as white)`;
    return {
      text: dark
        ? `${subject} is transparent: on ${on} the picture disappears. Use a white or pale blank${cloth ? ', or a transfer that covers' : ''}.`
        : `${subject} is transparent: every colour is tinted by ${on}; pale parts may vanish.`,
      figure: `${percent(lightShare)} light`,
    };
  },
  'paper-kind': ({ transfer, colourName }) => ({
    text: `${TRANSFER_WORDS[transfer].label} costs about double a sheet and is not needed on ${colourName}. Paper for light fabric does; mind that it is mirrored.`,
    figure: colourName,
  }),
  'on-glitter': ({ art, pale, fine, leastMm }, say) => {
    const what = [pale && 'pale', fine && `lettered finer than ${say.length(leastMm)}`]
      .filter(Boolean)
      .join(' and ');
    return {
      text: `“${art}” is ${what}: on glitter it cannot be read, since the glitter shows through the dye. Take darker, bolder art, or a blank without glitter.`,
      figure: 'glitter',
    };
  },
  'on-clear': () => ({
    text: 'Dye is see-through and nothing white lies behind it here: the picture is faint, shows from both sides, and is backwards from the other one. Take a blank that is frosted or coated white.',
    figure: 'clear',
  }),
  'bundle-short': ({ beyondMm, ...size }, say) => ({
    text: `The bundle is ${say.size(size)}: the print has to be larger by about ${say.length(beyondMm)} all round, or its edge shows as a line when the garment is unrolled.`,
    figure: say.size(size),
  }),
  polyester: ({ share }) => {
    const figure = `${percent(share)} polyester`;
    return {
      text:
        share === 0
          ? 'Pure cotton does not hold dye: the picture washes out. Take polyester, dye-receptive film, or iron-on paper.'
          : `At ${figure} the picture comes out about ${percent(share)} as strong as on pure polyester (in proportion; from memory).`,
      figure,
    };
  },
  nominal: (size, say) => ({
    text: `${say.size(size)} is the size it is sold as. Nominal sizes lie: measure yours before printing.`,
    figure: say.size(size),
  }),
  measuring: ({ misread }, say) => ({
    text: misreadWords(misread, say).question,
    figure: say.length(misread.figureMm),
  }),
  'no-face': (facts, say) => {
    const [text, figure] = noRoomWords(facts, say);
    return { text, figure };
  },
  taper: ({ offMm }, say) => ({
    text: `This wall is tapered: the print is bent to a ring sector. A straight strip would stand ${say.length(offMm)} off at the rim.`,
    figure: say.length(offMm),
  }),
  'bleed-over-handle': ({ bleedMm, handleGapMm }, say) => ({
    text:
      `A bleed of ${say.length(bleedMm)} a side is wider than the handle gap of ` +
      `${say.length(handleGapMm)}: the paper would run into the handle.`,
    figure: say.length(bleedMm),
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;
