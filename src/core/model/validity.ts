import { z } from 'zod';
import { keysOf } from '../keys';
import { artworkSchema } from './art';
import { jobSchema, MAX_ARTS, type Job } from './job';

/** Parts of jobs that were read already: they do not change, so they need not be read again. */
const read = new WeakSet<object>();

const shape = jobSchema.omit({ arts: true }).shape;
const PARTS = keysOf(shape);

const manyArts = z.array(z.unknown()).max(MAX_ARTS);

/** Issues of one part of a job, told under its name. */
const under = (path: PropertyKey[], error: z.ZodError): z.core.$ZodIssue[] =>
  error.issues.map((issue) => ({ ...issue, path: [...path, ...issue.path] }));

/**
 * What the schema has against a job that is about to become the user's; null when it is valid. Only
 * what is new since it was last asked is looked at, so that it can be asked in the middle of a drag.
 */
export function jobProblem(job: Job): z.ZodError | null {
  const issues: z.core.$ZodIssue[] = [];
  const judge = (path: PropertyKey[], value: unknown, schema: z.ZodType) => {
    if (typeof value === 'object' && value !== null && read.has(value)) return;
    const { error } = schema.safeParse(value);
    if (error) issues.push(...under(path, error));
    else if (typeof value === 'object' && value !== null) read.add(value);
  };
  for (const part of PARTS) judge([part], job[part], shape[part]);
  const many = manyArts.safeParse(job.arts);
  if (many.error) issues.push(...under(['arts'], many.error));
  else job.arts.forEach((art, i) => judge(['arts', i], art, artworkSchema));
  return issues.length > 0 ? new z.ZodError(issues) : null;
}
