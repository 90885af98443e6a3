import type { Face } from '../form';
import type { Piece } from '../layout';
import type { MirrorPlan } from '../mirror';
import type { Cutter, Job, Machine, Paper, Printer, Shelf } from '../model';
import type { PressPlan, Recipe } from '../press';
import type { SheetPlan } from '../sheet';
import type { MissingTool } from '../shelf';
import type { Transfer } from '../transfer';
import type { WorkKind } from '../work';

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
