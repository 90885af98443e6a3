import type { LookFinding } from './findings';

/** What puts a finding right before there is heat. */
export type Remedy =
  /** Print again: all of it, or the sheet of one tile. */
  | { readonly kind: 'reprint'; readonly tile: string | null }
  /** Lift sheets and lay them again, from this one on. */
  | { readonly kind: 'lay-again'; readonly from: readonly string[] }
  /** Cut white away. */
  | { readonly kind: 'trim'; readonly tile: string | null }
  /** Take away what lies on the ink; if it is bare or smeared below, its sheet is printed again. */
  | { readonly kind: 'clear'; readonly tile: string | null }
  /** Lift the print off the blank and lay it again. */
  | { readonly kind: 'place-again' };

/** The remedy for a finding. */
export function remedyFor(finding: LookFinding): Remedy {
  switch (finding.code) {
    case 'mirrored':
    case 'size':
      return { kind: 'reprint', tile: null };
    case 'clipped':
    case 'tile-size':
      return { kind: 'reprint', tile: finding.tile };
    case 'tile-missing':
    case 'tile-turned':
      return { kind: 'lay-again', from: [finding.tile] };
    case 'tile-swapped':
      return { kind: 'lay-again', from: [finding.tile, finding.shows] };
    case 'step':
    case 'gap':
      return { kind: 'lay-again', from: [finding.between[1]] };
    case 'border':
      return { kind: 'trim', tile: finding.tile };
    case 'bare':
    case 'covered':
      return { kind: 'clear', tile: finding.tile };
    case 'crooked':
    case 'aside':
      return { kind: 'place-again' };
  }
}
