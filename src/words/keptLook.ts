import type { KeptLook, LookCode } from '@/core/model';

/** What a look found, shortly, as it is told afterwards. */
const LOOK_CODE_WORDS: Readonly<Record<LookCode, string>> = {
  mirrored: 'flipped',
  size: 'off its size',
  'tile-missing': 'a sheet missing',
  'tile-swapped': 'sheets swapped',
  'tile-turned': 'a sheet turned',
  'tile-size': 'a sheet off its size',
  step: 'a step at a seam',
  gap: 'a gap at a seam',
  border: 'white left at an edge',
  clipped: 'ink missing at an edge',
  bare: 'bare where ink must be',
  covered: 'something lying on ink',
  crooked: 'crooked on the blank',
  aside: 'aside on the blank',
};

const GONE_FOR_WORDS = { reprint: 'printed again', 'lay-again': 'laid again' } as const;

/** A look at a photo before heat, as it is told afterwards: what was found, and what was done about it. */
export function keptLookWords({ found, remedies }: KeptLook): string {
  const told = found.map((code) => LOOK_CODE_WORDS[code]).join(', ') || 'nothing was found';
  const done = [...new Set(remedies)].map((remedy) => GONE_FOR_WORDS[remedy]).join(', ');
  return `Looked at before heat: ${told}${done && `; ${done}`}`;
}
