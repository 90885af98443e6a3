import type { DatumName, ZoneId, EdgeName, FaceName } from '@/core/form';
import type { NamedPiece, PieceName } from '@/core/layout';
import type { Lying } from '@/core/model';
import type { Say } from './say';

/** What a part of a face is called, and what a drawing writes on it. */
export const ZONE_WORDS: Readonly<
  Record<ZoneId, { readonly name: string; readonly label: string }>
> = {
  rim: { name: 'rim', label: 'Rim: keep clear' },
  base: { name: 'base', label: 'Base: keep clear' },
  'handle-left': { name: 'handle', label: 'Handle' },
  'handle-right': { name: 'handle', label: 'Handle' },
  'handle-roots': { name: 'handle', label: 'Handle' },
  edge: { name: 'edge', label: 'Edge: keep clear' },
  hole: { name: 'hole', label: 'Hole' },
  collar: { name: 'collar', label: 'Collar' },
  pocket: { name: 'pocket', label: 'Pocket' },
  'seam-left': { name: 'side seam', label: 'Side seam' },
  'seam-right': { name: 'side seam', label: 'Side seam' },
  hem: { name: 'hem', label: 'Hem' },
  'roll-left': { name: 'part that rolls round', label: 'rolls round' },
  'roll-right': { name: 'part that rolls round', label: 'rolls round' },
};

/** What a face is called. */
export const FACE_WORDS: Readonly<Record<FaceName, string>> = {
  wrap: 'Wrap',
  face: 'Face',
  front: 'Front',
  back: 'Back',
  'sleeve-left': 'Left sleeve',
  'sleeve-right': 'Right sleeve',
  'left-outside': 'Left sock, outside',
  'left-inside': 'Left sock, inside',
  'right-outside': 'Right sock, outside',
  'right-inside': 'Right sock, inside',
};

/** What an edge of a face is called. */
export const EDGE_WORDS: Readonly<Record<EdgeName, string>> = {
  top: 'top edge',
  bottom: 'bottom edge',
  left: 'left edge',
  right: 'right edge',
  rim: 'rim',
  base: 'base',
  shoulder: 'shoulder',
  hem: 'hem',
  cuff: 'cuff',
  toe: 'toe',
};

/** A datum point as a drawing names it, and how art is put in the middle of it. */
export const DATUM_WORDS: Readonly<
  Record<DatumName, { readonly label: string; readonly centre: string }>
> = {
  'opposite-handle': { label: 'Opposite the handle', centre: 'Centre opposite the handle' },
  'opposite-seam': { label: 'Opposite the seam', centre: 'Centre opposite the seam' },
  'right-holder': {
    label: 'Right-handed holder sees',
    centre: 'Centre where a right-handed holder sees',
  },
  'left-holder': {
    label: 'Left-handed holder sees',
    centre: 'Centre where a left-handed holder sees',
  },
  'right-half': { label: 'Right half, middle', centre: 'Centre on the right half, middle' },
  'left-half': { label: 'Left half, middle', centre: 'Centre on the left half, middle' },
  centre: { label: 'Middle', centre: 'Centre on the middle' },
  neckline: { label: 'Neckline', centre: 'Centre on the neckline' },
  'top-edge': { label: 'Top edge, middle', centre: 'Centre on the top edge, middle' },
  'left-chest': { label: 'Left chest', centre: 'Centre on the left chest' },
  'right-chest': { label: 'Right chest', centre: 'Centre on the right chest' },
  'sleeve-middle': { label: 'Sleeve, middle', centre: 'Centre on the sleeve, middle' },
};

function partWords(called: PieceName): string {
  switch (called.kind) {
    case 'folded':
      return 'Front and back, to fold';
    case 'face':
      return FACE_WORDS[called.face];
    case 'half':
      return `${FACE_WORDS[called.face]}, ${called.side} half`;
    case 'ground':
      return `${FACE_WORDS[called.face]}, the ground`;
    case 'part':
      return `${FACE_WORDS[called.face]}, part ${called.nth}`;
  }
}

/** What a piece is called: its part of the blank, and for which name or size it is. */
export const pieceWords = ({ called, variant }: NamedPiece): string =>
  variant ? `${partWords(called)} · ${variant}` : partWords(called);

/** How far something lies from the edges of its face: “6 in from the left edge and 3 in from the shoulder”. */
export function farWords({ from }: Lying, { length }: Pick<Say, 'length'>): string {
  const ways = from.map(({ edge, mm }) => `${length(mm)} from the ${EDGE_WORDS[edge]}`);
  const last = ways.pop() ?? '';
  return ways.length > 0 ? `${ways.join(', ')} and ${last}` : last;
}
