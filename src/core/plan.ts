import { facesOf, type Face } from './blank';
import { checkPlan, type Check } from './check';
import { layOut, type Piece } from './layout';
import { planMirror, type MirrorPlan } from './mirror';
import type { Job, Machine, Paper, Printer, Shelf } from './model';
import { planPress, type PressPlan, type Recipe } from './press';
import { planSheets, type Misfit, type Sheet, type Tiling } from './sheet';
import { TRANSFERS } from './transfer';
import { TRADE_UNITS, type UnitStyle } from './units';

/** Everything that follows from a job and a shelf. Computed, never stored. */
export interface JobPlan {
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  readonly mirror: MirrorPlan;
  readonly sheets: readonly Sheet[];
  readonly misfits: readonly Misfit[];
  readonly tilings: readonly Tiling[];
  readonly tooMany: number | null;
  readonly press: PressPlan;
  readonly checks: readonly Check[];
  /** The shelf's things the plan was made with. */
  readonly tools: {
    readonly paper: Paper;
    readonly printer: Printer;
    readonly machine: Machine;
    readonly recipe: Recipe;
  };
}

/** A job names something that its shelf does not hold. */
export class MissingToolError extends Error {}

function pick<T extends { id: string }>(what: string, items: readonly T[], id: string): T {
  const found = items.find((item) => item.id === id);
  if (!found) throw new MissingToolError(`The shelf holds no ${what} “${id}”.`);
  return found;
}

/**
 * The whole pipeline: blank → faces → pieces → mirror → sheets → press steps → checks.
 * Pure and synchronous; `units` only decides how figures are written in sentences.
 * @throws MissingToolError when the shelf lacks a paper, printer or machine that the job names.
 */
export function planJob(job: Job, shelf: Shelf, units: UnitStyle = TRADE_UNITS): JobPlan {
  const paper = pick('paper', shelf.papers, job.sheet.paperId);
  const printer = pick('printer', shelf.printers, job.sheet.printerId);
  const machine = pick('machine', shelf.machines, job.heat.machineId);
  const transfer = TRANSFERS[job.transfer];

  const faces = facesOf(job.blank);
  const pieces = layOut(job, faces);
  const mirror = planMirror(transfer, printer, job.sheet.mirrorBy);
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  const sheets = planSheets(pieces, { job, arts, paper, printer, mirror, units });
  const { recipe, press } = planPress({
    ...{ job, machine, faces, pieces, units },
    figures: shelf.figures,
  });
  const cutter = job.sheet.cutterId ? pick('cutter', shelf.cutters, job.sheet.cutterId) : null;
  const checks = checkPlan({
    ...{ job, transfer, paper, printer, cutter, machine, recipe, press },
    ...{ papers: shelf.papers, faces, pieces, mirror, sheets, units },
  });

  return {
    faces,
    pieces,
    mirror,
    ...sheets,
    press,
    checks,
    tools: { paper, printer, machine, recipe },
  };
}
