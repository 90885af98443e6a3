import type { TaskCode } from '@/core/model';
import { HANDWORK, type SaidOf, type TaskWords } from './handwork';

export type { TaskWords };

const warmUp = (title: string): TaskWords => ({
  title,
  detail: 'Wait until the display has reached the figure and holds it.',
});
const coolBeforeLifting: TaskWords = {
  title: 'Cool fully before lifting',
  detail: 'Leave the paper where it is.',
};

/** Every task in words; those of a cup by whether it has a handle. */
export const TASK_WORDS: SaidOf<TaskCode> = {
  ...HANDWORK,
  'fit-attachment': {
    title: 'Fit the attachment',
    detail:
      'Press switched off, unplugged and cold: never change a hot part. Seat it, close its catch, and plug it in as its maker shows.',
  },
  'attachment-off': {
    title: 'Take the attachment off',
    detail:
      'Where it is on the same press: switch off, unplug, and let it go cold first; then put back what comes next.',
  },
  'switch-on': {
    title: 'Switch it on',
    detail: 'Set it to the figure. It warms up while you get everything ready; stay near it.',
  },
  'switch-on-fixed': {
    title: 'Switch it on',
    detail: 'It warms up while you get everything ready; stay near it.',
  },
  'switch-on-oven': {
    title: 'Switch the oven on',
    detail:
      'Parchment on the rack, oven thermometer inside, convection on. It warms up while you get everything ready; stay near it.',
  },
  'switch-on-iron': {
    title: 'Switch the iron on',
    detail:
      'Hottest cotton setting, dry, 1200 W or more; standing on its heel. A hard table, no ironing board.',
  },
  'warm-up-to-light': {
    title: 'Let the press warm up',
    detail: 'Wait for its ready light. Its temperature is fixed.',
  },
  'warm-up-oven': {
    title: 'Pre-heat the oven',
    detail: 'Trust the thermometer inside over the dial.',
  },
  'warm-up-attachment': warmUp('Heat the attachment'),
  'warm-up-to-figure': warmUp('Let the press warm up'),
  'warm-up-iron': { title: 'Heat the iron', detail: 'A few minutes, dry: no steam.' },
  'reset-heat': {
    title: 'Set the press anew',
    detail: 'Wait until the display has reached the figure and holds it.',
  },
  'press-dry': {
    title: 'Press it dry',
    detail: 'A short press without the print drives moisture and creases out. Card inside.',
  },
  'press-dry-each-section': {
    title: 'Press it dry',
    detail:
      'A short press without the print drives moisture and creases out. Card inside. Each section.',
  },
  'press-dry-and-flat': {
    title: 'Press it dry and flat',
    detail: 'A short press without the transfer.',
  },
  'press-film-on': {
    title: 'Press the film on',
    detail: 'Carrier up, clean paper over it. Straight down, straight up.',
  },
  'press-film-on-as-maker-says': {
    title: 'Press the film on',
    detail:
      'Carrier up, clean paper over it; as long as its maker says. Straight down, straight up.',
  },
  'film-carrier-off': {
    title: 'Take the film’s carrier off',
    detail: 'The print goes on bare film.',
  },
  'film-carrier-off-cold': {
    title: 'Take the film’s carrier off cold',
    detail: 'The print goes on bare film.',
  },
  'check-stack': {
    title: 'Check the stack',
    detail: 'From the heat inwards, with nothing between print and blank.',
  },
  'turn-over-and-stack': {
    title: 'Turn it over',
    detail:
      'Fresh paper and a fresh card, above and below. The side that is finished is heated again.',
  },
  'press-in-clamp': (handle) => ({
    title: 'Press',
    detail: `Put the mug in${handle ? ' with the handle centred in the opening' : ''} and close the clamp.`,
  }),
  'press-in-attachment': (handle) => ({
    title: 'Press',
    detail: `Put the mug in${handle ? ', handle in the opening' : ''}, and close until it is snug all round.`,
  }),
  'press-mug-in-oven': {
    title: 'Press',
    detail: 'Stand the mug on the parchment and close the door. No turning needed.',
  },
  'press-tumbler-in-oven': {
    title: 'Press',
    detail: 'Stand the tumbler on a silicone mat: a sleeve that touches metal melts.',
  },
  'press-in-wrap': {
    title: 'Press',
    detail: 'Put it in, the seam away from the opening, and close the clamp.',
  },
  'turn-half-round': {
    title: 'Turn it half round',
    detail:
      'Gloves on. The opening presses less: what lay there comes to the back now, and the seam to the opening.',
  },
  'press-flat': {
    title: 'Press',
    detail: 'Straight down, hold still, straight up: sliding ghosts the edges.',
  },
  'press-panel': {
    title: 'Press',
    detail: 'Straight down, hold still, straight up. The paper stays where it is throughout.',
  },
  'press-both-socks': {
    title: 'Press both socks',
    detail:
      'Side by side, the same side of both, none overlapping. Straight down, hold still, straight up; neither waits on the hot plate.',
  },
  'press-socks': {
    title: 'Press',
    detail: 'One side of the socks. None waits on the hot plate.',
  },
  'press-with-iron': {
    title: 'Press',
    detail:
      'Tack a few seconds everywhere, then keep moving, the corners most. Several pieces go row by row: the last cools meanwhile.',
  },
  'press-edges-fast': {
    title: 'Press once more, if you like',
    detail: 'Under a release sheet: it fixes the edges.',
  },
  'press-with-iron-again': {
    title: 'A second pass, if you like',
    detail:
      'Lay its paper, or clean baking paper, back over the picture: never iron the bare film. Keep moving, the corners most.',
  },
  'sleeve-off-hot': {
    title: 'Take the sleeve off, hot',
    detail:
      'Straight from the oven, gloves on: it comes off easier while hot. The paper stays on until the cup is warm.',
  },
  'cool-to-handle': {
    title: 'Cool about 5 minutes, gloves on',
    detail: 'Set it on the heat-proof mat. Keep the gloves on: it still burns.',
  },
  'cool-fully-cup': {
    title: 'Cool until fully cold',
    detail: 'Leave it 12–15 minutes on the heat-proof mat and do not touch it before.',
  },
  'cool-fully': coolBeforeLifting,
  'cool-fully-cover-on': {
    title: 'Cool fully before lifting',
    detail: 'Leave the cover sheet where it is.',
  },
  'cool-fully-for-gloss': {
    title: 'Peel cold, for gloss',
    detail: 'Wait until it is fully cold.',
  },
  'peel-hot': {
    title: 'Peel hot and quick',
    detail: 'One movement, straight up, gloves on.',
  },
  'peel-hot-for-matt': { title: 'Peel hot, for matt', detail: 'One movement, gloves on.' },
  'lift-soon': { title: 'Lift the paper soon after', detail: 'Straight up, gloves on.' },
  'carrier-off-warm': {
    title: 'Take the carrier off warm',
    detail: 'Low and slow; put back what lifts and press again.',
  },
  'unwrap-cup': {
    title: 'Unwrap',
    detail: 'Take paper and tape off. Do not scratch the coating picking at tape.',
  },
  'paper-off': {
    title: 'Take the paper off',
    detail:
      'Lift it straight up, without sliding. Where a small piece lifts: paper back, press again, cool fully.',
  },
  'look-at-edges': {
    title: 'Look at the edges',
    detail: 'What lifts is pressed again under the release sheet.',
  },
  'cool-flat': { title: 'Let it cool', detail: 'Flat, not folded.' },
  'unroll-and-iron': {
    title: 'Unroll it and iron the creases out',
    detail: 'Once it is cold. Through clean paper, below the heat it was pressed at.',
  },
  'cool-then-lift': {
    title: 'Let it cool, then lift',
    detail: 'Flat, not folded; then take the paper off.',
  },
};

/** A task in words, for a blank with a handle or without. */
export function taskWords(task: TaskCode, handle: boolean): TaskWords {
  const words = TASK_WORDS[task];
  return typeof words === 'function' ? words(handle) : words;
}
