import type { Machine } from '@/core/model';
import { LEAST_MOMENTS, LEAST_PLACES, learnedFrom } from '@/core/press';
import { degreesIn, formatDegrees, formatDuration } from './units';

/** A spread of this many degrees C and more is worth a word. */
const WORTH_C = 1;

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
            : `The plate is ${formatDegrees(offsetC, unit)} ${offsetC < 0 ? 'cooler' : 'hotter'} than it shows: every setting makes up for it.`,
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
              : `it is back after ${formatDuration(recoverS)}: wait that long between loads.`
          }`,
        ]),
  ];
}
