import type { z } from 'zod';
import { complaints, jobProblem, type Job } from '../model';
import { formatLength, type UnitStyle } from '../units';

/** What is counted in a job, by where it stands. */
const COUNTED: Readonly<Record<string, string>> = {
  arts: 'pictures, lettering once for each name',
  placements: 'placed pictures',
  names: 'names',
  perName: 'names',
  sizes: 'further sizes',
  seams: 'pieces with seams set by hand',
  keepWhole: 'parts to be kept whole',
  rings: 'lines in an outline',
};

/** Lengths of a job, by the last part of their name. */
const MEASURED: Readonly<Record<string, string>> = {
  widthMm: 'width',
  heightMm: 'height',
  lengthMm: 'length',
  diameterMm: 'diameter',
  girthMm: 'girth',
  stepXMm: 'step across',
  stepYMm: 'step down',
  dxMm: 'way across',
  dyMm: 'way down',
};

const at = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (part, key) =>
      part !== null && typeof part === 'object'
        ? (part as Record<PropertyKey, unknown>)[key]
        : null,
    value,
  );

function wordsOf(job: Job, issue: z.core.$ZodIssue, units: UnitStyle): string | null {
  if (issue.code !== 'too_big' && issue.code !== 'too_small') return null;
  const key = String([...issue.path].reverse().find((part) => typeof part === 'string') ?? '');
  const value = at(job, issue.path);
  const [limit, bound] =
    issue.code === 'too_big' ? [issue.maximum, 'up to'] : [issue.minimum, 'at least'];
  if (Array.isArray(value) && COUNTED[key])
    return `A job holds up to ${limit} ${COUNTED[key]}; this would make ${value.length}.`;
  if (typeof value !== 'number' || !key.endsWith('Mm')) return null;
  const show = (mm: number) => formatLength(mm, units.length);
  return `The ${MEASURED[key] ?? 'length'} would be ${show(value)}; ${bound} ${show(Number(limit))} is possible.`;
}

/**
 * Why a job that an edit would make cannot be kept, with the figure; null when it can. The schema
 * that reads jobs is the one that is asked, so that nothing is stored that cannot be read again.
 */
export function limitMet(job: Job, units: UnitStyle): string | null {
  const problem = jobProblem(job);
  if (!problem) return null;
  const [first] = problem.issues;
  return (first && wordsOf(job, first, units)) ?? `This cannot be kept: ${complaints(problem)}.`;
}
