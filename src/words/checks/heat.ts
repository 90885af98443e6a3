import type { CheckFacts } from '@/core/check';
import { formatRuns } from '../units';
import type { WordsOf } from './words';
import { TRANSFER_WORDS } from '../transfers';

/** Can this machine do it, is it hot and long enough, and what would spoil the blank? */
export const HEAT_WORDS = {
  'machine-range': ({ wantedC, machine, limitC, tooHot }, say) => ({
    text: `${say.temperature(wantedC)} is wanted; “${machine}” ${tooHot ? 'reaches' : 'begins at'} ${say.temperature(limitC)}. Use another machine.`,
    figure: say.temperature(wantedC),
  }),
  'too-cool': ({ temperatureC, leastC }, say) => ({
    text: `${say.temperature(temperatureC)} is cool for dye: under about ${say.temperature(leastC)} it comes out faded.`,
    figure: say.temperature(temperatureC),
  }),
  'too-hot': ({ temperatureC, mostC }, say) => ({
    text: `${say.temperature(temperatureC)} is hot: over about ${say.temperature(mostC)} colours brown and heat-rated tape lets go.`,
    figure: say.temperature(temperatureC),
  }),
  dwell: ({ dwellS, leastS, mostS, origin }, say) => {
    const usual =
      leastS === mostS ? say.duration(leastS) : `${say.duration(leastS)} to ${say.duration(mostS)}`;
    return {
      text: `${say.duration(dwellS)} is ${dwellS < leastS ? 'shorter' : 'longer'} than the usual ${usual} for this machine (${origin}).`,
      figure: say.duration(dwellS),
    };
  },
  'no-recipe': ({ machine, blank, transfer, never }) => {
    const { label } = TRANSFER_WORDS[transfer];
    return {
      text: never
        ? `${label} does not go on “${blank}”. Choose another transfer.`
        : `“${machine}” cannot press “${blank}” by ${label.toLowerCase()}. Choose another machine.`,
      figure: machine,
    };
  },
  'tapered-in-straight': ({ machine }) => ({
    text: `“${machine}” closes round a straight wall; a tapered cup needs a tapered element, or an oven with a shrink sleeve.`,
    figure: 'tapered',
  }),
  'food-oven': () => ({ text: 'An oven used for dye is not used for food again.', figure: '' }),
  cracks: ({ pressure }) => ({
    text: `Thin hard blanks crack under ${pressure} pressure. Press lightly, on a soft pad.`,
    figure: pressure,
  }),
  pad: ({ machine }) => ({
    text: `“${machine}” has no soft pad: a thin hard blank cracks on a bare base. Put one under it.`,
    figure: 'no pad',
  }),
  'blank-limit': ({ temperatureC, blank, mostC }, say) => ({
    text: `${say.temperature(temperatureC)} is over what “${blank}” bears, ${say.temperature(mostC)}. Press it cooler, or take another transfer.`,
    figure: say.temperature(temperatureC),
  }),
  'tape-limit': ({ temperatureC, holdsC, sleeved }, say) => ({
    text: `${say.temperature(temperatureC)}: ${sleeved ? 'Tape and shrink sleeves are' : 'Heat-rated tape is'} made for about ${say.temperature(holdsC)}. See what is printed on yours.`,
    figure: say.temperature(temperatureC),
  }),
  timer: ({ dwellS, machine, runsS }, say) => ({
    text: `${say.duration(dwellS)} is longer than the timer of “${machine}”: run it ${formatRuns(runsS)} without opening.`,
    figure: formatRuns(runsS),
  }),
  'pressure-lacking': ({ machine, has, wanted }) => ({
    text: `“${machine}” gives ${has.join(' or ')} pressure; ${wanted} is wanted. Lean on it evenly, or use another machine.`,
    figure: wanted,
  }),
  'plate-small': ({ twoSides, machine, plate, ...size }, say) => ({
    text: `A hard blank is pressed in one go${twoSides ? ', both sides together' : ''}: it measures ${say.size(size)}, and “${machine}” heats ${say.size(plate)} evenly. Use a larger plate.`,
    figure: say.size(size),
  }),
  'plate-uneven': ({ machine, even, fromLeftMm, fromBackMm, coolerC }, say) => ({
    text: `By your readings “${machine}” is evenly hot on ${say.size(even)} only, ${say.length(fromLeftMm)} from its left and ${say.length(fromBackMm)} from its back edge${coolerC >= 1 ? `; its coolest place is ${say.degrees(coolerC)} below` : ''}. Lay the print under that part: the placements are planned with it.`,
    figure: say.size(even),
  }),
  'iron-dye': ({ machine, dyeC }, say) => ({
    text: `An iron is too uneven for dye: it has cool spots, steam holes, and no steady ${say.temperature(dyeC)}. Use a press, or iron-on paper.`,
    figure: machine,
  }),
  'spent-cover': () => ({
    text: 'Uncoated paper is spent after one pressing: the dye it caught goes into the next blank. Take fresh paper.',
    figure: 'used paper',
  }),
  'over-dye': ({ temperatureC }, say) => ({
    text: `${say.temperature(temperatureC)} over finished dye turns it to gas again: it fades, worst under tape. Do the hotter work first, or cover it and keep it short.`,
    figure: say.temperature(temperatureC),
  }),
  peel: ({ transfer }) => ({
    text: `${TRANSFER_WORDS[transfer].label} is peeled cold; peeled hot it comes off the cloth.`,
    figure: 'peeled hot',
  }),
  unattended: ({ dwellS, machine }, say) => ({
    text: `${say.duration(dwellS)} is long enough to walk away. “${machine}” stays hot: stay with it, and switch it off at the plug.`,
    figure: say.duration(dwellS),
  }),
  drop: ({ sequins, machine }, { units }) => ({
    text: `A plate cools on ${sequins ? 'sequins' : 'thick goods'}: set it about ${units.temperature === '°F' ? '2 °F' : '1 °C'} up, or note at “${machine}” how far it drops.`,
    figure: 'no drop noted',
  }),
  'too-many-sections': ({ machine, plate, times, most }, say) => ({
    text: `“${machine}” heats ${say.size(plate)} evenly: it would be put down ${times} times and more; up to ${most} are planned. Use a larger plate.`,
    figure: `${times} times`,
  }),
  'too-many-presses': ({ presses, runs }) => ({
    text: `That would be ${presses} presses, the timer set ${runs} times for each. Use a machine with a longer timer or a larger plate.`,
    figure: `${presses} presses`,
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;
