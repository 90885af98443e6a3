import type { Counted, Limit, Measured } from '@/core/job';
import type { UnitStyle } from './units';
import { complaints } from './documents';
import { sayIn } from './say';

const COUNTED: Readonly<Record<Counted, string>> = {
  pictures: 'pictures, lettering once for each name',
  placements: 'placed pictures',
  items: 'different things',
  seams: 'pieces with seams set by hand',
  wholes: 'parts to be kept whole',
  'outline-lines': 'lines in an outline',
};

const MEASURED: Readonly<Record<Measured, string>> = {
  width: 'width',
  height: 'height',
  length: 'length',
  diameter: 'diameter',
  girth: 'girth',
  'step-across': 'step across',
  'step-down': 'step down',
  'way-across': 'way across',
  'way-down': 'way down',
};

/** Why an edit cannot be kept, with the figure and the limit. */
export function limitWords(limit: Limit, units: UnitStyle): string {
  const { length } = sayIn(units);
  switch (limit.kind) {
    case 'count':
      return `A job holds up to ${limit.most} ${COUNTED[limit.of]}; this would make ${limit.would}.`;
    case 'length':
      return `The ${MEASURED[limit.of]} would be ${length(limit.wouldMm)}; ${limit.bound === 'most' ? 'up to' : 'at least'} ${length(limit.limitMm)} is possible.`;
    case 'other':
      return `This cannot be kept: ${complaints(limit.issues)}.`;
  }
}
