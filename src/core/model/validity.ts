import * as z from 'zod/mini';
import { keysOf } from '../keys';
import { artworkSchema, type Artwork } from './art';
import { jobSchema, MAX_ARTS, type Job } from './job';
import { listTo } from '../schema';

/** Parts of jobs that were read already: they do not change, so they need not be read again. */
const read = new WeakSet<object>();

const shape = z.omit(jobSchema, { arts: true }).shape;
const PARTS = keysOf(shape);

const manyArts = listTo(z.unknown(), MAX_ARTS);

/** What a schema has against a part, in its own paths; nothing against one that was read already. */
function issuesOf(value: unknown, schema: z.ZodMiniType): readonly z.core.$ZodIssue[] {
  const part = typeof value === 'object' ? value : null;
  if (part && read.has(part)) return [];
  const { error } = schema.safeParse(value);
  if (part && !error) read.add(part);
  return error?.issues ?? [];
}

/** Issues of one part of a job, told under its name. */
const under = (path: PropertyKey[], issues: readonly z.core.$ZodIssue[]): z.core.$ZodIssue[] =>
  issues.map((issue) => ({ ...issue, path: [...path, ...issue.path] }));

/** Reads a picture ahead of its coming into a job: of two dozen that come at once, each takes its own time. */
export const readAhead = (art: Artwork): void => void issuesOf(art, artworkSchema);

/**
 * What the schema has against a job that is about to become the user's; null when it is valid. Only
 * what is new since it was last asked is looked at, so that it can be asked in the middle of a drag.
 */
export function jobProblem(job: Job): readonly z.core.$ZodIssue[] | null {
  const many = issuesOf(job.arts, manyArts);
  const issues = [
    ...PARTS.flatMap((part) => under([part], issuesOf(job[part], shape[part]))),
    ...under(['arts'], many),
    ...(many.length > 0
      ? []
      : job.arts.flatMap((art, i) => under(['arts', i], issuesOf(art, artworkSchema)))),
  ];
  return issues.length > 0 ? issues : null;
}
