import type { Box } from '../geometry';
import type { Side } from '../sheet';

/** What a look at a photo found, with where it is, mm of what must lie there; `tile` is null where a sheet is looked at alone. */
export type LookFinding =
  /** The print is a mirror image of what it must be. */
  | { readonly code: 'mirrored' }
  /** Printed so large beside what it must be. */
  | { readonly code: 'size'; readonly across: number | null; readonly along: number | null }
  | { readonly code: 'tile-missing'; readonly tile: string; readonly box: Box }
  | {
      readonly code: 'tile-swapped';
      readonly tile: string;
      readonly shows: string;
      readonly box: Box;
      /** Where the one that lies here must lie, if this one lies there: the two change places. Else null. */
      readonly exchanged: Box | null;
    }
  | {
      readonly code: 'tile-turned';
      readonly tile: string;
      readonly turnDeg: number;
      readonly box: Box;
    }
  | { readonly code: 'tile-size'; readonly tile: string; readonly scale: number; readonly box: Box }
  /** Lines do not run on over a seam, or the sheets lie apart, or too far over each other (negative). */
  | {
      readonly code: 'step' | 'gap';
      readonly between: readonly [string, string];
      readonly mm: number;
      readonly box: Box;
    }
  | {
      readonly code: 'border';
      readonly tile: string;
      readonly side: Side;
      readonly mm: number;
      readonly box: Box;
    }
  /** Ink that ends too early at the edge of a print. */
  | {
      readonly code: 'clipped';
      readonly tile: string | null;
      readonly side: Side;
      readonly mm: number;
      readonly box: Box;
    }
  /** Bare where ink must be: not printed, or something white lies on it. */
  | {
      readonly code: 'bare';
      readonly tile: string | null;
      readonly mm: number;
      readonly box: Box;
    }
  /** Another colour than there must be: something lies on it, or it is smeared. */
  | {
      readonly code: 'covered';
      readonly tile: string | null;
      readonly mm: number;
      readonly box: Box;
    }
  /** A print lies turned on its blank, clockwise: so many degrees, or mm from one of its ends to the other. */
  | { readonly code: 'crooked'; readonly deg: number; readonly mm: number }
  /** A print lies too far to the right on its blank, mm; to the left below 0. */
  | { readonly code: 'aside'; readonly mm: number };

/** What a look can check. */
export const LOOK_CHECKS = [
  ...(['which', 'mirror', 'tiles', 'size', 'seams', 'border', 'ink', 'edges'] as const),
] as const;
/** One thing that a look can check. */
export type LookCheck = (typeof LOOK_CHECKS)[number];

/** Why something could not be seen. */
export type Unseen =
  /** Nothing in the photo is clearly what the plan says. */
  | 'not-found'
  /** An edge of the paper does not stand out from the table. */
  | 'no-edges'
  /** Too little is printed there to go by. */
  | 'too-plain'
  /** The plan has nothing of the kind here. */
  | 'not-here'
  /** A print off its size ends elsewhere than it must. */
  | 'off-size';

/** One check: done, or why not. */
export interface Checked {
  readonly check: LookCheck;
  readonly unseen: Unseen | null;
  /** Which tiles or seams it could not be told of. */
  readonly of: readonly string[];
}
