import type { HandTool, Supply } from '@/core/press';
import { MM_PER_INCH } from '@/core/units';
import type { UnitStyle } from '../units';
import { sayIn } from '../say';
import { MATERIAL_WORDS } from './layers';

/** What hands need, as a crafter calls it. */
export const HAND_TOOL_WORDS: Readonly<Record<HandTool, string>> = {
  'heat-gloves': 'Heat gloves and a heat-proof mat',
  'pressing-mat': 'Padded heat-proof mat to press on, larger than the piece',
  tape: 'Heat-rated tape, torn off in short pieces',
  'lint-roller': 'Lint roller',
  trimmer: 'Trimmer or a sharp knife and ruler',
  scissors: 'Scissors',
  'weeding-hook': 'Weeding hook',
  mask: 'Transfer mask, larger than all the pieces as they lie',
  'tape-measure': 'Tape measure',
  'heat-gun': 'Heat gun for the sleeve',
};

/** Covers are cut to a round figure: up to half an inch, or to a centimetre. */
const roundUp = (mm: number, { length }: UnitStyle): number => {
  const step = length === 'in' ? MM_PER_INCH / 2 : 10;
  return Math.ceil(mm / step - 1e-9) * step;
};

const isTool = (is: Supply['is']): is is HandTool => Object.hasOwn(HAND_TOOL_WORDS, is);

/** One thing to lay ready: how many, what, how large. */
export function supplyWords({ is, count, atLeast, lengthMm }: Supply, units: UnitStyle): string {
  if (isTool(is)) return HAND_TOOL_WORDS[is];
  const { size, length } = sayIn(units);
  const name = MATERIAL_WORDS[is].toLowerCase();
  const many = count === null ? MATERIAL_WORDS[is] : `${count} × ${name}`;
  const rounded = atLeast && {
    widthMm: roundUp(atLeast.widthMm, units),
    heightMm: roundUp(atLeast.heightMm, units),
  };
  const large = rounded ? `, ${size(rounded)} or larger` : '';
  return `${many}${large}${lengthMm === null ? '' : `, cut ${length(lengthMm)} long`}`;
}
