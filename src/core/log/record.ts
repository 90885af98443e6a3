import type { Job, PressRecord } from '../model';
import type { JobPlan } from '../plan';
import { TRANSFERS } from '../transfer';

/** What the person tells about a pressing; the rest comes from the plan. */
export type Told = Pick<PressRecord, 'outcome' | 'faults' | 'note' | 'photoSha256'>;

/** A record of a pressing with the settings of the plan it was pressed by. */
export function recordOf(id: string, job: Job, plan: JobPlan, told: Told, now: Date): PressRecord {
  const { tools, mirror } = plan;
  const { settings } = plan.press;
  return {
    id,
    jobId: job.id,
    jobName: job.name,
    at: now.toISOString(),
    blankName: job.blank.name,
    transfer: TRANSFERS[job.transfer].label,
    machineName: tools.machine.name,
    temperatureC: settings.temperatureC,
    dwellS: settings.dwellS,
    pressure: settings.pressure,
    paperName: tools.paper.name,
    printerName: tools.printer.name,
    mirroredBy: mirror.by,
    ...told,
  };
}
