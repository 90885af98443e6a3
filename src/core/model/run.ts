import { z } from 'zod';
import { idSchema, timestampSchema } from './primitives';

/** Steps of one pressing at most, rounds and timer runs counted one by one (own choice). */
export const MAX_STEPS = 2000;

/** A pressing in progress. Times are moments, never counts, so sleep and reload change nothing. */
export const runSchema = z.object({
  jobId: idSchema,
  startedAt: timestampSchema,
  /** Index of the step at hand; equal to the number of steps once all are done. */
  stepIndex: z.int().min(0).max(MAX_STEPS),
  /** When the countdown of the step at hand was started; null before that. */
  countdownFrom: timestampSchema.nullable(),
});

export type Run = z.infer<typeof runSchema>;
