import type { Paper, Product } from '@/core/model';
import type { UnitStyle } from './units';
import { sayIn } from './say';
import { transferName } from './transfers';

const count = (sheets: number): string => `${sheets} ${sheets === 1 ? 'sheet' : 'sheets'}`;

/** What is known of a paper as it was bought, in a line. */
export function productLine(paper: Paper, product: Product, units: UnitStyle): string {
  const { transfer, pack, left, thicknessMm, peel } = product;
  const { length } = sayIn(units);
  const parts = [
    transfer && `For ${transferName(transfer)}`,
    pack && `pack of ${pack.sheets}`,
    left !== null && `${left} left`,
    thicknessMm !== null && `${length(thicknessMm)} thick`,
    peel && `peel ${peel}`,
    paper.offcut && 'an offcut',
  ].filter((part): part is string => typeof part === 'string');
  const line = parts.join(', ');
  return line === '' ? '' : `${line[0]?.toUpperCase()}${line.slice(1)}.`;
}

/** What so many sheets cost, where a pack's price is known; else null. */
export function sheetsCost({ pack }: Product, sheets: number): string | null {
  if (!pack || pack.price === null || sheets === 0) return null;
  const each = pack.price / pack.sheets;
  return `${count(sheets)}: about ${(each * sheets).toFixed(2)}.`;
}

/** A side, noted in a few words or as the packet's own sentence. */
const sideWords = (side: string): string =>
  /\bprint/i.test(side) ? `${side}.` : `Print on ${side}.`;

/** How a sheet goes in: as the packet of this paper says it, else as the printer is known to take it. */
export const feedWords = (paper: Paper, feedSide: string): string =>
  paper.product?.side
    ? `${sideWords(paper.product.side)} ${feedSide}`
    : feedSide || 'Blank side of the paper towards the ink.';

/** What the print dialog was set to on this paper and printer; null where nothing is noted. */
export function dialogWords(
  paper: Paper,
  printer: { readonly id: string; readonly settings: { media: string; quality: string } },
): string | null {
  const own = paper.product?.settings.find(({ printerId }) => printerId === printer.id);
  const media = own?.media || printer.settings.media;
  const quality = own?.quality || printer.settings.quality;
  const parts = [media && `paper kind “${media}”`, quality && `quality “${quality}”`].filter(
    (part) => part !== '',
  );
  return parts.length > 0 ? `What worked here: ${parts.join(', ')}.` : null;
}
