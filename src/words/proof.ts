import type { PrintFault } from '@/core/proof';
import type { UnitStyle } from './units';
import { sayIn } from './say';

/** Less missing ink than this is told as a share alone, mm. */
const WORTH_MEASURING_MM = 0.5;

const tenths = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** What went wrong on a sheet, and what to do about it. */
export function printFaultWords(fault: PrintFault, units: UnitStyle): string {
  const { length, size } = sayIn(units);
  switch (fault.kind) {
    case 'paper':
      return `The paper is ${size(fault.paper)}, the page is made for ${size(fault.page)}. Load that paper, or choose this one.`;
    case 'mirrored':
      return 'The print is flipped once too often or too seldom: lettering would come out backwards. Set mirror in the print dialog as the sheet says.';
    case 'scaled':
      return `The print came out at ${tenths(fault.scale)} of its size. Print at 100 %, without fit to page.`;
    case 'clipped': {
      const upTo = fault.missingMm > WORTH_MEASURING_MM ? `, up to ${length(fault.missingMm)}` : '';
      return `${tenths(fault.lostShare)} of the ink is missing at the edge of the paper${upTo}: the printer does not reach so far. Set its real margins on the shelf.`;
    }
  }
}
