import { stateOf } from '@/core/evening';
import type { JobHistory } from '@/core/job';
import { eveningNow } from '@/ui/press';
import type { BenchJob } from './useBenchJobs';

/** A pressing that an older version kept: it is taken up when its job is opened. */
const TO_TAKE_UP: JobHistory['run'] = { done: 0, of: 1, things: 1, finished: false };

/** How far a job has come, as it was when the bench was read. */
export function historyOf({ run, runOfOld, lastOutcome, readAt }: BenchJob): JobHistory {
  if (run) return { run: stateOf(run, eveningNow(run, readAt)), lastOutcome };
  return { run: runOfOld ? TO_TAKE_UP : null, lastOutcome };
}
