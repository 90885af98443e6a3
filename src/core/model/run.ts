import * as z from 'zod/mini';
import { MAX_OPERATIONS, programSchema } from './program';
import { idSchema, timestampSchema } from '../primitives';
import { wholeIn, listTo } from '../schema';

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
  program: z.nullable(programSchema),
  /** How many steps an older version had gone through, and since when its clock ran. */
  before: z.nullable(
    z.object({
      stepIndex: wholeIn(0, MAX_OPERATIONS),
      countdownFrom: z.nullable(timestampSchema),
    }),
  ),
  events: listTo(eventSchema, MAX_EVENTS),
});

/** Something that happened in a run, with its moment. */
export type RunEvent = z.infer<typeof eventSchema>;
/** A pressing under way: the frozen program and what has happened. */
export type Run = z.infer<typeof runSchema>;
