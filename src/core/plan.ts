import { facesOf, type Face } from './blank';
import { checkPlan, type Check, type Overwork } from './check';
import { layOut, type Piece } from './layout';
import { planMirror, type MirrorPlan } from './mirror';
import type { Job, Shelf } from './model';
import { planPress, type PressPlan, type Recipe } from './press';
import { planSheets, type Misfit, type Sheet, type Tiling } from './sheet';
import { toolsFor, type Tools } from './shelf';
import { TRANSFERS } from './transfer';
import { unlessTooMuch, within } from './work';

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

/** Work of one stage at most: about a third of a second on an ordinary computer. */
const STAGE_WORK = 100_000;

/**
 * The whole pipeline: blank → faces → pieces → mirror → sheets → press steps → checks.
 * Pure and synchronous. A tool that the shelf lacks is stood in for by the nearest, and a finding says so. Every stage may do so much work,
 * the same on every machine; one that would take more is left out, and a finding says why.
 */
export function planJob(job: Job, shelf: Shelf): JobPlan {
  const overwork: Overwork[] = [];
  const bounded = <T>(stage: Overwork['stage'], work: () => T, instead: () => T): T =>
    unlessTooMuch(
      () => within(STAGE_WORK, work),
      ({ what }) => {
        overwork.push({ stage, what });
        return instead();
      },
    );
  const tools = toolsFor(job, shelf);
  const { paper, printer, machine, cutter } = tools;
  const transfer = TRANSFERS[job.transfer];

  const faces = within(STAGE_WORK, () => facesOf(job.blank));
  const pieces = bounded<Piece[]>(
    'pieces',
    () => layOut(job, faces),
    () => [],
  );
  const mirror = planMirror(transfer, printer, job.sheet.mirrorBy);
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  const onSheets = { job, arts, paper, printer, mirror };
  const sheets = bounded(
    'sheets',
    () => planSheets(pieces, onSheets),
    () => planSheets([], onSheets),
  );
  const pressed = { job, machine, faces, figures: shelf.figures };
  const { recipe, press } = bounded(
    'press',
    () => planPress({ ...pressed, pieces }),
    () => planPress({ ...pressed, pieces: [] }),
  );
  const found = {
    ...{ job, transfer, paper, printer, cutter, machine, recipe, press, shelf },
    ...{ missing: tools.missing, faces, pieces, mirror, sheets, overwork },
  };
  const checks = bounded(
    'checks',
    () => checkPlan(found),
    () => checkPlan({ ...found, pieces: [] }),
  );

  return { faces, pieces, mirror, ...sheets, press, checks, tools: { ...tools, recipe } };
}
