import { facesOf, type Face } from './blank';
import { checkPlan, type Check } from './check';
import { layOut, type Piece } from './layout';
import { planMirror, type MirrorPlan } from './mirror';
import type { Job, Shelf } from './model';
import { planPress, type PressPlan, type Recipe } from './press';
import { planSheets, type Misfit, type Sheet, type Tiling } from './sheet';
import { toolsFor, type Tools } from './shelf';
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
  readonly tools: Tools & { readonly recipe: Recipe };
}

/**
 * The whole pipeline: blank → faces → pieces → mirror → sheets → press steps → checks.
 * Pure and synchronous; `units` only decides how figures are written in sentences. A tool that the
 * shelf lacks is stood in for by the nearest, and a finding says so.
 */
export function planJob(job: Job, shelf: Shelf, units: UnitStyle = TRADE_UNITS): JobPlan {
  const tools = toolsFor(job, shelf);
  const { paper, printer, machine, cutter } = tools;
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
  const checks = checkPlan({
    ...{ job, transfer, paper, printer, cutter, machine, recipe, press, shelf },
    ...{ missing: tools.missing, faces, pieces, mirror, sheets, units },
  });

  return { faces, pieces, mirror, ...sheets, press, checks, tools: { ...tools, recipe } };
}
