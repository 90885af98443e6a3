import { z } from 'zod';
import { MAX_OPERATIONS, programSchema } from './program';
import { idSchema, timestampSchema } from '../primitives';

/** What happened while something was pressed, at a moment of the clock nobody can set. */
export const eventSchema = z.object({
  at: timestampSchema,
  /**
   * `begun`: its clock was started; `ended`: it was done; `skipped`: passed over, not done;
   * `reopened`: gone back to, so that it is at hand once more.
   */
  kind: z.enum(['begun', 'ended', 'skipped', 'reopened']),
  operationId: idSchema,
});

/** Events of one run at most: every operation begun, ended and gone back to a few times. */
const MAX_EVENTS = 5 * MAX_OPERATIONS;

/** A pressing in progress: the program as it was when it began, and what has happened since. */
export const runSchema = z.object({
  jobId: idSchema,
  startedAt: timestampSchema,
  /** Null where an older version began it: it is frozen when the job is next opened. */
  program: programSchema.nullable(),
  /** How many steps an older version had gone through, and since when its clock ran. */
  before: z
    .object({
      stepIndex: z.int().min(0).max(MAX_OPERATIONS),
      countdownFrom: timestampSchema.nullable(),
    })
    .nullable(),
  events: z.array(eventSchema).max(MAX_EVENTS),
});

/** Something that happened in a run, with its moment. */
export type RunEvent = z.infer<typeof eventSchema>;
/** A pressing under way: the frozen program and what has happened. */
export type Run = z.infer<typeof runSchema>;
