import { TAPE_HOLDS_TO_C } from '@/core/traits';
import {
  blankMm,
  LEAST_SHARE,
  MOST_SHARE,
  SOFTENS_C,
  usualMm,
  type Band,
  type Compared,
  type Setup,
  type UsualChange,
} from '@/core/heat';
import {
  formatDegrees,
  formatDuration,
  formatLength,
  formatTemperature,
  type UnitStyle,
} from './units';

const percent = (share: number): string => `${Math.round(100 * Math.abs(share))} %`;

/** By how much more or less, as a band. */
function moreOrLess({ low, high }: Band): string {
  const [from, to] = [low - 1, high - 1];
  if (Math.abs(from) < 0.02 && Math.abs(to) < 0.02) return 'The dye gets the same.';
  if (to <= 0) return `The dye gets ${percent(to)} to ${percent(from)} less heat.`;
  if (from >= 0) return `The dye gets ${percent(from)} to ${percent(to)} more heat.`;
  return `The dye gets from ${percent(from)} less to ${percent(to)} more heat.`;
}

/** Above this, seconds are told to five (own choice). */
const COARSE_FROM_S = 90;
const coarse = (s: number): number => (s < COARSE_FROM_S ? s : 5 * Math.round(s / 5));
/** From so many seconds to so many; long ones in minutes. */
const spanWords = (from: number, to: number): string =>
  to < COARSE_FROM_S
    ? `${from} to ${to} s`
    : `${formatDuration(coarse(from))} to ${formatDuration(coarse(to))}`;

function timeWords({ low, high }: Band, dwellS: number): string {
  const planned = formatDuration(dwellS);
  if (low >= 0)
    return `About ${spanWords(low, high)} more on your ${planned} make up for it, all else the same. Try a test piece.`;
  if (high <= 0)
    return `${spanWords(-high, -low)} less than your ${planned} would do as much. Never shorten without a test piece.`;
  return `Somewhere from ${-low} s less to ${high} s more on your ${planned}: too little known to say. Try a test piece.`;
}

function makesUpWords(
  { makesUp }: Compared,
  setup: Setup,
  maxC: number | null,
  units: UnitStyle,
): string {
  switch (makesUp.by) {
    case 'none':
      return 'No difference that is worth a second.';
    case 'time':
      return timeWords(makesUp.moreS, setup.dwellS);
    case 'heat': {
      const { moreC } = makesUp;
      if (moreC < 0)
        return `Set it ${formatDegrees(moreC, units.temperature)} lower; a shorter time does not mend a plate that is too hot.`;
      const over = maxC !== null && setup.plateC + moreC > maxC;
      const limit = over
        ? ` That shows more than the ${formatTemperature(maxC, units.temperature)} the blank’s maker allows: measure the plate first.`
        : '';
      return `Set it ${formatDegrees(moreC, units.temperature)} higher, not longer: an error of heat is mended with heat.${limit}`;
    }
    case 'nothing':
      return NOTHING_WORDS[makesUp.why](formatDuration(setup.dwellS));
  }
}

const NOTHING_WORDS = {
  'too-long': (planned: string) =>
    `What would make up for it is longer than was ever tried, more than ${MOST_SHARE} × your ${planned}: change something else.`,
  'too-short': (planned: string) =>
    `It would take less than ${LEAST_SHARE} × your ${planned}: only with test pieces, step by step.`,
  'dye-still': () =>
    'At this heat hardly any dye moves: by conduction alone nothing can be said of it.',
};

const range = ({ low, high }: Band, { temperature }: UnitStyle): string =>
  `${formatTemperature(low, temperature)} to ${formatTemperature(high, temperature)}`;

function adhesiveWords(
  { before, after }: NonNullable<Compared['adhesiveC']>,
  units: UnitStyle,
): string[] {
  const { temperature } = units;
  const [from, to] = [SOFTENS_C.from, SOFTENS_C.to].map((c) => formatTemperature(c, temperature));
  const softens =
    after.likely < SOFTENS_C.from
      ? 'It may not take hold.'
      : after.high > SOFTENS_C.to + 15
        ? 'It may bleed through.'
        : 'It takes hold either way.';
  return [
    `The adhesive becomes ${range(after, units)}; as planned, ${range(before, units)}.`,
    `Adhesives like it soften from about ${from} to ${to} (from memory). ${softens}`,
  ];
}

/** What a change of a pressing comes to, in sentences: how much more or less, then what makes up for it. */
export function compareWords(
  compared: Compared,
  setup: Setup,
  maxC: number | null,
  units: UnitStyle,
): readonly string[] {
  const { dose, adhesiveC } = compared;
  if (adhesiveC) return adhesiveWords(adhesiveC, units);
  if (!dose) return [];
  if (compared.makesUp.by === 'nothing' && compared.makesUp.why === 'dye-still')
    return [makesUpWords(compared, setup, maxC, units)];
  const unknown = setup.plateTold
    ? []
    : ['Nobody tells how hot such a press is: believe the comparison, no figure of it.'];
  return [moreOrLess(dose), makesUpWords(compared, setup, maxC, units), ...unknown];
}

/**
 * How hot tape and the blank's face become at their hottest, against what they bear: the model's figures are of their
 * places, the limits of their makers.
 * @param maxC the hottest the blank's maker allows, °C; null where nothing is said.
 */
export function bearsWords(
  { hottestC: { tape, blank } }: Pick<Compared, 'hottestC'>,
  maxC: number | null,
  units: UnitStyle,
): readonly string[] {
  const limit = (c: number) => formatTemperature(c, units.temperature);
  const judged = (of: Band, mostC: number) =>
    of.low > mostC ? 'more than' : of.high > mostC ? 'it may pass' : 'within';
  const tapeSays =
    tape &&
    `Tape on the print becomes ${range(tape, units)} at its hottest: ${judged(tape, TAPE_HOLDS_TO_C)} the ${limit(TAPE_HOLDS_TO_C)} such tape is made for (common practice).`;
  const blankSays =
    maxC !== null &&
    `The blank’s surface becomes ${range(blank, units)}: ${judged(blank, maxC)} the ${limit(maxC)} its maker allows.`;
  return [tapeSays, blankSays].filter((line): line is string => typeof line === 'string');
}

/** What is often otherwise, as it is called. */
export const USUAL_CHANGE_WORDS: Readonly<Record<UsualChange, (several: boolean) => string>> = {
  'cold-machine': (several) =>
    several ? 'The first of several, machine still cold' : 'Machine still cold',
  'cover-more': () => 'One cover more',
  'cold-room': () => 'A cold room and blank',
  'plate-low': () => 'Cooler than it shows',
  'door-open': () => 'A look into the oven',
};

/** That a blank is of another thickness than its recipe is told of. */
export const thicknessWords = (setup: Setup, { length }: UnitStyle): string =>
  `Yours is ${formatLength(blankMm(setup), length)} thick; recipes like this are told of about ${formatLength(usualMm(setup), length)}.`;

/** That a batch begins in a machine whose light is on, but whose body is not warm yet. */
export const FIRST_OF_SEVERAL = 'The first of several, if the machine is not hot through yet:';
