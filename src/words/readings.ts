import { format } from 'date-fns';
import type { Machine, Measured } from '@/core/model';
import { LEAST_MOMENTS, LEAST_PLACES, learnedFrom, type PlateDrift } from '@/core/press';
import {
  degreesIn,
  formatDegrees,
  formatDuration,
  formatTemperature,
  type TemperatureUnit,
} from './units';

/** A spread of this many degrees C and more is worth a word. */
const WORTH_C = 1;

const apartWords = (offsetC: number, unit: TemperatureUnit): string =>
  `${formatDegrees(offsetC, unit)} ${offsetC < 0 ? 'cooler' : 'hotter'}`;

const dayWords = (at: string): string => format(new Date(at), 'd MMM yyyy');

const readWords = (offsetC: number, unit: TemperatureUnit): string =>
  Math.abs(degreesIn(offsetC, unit)) < 0.5
    ? 'as hot as it showed'
    : `${apartWords(offsetC, unit)} than it showed`;

/** What one measuring came to. */
export const measuredWords = ({ at, displayC, offsetC }: Measured, unit: TemperatureUnit): string =>
  `${dayWords(at)}, at ${formatTemperature(displayC, unit)}: ${readWords(offsetC, unit)}`;

/** What measurings tell of a plate that has begun to be otherwise than it shows, and what to do. */
export function plateDriftWords({ to, before, lately }: PlateDrift, unit: TemperatureUnit): string {
  const was = `in ${format(new Date(before.at), 'MMMM yyyy')} it was ${readWords(before.offsetC, unit)}`;
  return `The plate has become ${to}: measured on ${dayWords(lately.at)} it was ${readWords(lately.offsetC, unit)} at ${formatTemperature(lately.displayC, unit)}; ${was}. Settings make up for what was measured last; measure it again soon, and if it goes on, ask its maker.`;
}

/** What the readings of a machine say of it, in sentences and in its display's own unit. */
export function learnedLines({ readings, displayUnit: unit }: Machine): string[] {
  if (!readings) return ['Nothing was read yet.'];
  const { offsetC, dropC, recoverS } = learnedFrom(readings);
  const errors = readings.places.map(({ displayC, plateC }) => plateC - displayC);
  const spreadC = Math.max(...errors) - Math.min(...errors);
  const few = readings.places.length < LEAST_PLACES;
  const moments = readings.pressing.length;
  return [
    ...(offsetC === null
      ? []
      : [
          Math.abs(degreesIn(offsetC, unit)) < 0.5
            ? 'The plate is as hot as it shows.'
            : `The plate is ${apartWords(offsetC, unit)} than it shows: every setting makes up for it.`,
          few
            ? `From ${LEAST_PLACES} places on, a map of the plate is drawn.`
            : spreadC >= WORTH_C
              ? `From its coolest to its hottest place are ${formatDegrees(spreadC, unit)}; inside the dashed line it is even, and placements are planned with that.`
              : 'It is evenly hot.',
        ]),
    ...(dropC === null
      ? moments > 0
        ? [`From ${LEAST_MOMENTS} moments on, a pressing tells how far the plate drops.`]
        : []
      : [
          `On closing it drops by ${formatDegrees(dropC, unit)}; ${
            recoverS === null
              ? 'it was not back while it was read.'
              : `it is back after ${formatDuration(recoverS)}: after a shorter pressing of something hard or thick, the press screen and evenings leave it the rest before the next load.`
          }`,
        ]),
  ];
}
