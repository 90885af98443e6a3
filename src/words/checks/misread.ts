import type { Misread } from '@/core/form';
import type { Say } from '../say';

const MEASURES = {
  'panel-width': 'width for a panel',
  'disc-diameter': 'diameter for a disc',
  'garment-width': 'width for a garment',
  'sock-width': 'width for a sock',
} as const;

const UNITS = { in: 'inches', mm: 'millimetres' } as const;

/** What is asked about an unlikely figure, and the answer that puts it right. */
export function misreadWords(misread: Misread, say: Say): { question: string; answer: string } {
  const { length } = say;
  if (misread.kind === 'girth') {
    const { readAs, figureMm, tooLarge, acrossMm, other, otherAcrossMm } = misread;
    return {
      question:
        `A ${readAs} of ${length(figureMm)} makes a ${tooLarge ? 'bucket' : 'thimble'}, ${length(acrossMm)} across. ` +
        `Did you mean the ${other}? Then it is ${length(otherAcrossMm)} across.`,
      answer: `It is the ${other}`,
    };
  }
  const { measure, figureMm, meant, meantMm } = misread;
  const typed = UNITS[meant === 'in' ? 'mm' : 'in'];
  return {
    question: `${length(figureMm)} is an unlikely ${MEASURES[measure]}. Was it read in ${UNITS[meant]} and typed as ${typed}? Then it is ${length(meantMm)}.`,
    answer: `It was ${UNITS[meant]}`,
  };
}
