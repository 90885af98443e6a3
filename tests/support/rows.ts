import type { Artwork } from '@/core/model';
import { artwork } from './jobs';

/** The nth picture of a test, each with a content of its own. */
export const picture = (n: number, part: Partial<Artwork> = {}): Artwork =>
  artwork({
    ...{ sha256: n.toString(16).padStart(64, '0'), name: `fern ${n}.png` },
    ...{ storedWidthPx: 1500, storedHeightPx: 1500 },
    ...part,
  });
/** Identities of rows: row-1, row-2, … */
export const counter = () => {
  let n = 0;
  return () => `row-${++n}`;
};
/** A line of lettering by name: 10 mm wide a letter, 8 mm high. */
export const line = (n: number, words: string, part: Partial<Artwork> = {}): Artwork =>
  picture(n, {
    ...{ name: words, realMm: { widthMm: 10 * words.length, heightMm: 8 } },
    ...{ storedWidthPx: 100 * words.length, storedHeightPx: 80 },
    text: {
      ...{ words: 'Hi {name}', font: 'DM Mono', bold: false },
      ...{ colour: '#000000', capHeightMm: 8, arcRadiusMm: 0 },
    },
    ...part,
  });
