import type { Misread, Zone, ZoneId } from '../form';
import type { TransferKind } from '../model';
import type { EdgeName } from '../form';
import type { MissingTool } from '../shelf';
import type { WorkKind } from '../work';
import { HEAT_STATIONS, type HeatFacts } from './heatCodes';
import { SHEET_STATIONS, type SheetFacts, type TileFacts } from './sheetCodes';
import type { Behind, Nothing, Size, Station } from './vocabulary';

/** Why a face has no room. Lengths mm. */
export type NoRoom =
  | { why: 'no such wall'; slantMm: number; rimMm: number; baseMm: number }
  | { why: 'handle gap'; handleGapMm: number }
  | { why: 'keep-outs'; keepOutMm: number; heightMm: number }
  | { why: 'clear edge'; eachMm: number; heightMm: number };

/** Is everything there that the job is made with, and can it be worked out? */
interface ToolFacts {
  /** The job names a tool the shelf lacks; `insteadName` is what it is planned with. */
  missing: { what: MissingTool['what']; id: string; insteadName: string | null };
  /** A stage took more work than a plan may. */
  'too-much': { what: WorkKind };
}

/** Is this the right blank, and was it measured right? */
interface BlankFacts {
  /** Dye needs a coating, and there is none, or nobody knows. */
  coating: { found: 'none' | 'unknown' };
  /** A transparent transfer on a colour that is not white; `lightShare` of white. */
  'blank-colour': {
    dye: boolean;
    colourName: string;
    lightShare: number;
    dark: boolean;
    cloth: boolean;
  };
  /** A transfer that covers, where nothing has to be covered. */
  'paper-kind': { transfer: TransferKind; colourName: string };
  /** Dye bonds to the polyester share of cloth only. */
  polyester: { share: number };
  /** Measures as it is sold, by nobody measured. */
  nominal: Size;
  /** A figure was probably read or typed another way. */
  measuring: { misread: Misread };
  /** Nothing of a face is left to print on. */
  'no-face': NoRoom;
  /** A straight strip would stand so far off at the rim of this tapered wall. */
  taper: { offMm: number };
  /** Pale or fine dye on glitter; letters finer than this. */
  'on-glitter': { art: string; pale: boolean; fine: boolean; leastMm: number };
  'on-clear': Nothing;
  /** A print that does not reach so far beyond a bundle. */
  'bundle-short': Size & { beyondMm: number };
  /** The paper would run into the handle. */
  'bleed-over-handle': { bleedMm: number; handleGapMm: number };
}

/** Is the picture there, good enough and whole? */
interface ArtFindings {
  'no-art': Nothing;
  /** Few pixels per inch; `soft` where it only may look soft. */
  resolution: { art: string; ppi: number; soft: boolean };
  /** Out of proportion: wider by this share of what its height asks for, or narrower. */
  stretch: Size & { share: number };
  /** A share of its detail is cut off by the edge; `covers` where it was meant to cover. */
  'cut-off': { art: string; lostShare: number; covers: boolean; all: boolean };
  /** Cut straight, opaque paper or film shows as a white box round its picture. */
  'white-box': { art: string; transfer: TransferKind };
  /** A further transfer has no picture of its own here. */
  'pass-empty': { transfer: TransferKind };
  /** Reaches these edges of the face but not through the bleed beyond them. */
  'bleed-short': { edges: readonly EdgeName[]; bleedMm: number };
  /** Film or paper that is cut as large as its print, cut with room. */
  'cut-too-wide': { marginMm: number };
}

/** Does it lie where it survives the cut, the seam and the edge? */
interface PlaceFacts {
  /** Kept whole at the edges, no motif of this size shows on what is printed. */
  'no-motif': Size & { art: string; trim: Size; cutHelps: boolean };
  'too-many-motifs': { art: string; most: number };
  /** Detail where dye takes badly or is lost. */
  'keep-out': { art: string; share: number; zones: readonly ZoneId[]; kind: Zone['kind'] };
  /** Rows on which a line of names shows another name than theirs, and what it shows. */
  'not-lettered': { rows: number; first: string; shows: string };
  /** A share of a line of lettering stands in the edge zone, so wide. */
  lettering: { words: string; outShare: number; safeMm: number };
  /** Paper cut along its art ends on a hard face. */
  'cut-edge-prints': Nothing;
  /** Paper that ends at a hard blank's edge. */
  'paper-short': { bleedMm: number; usualMm: number };
  /** Too little bleed where the art covers. */
  'bleed-missing': { bleedMm: number; usualMm: number };
  /** A full wrap whose edges differ where they meet. */
  'joining-seam': { art: string; mismatch: number };
  /** Detail where two halves of a wrap meet, opposite the handle or seam. */
  'seam-detail': { art: string; share: number; opposite: Behind };
  halves: { pieces: number; back: Behind };
  /** Almost the same upside down: mean difference as a share. */
  'upside-down': { art: string; mismatch: number };
  /** Areas of it side by side that are clear in the file and hardly differ on the blank: colours (null: bare), CIEDE2000. */
  faint: {
    art: string;
    lettering: boolean;
    one: string | null;
    other: string | null;
    before: number;
    after: number;
    pairs: number;
    colourName: string;
    glitter: boolean;
  };
  /** A share of it is white, which a transparent transfer has no ink for. */
  white: { art: string; share: number; colourName: string };
  /** Front and back of a hard blank, pressed one after the other. */
  'two-pressings': { pieces: number; gapMm: number };
  /** Bleed on both sides of a fold fills the gap between them. */
  'fold-gap': { bleedMm: number; gapMm: number };
}

/** What each finding tells: quantities and identities; names are the person's own. */
export interface CheckFacts
  extends ToolFacts, BlankFacts, ArtFindings, PlaceFacts, SheetFacts, TileFacts, HeatFacts {}

/** A kind of finding. */
export type CheckCode = keyof CheckFacts;

/** Where each finding is put right. */
export const CHECK_STATIONS = {
  ...SHEET_STATIONS,
  ...HEAT_STATIONS,
  missing: 'sheets',
  'too-much': 'art',
  coating: 'blank',
  'blank-colour': 'blank',
  'paper-kind': 'blank',
  polyester: 'blank',
  nominal: 'blank',
  measuring: 'blank',
  'no-face': 'blank',
  taper: 'blank',
  'on-glitter': 'art',
  'on-clear': 'blank',
  'bundle-short': 'art',
  'bleed-over-handle': 'art',
  'no-art': 'art',
  resolution: 'art',
  stretch: 'art',
  'cut-off': 'art',
  'pass-empty': 'art',
  'white-box': 'art',
  'bleed-short': 'art',
  'cut-too-wide': 'art',
  'no-motif': 'art',
  'too-many-motifs': 'art',
  'keep-out': 'art',
  lettering: 'art',
  'not-lettered': 'art',
  'cut-edge-prints': 'art',
  'paper-short': 'art',
  'bleed-missing': 'art',
  'joining-seam': 'art',
  'seam-detail': 'art',
  halves: 'art',
  'upside-down': 'art',
  faint: 'art',
  white: 'art',
  'two-pressings': 'art',
  'fold-gap': 'art',
} as const satisfies Record<CheckCode, Station>;

/** Every kind of finding. */
export const CHECK_CODES = Object.keys(CHECK_STATIONS) as readonly CheckCode[];
