import { areTestPieces, type Job, type KeptLook, type PressRecord } from '../model';
import type { JobPlan } from '../plan';
import { whatWasDone, type Pressing } from '../press';

/** What the person tells about a pressing; the rest comes from the plan and the run. */
export type Told = Pick<PressRecord, 'outcome' | 'faults' | 'note' | 'photoSha256' | 'items'>;

/** What a record is made of. */
export interface Pressed {
  readonly job: Job;
  readonly plan: JobPlan;
  /** What was run, step by step; null where it was not. */
  readonly run: Pressing | null;
  /** Whether simulated machines pressed it. */
  readonly simulated?: boolean;
  /** Photos that were held against the plan before. */
  readonly looks?: readonly KeptLook[];
}

/** Whether others can be pressed by what a pressing came to: not by what simulated machines did, nor by a second heat. */
export const teaches = ({ simulated, program }: PressRecord): boolean =>
  !simulated && !program?.conditions.again;

/**
 * A record of a pressing: by the program that was run and the seconds that were pressed, else by the
 * plan of the moment.
 */
export function recordOf(
  id: string,
  { job, plan, run, simulated = false, looks = [] }: Pressed,
  told: Told,
  now: Date,
): PressRecord {
  const { tools, mirror } = plan;
  const pass = run?.program.passes.find(({ transfer }) => transfer === job.transfer);
  const blank = run?.program.blank ?? job.blank;
  const machine = pass ? { id: pass.machineId, name: pass.machineName } : tools.machine;
  const { temperatureC, dwellS, pressure } = pass?.settings ?? plan.press.settings;
  return {
    id,
    ...{ jobId: job.id, jobName: job.name, at: now.toISOString() },
    ...{ blankId: blank.id, blankName: blank.name },
    ...{ transfer: job.transfer, recipeId: pass?.recipeId ?? tools.recipe.id },
    ...{ machineId: machine.id, machineName: machine.name },
    ...{ paperId: tools.paper.id, paperName: tools.paper.name },
    ...{ printerId: tools.printer.id, printerName: tools.printer.name },
    ...{ temperatureC, pressure, mirroredBy: mirror.by },
    dwellS: (run && whatWasDone(run, job.transfer).pressedS) ?? dwellS,
    ...told,
    ...{
      program: run?.program ?? null,
      events: [...(run?.events ?? [])],
      later: [],
      looks: [...looks],
      simulated,
      cause: null,
      test: areTestPieces(job),
    },
  };
}
