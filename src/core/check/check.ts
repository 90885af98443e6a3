import type { Face } from '../form';
import type { Piece } from '../layout';
import type { MirrorPlan } from '../mirror';
import type { Cutter, Job, Machine, Paper, Printer, Shelf } from '../model';
import type { PressPlan, Recipe } from '../press';
import type { SheetPlan } from '../sheet';
import type { MissingTool } from '../shelf';
import type { Transfer } from '../transfer';
import type { WorkKind } from '../work';
import { CHECK_STATIONS, type CheckCode, type CheckFacts } from './codes';
import type { Station } from './vocabulary';
import type { Fix } from './fixes';

/** `stop`: pressing now would spoil something. `warn`: take care. `note`: good to know. */
export type Level = 'stop' | 'warn' | 'note';

/** One finding about a plan: what, with its quantities, and the way out. Its words: `words/checks`. */
export interface Check<C extends CheckCode = CheckCode> {
  readonly code: C;
  /** Its code, with what it is about where it may be found more than once. */
  readonly id: string;
  readonly level: Level;
  /** The pass of the job it was found at; its ways out are taken there. */
  readonly passId: string;
  readonly station: Station;
  readonly facts: CheckFacts[C];
  /** On how many more pictures of the same place it is found, or worse was found than on them. */
  readonly more: number;
  /** What settles it, the likeliest first; none where none can be offered. */
  readonly fixes: readonly Fix[];
}

interface More {
  /** What it is about: a placement, a piece, a face. */
  readonly of?: string;
  /** Where it is put right, if elsewhere than its kind usually is. */
  readonly station?: Station;
  readonly fixes?: readonly (Fix | null)[];
}

/** A finding as a rule makes it; which pass it is of is told by who asks the rule. */
export type Found<C extends CheckCode = CheckCode> = Omit<Check<C>, 'passId'>;

/** Makes a finding. */
export const found = <C extends CheckCode>(
  code: C,
  level: Level,
  facts: CheckFacts[C],
  { of, station = CHECK_STATIONS[code], fixes = [] }: More = {},
): Found<C> => ({
  code,
  id: of === undefined ? code : `${code}-${of}`,
  level,
  station,
  facts,
  more: 0,
  fixes: fixes.filter((fix) => fix !== null),
});

/** The film below the prints, as far as rules ask about it. */
type FilmFacts = Pick<SheetPlan, 'sheets' | 'misfits'> & {
  readonly paper: Paper;
  readonly pieces: readonly Piece[];
};

/** Everything a rule may look at. */
export interface Findings {
  readonly passId: string;
  /** As it is seen from that pass. */
  readonly job: Job;
  readonly transfer: Transfer;
  readonly paper: Paper;
  /** What else is on the shelf. */
  readonly shelf: Shelf;
  /** Tools the job names and the shelf lacks. */
  readonly missing: readonly MissingTool[];
  readonly printer: Printer;
  /** Null when the pieces are cut by hand. */
  readonly cutter: Cutter | null;
  readonly machine: Machine;
  readonly recipe: Recipe;
  readonly press: PressPlan;
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  readonly mirror: MirrorPlan;
  readonly sheets: SheetPlan;
  /** What is cut of film for it; null where its transfer needs none. */
  readonly film: FilmFacts | null;
  /** Stages that were left out, since they would take too much work, and what there is too much of. */
  readonly overwork: Overwork[];
}

/** A stage of the plan that was not carried through, and what there was too much of. */
export interface Overwork {
  readonly stage: 'pieces' | 'sheets' | 'press' | 'checks';
  readonly what: WorkKind;
}

/** A rule over the whole plan; silent (empty) when all is well. */
export type Rule = (findings: Findings) => Found[];
