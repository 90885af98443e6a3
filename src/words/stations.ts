import { STATIONS, type Check, type Station } from '@/core/check';
import type { JobHistory } from '@/core/job';
import type { Job } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { formatSize, formatTemperature, type UnitStyle } from './units';
import { heatLine } from './press/testPieces';

/** One tick of the tape: where a station stands. */
export interface StationState {
  readonly station: Station;
  /** Its key figure, e.g. `8 3/4 × 3.79 in`; empty where there is nothing yet. */
  readonly figure: string;
  readonly worst: Check['level'] | null;
}

const SERIOUSNESS = ['stop', 'warn', 'note'] as const;

const worstOf = (checks: readonly Check[], station: Station): Check['level'] | null =>
  SERIOUSNESS.find((level) => checks.some((c) => c.station === station && c.level === level)) ??
  null;

/** Several heats one after the other, short enough for the tape. */
function heatsLine(passes: JobPlan['press']['passes'], units: UnitStyle): string {
  const [first] = passes;
  const { temperatureC = null } = first?.settings ?? {};
  const heats = `${passes.length} heats`;
  return temperatureC === null
    ? heats
    : `${heats}, ${formatTemperature(temperatureC, units.temperature)} first`;
}

function figureOf(
  station: Station,
  job: Job,
  plan: JobPlan,
  history: JobHistory,
  units: UnitStyle,
) {
  const face = plan.faces[0];
  const passes = [plan, ...plan.further.map(({ own }) => own)];
  const sheets = passes.reduce((sum, pass) => sum + pass.sheets.length, 0);
  switch (station) {
    case 'blank':
      return face ? formatSize(face.widthMm, face.heightMm, units.length) : '';
    case 'art': {
      const art = plan.pieces[0]?.arts[0];
      return art ? formatSize(art.box.width, art.box.height, units.length) : 'no picture';
    }
    case 'sheets':
      if (job.placements.length === 0) return '';
      if (passes.some(({ misfits }) => misfits.length > 0)) return 'does not fit';
      return `${sheets} ${sheets === 1 ? 'sheet' : 'sheets'}`;
    case 'heat':
      return plan.press.passes.length > 1
        ? heatsLine(plan.press.passes, units)
        : heatLine(plan.press, units);
    case 'press': {
      const { run } = history;
      if (!run) return `${plan.press.program.operations.length} steps`;
      return run.finished ? 'done' : `${run.done} of ${run.of} steps done`;
    }
    case 'record':
      return history.lastOutcome ?? '';
  }
}

/** All six ticks of the tape. */
export const stationStates = (
  job: Job,
  plan: JobPlan,
  history: JobHistory,
  units: UnitStyle,
): StationState[] =>
  STATIONS.map((station) => ({
    station,
    figure: figureOf(station, job, plan, history, units),
    worst: worstOf(plan.checks, station),
  }));

/** What to do next with a job, and at which station. */
export function nextAction(
  plan: JobPlan,
  history: JobHistory,
): { station: Station; label: string } {
  const stop = plan.checks.find(({ level }) => level === 'stop');
  if (plan.pieces.length === 0) return { station: 'art', label: 'Add a picture' };
  const { run } = history;
  if (run && !run.finished) return { station: 'press', label: 'Go on pressing' };
  // of several things each is told of where they were pressed
  if (run)
    return {
      station: run.things === 1 ? 'record' : 'press',
      label: 'Write down how it came out',
    };
  if (stop) return { station: stop.station, label: 'See what stops it' };
  if (history.lastOutcome === 'spoiled') return { station: 'heat', label: 'Change and try again' };
  if (history.lastOutcome) return { station: 'press', label: 'Make another' };
  return { station: 'sheets', label: 'Print, then press' };
}
