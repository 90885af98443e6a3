import type { Face } from '../blank';
import type { Piece } from '../layout';
import type { MirrorPlan } from '../mirror';
import type { Cutter, Job, Machine, Paper, Printer, Shelf } from '../model';
import type { PressPlan, Recipe } from '../press';
import type { SheetPlan } from '../sheet';
import type { MissingTool } from '../shelf';
import type { Transfer } from '../transfer';
import type { UnitStyle } from '../units';

/** The six stations of a job, in order. */
export const STATIONS = ['blank', 'art', 'sheets', 'heat', 'press', 'record'] as const;
export type Station = (typeof STATIONS)[number];

/** `stop`: pressing now would spoil something. `warn`: take care. `note`: good to know. */
export type Level = 'stop' | 'warn' | 'note';

/** A way out, as a change to the job. */
export interface Fix {
  readonly label: string;
  readonly patch: Partial<Job>;
}

/** One finding about a plan: what, which figure, and the way out. */
export interface Check {
  readonly id: string;
  readonly level: Level;
  readonly station: Station;
  readonly text: string;
  /** The figure it turns on, formatted; empty where there is none. */
  readonly figure: string;
  /** Changes to the job that settle it, the likeliest first; none where none can be offered. */
  readonly fixes?: readonly Fix[];
}

/** Everything a rule may look at. */
export interface Findings {
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
  /** Stages that were left out, since they would take too much work, and what there is too much of. */
  readonly overwork: readonly { readonly stage: string; readonly what: string }[];
  readonly units: UnitStyle;
}

/** A rule over the whole plan; silent (empty) when all is well. */
export type Rule = (findings: Findings) => Check[];
