import type * as z from 'zod/mini';
import { jobProblem, type Issues, type Job } from '../model';

/** What is counted in a job, by where it stands. */
const COUNTED = {
  arts: 'pictures',
  placements: 'placements',
  items: 'items',
  seams: 'seams',
  keepWhole: 'wholes',
  rings: 'outline-lines',
} as const;

/** Lengths of a job, by the last part of their name. */
const MEASURED = {
  widthMm: 'width',
  heightMm: 'height',
  lengthMm: 'length',
  diameterMm: 'diameter',
  girthMm: 'girth',
  stepXMm: 'step-across',
  stepYMm: 'step-down',
  dxMm: 'way-across',
  dyMm: 'way-down',
} as const;

/** What is counted in a job. */
export type Counted = (typeof COUNTED)[keyof typeof COUNTED];
/** What is measured in a job. */
export type Measured = (typeof MEASURED)[keyof typeof MEASURED];

/** A limit that an edit would break; in words: `words/limits`. */
export type Limit =
  | { readonly kind: 'count'; readonly of: Counted; readonly most: number; readonly would: number }
  | {
      readonly kind: 'length';
      readonly of: Measured;
      readonly bound: 'most' | 'least';
      readonly limitMm: number;
      readonly wouldMm: number;
    }
  /** Anything else, as the schema says it. */
  | { readonly kind: 'other'; readonly issues: Issues };

const at = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (part, key) =>
      part !== null && typeof part === 'object'
        ? (part as Record<PropertyKey, unknown>)[key]
        : null,
    value,
  );

const known = <T extends object>(table: T, key: string): T[keyof T] | null =>
  Object.hasOwn(table, key) ? table[key as keyof T] : null;

function limitOf(job: Job, issue: z.core.$ZodIssue): Limit | null {
  if (issue.code !== 'too_big' && issue.code !== 'too_small') return null;
  const key = String([...issue.path].reverse().find((part) => typeof part === 'string') ?? '');
  const value = at(job, issue.path);
  const big = issue.code === 'too_big';
  const limit = Number(big ? issue.maximum : issue.minimum);
  const counted = known(COUNTED, key);
  if (Array.isArray(value) && counted)
    return { kind: 'count', of: counted, most: limit, would: value.length };
  if (typeof value !== 'number' || !key.endsWith('Mm')) return null;
  return {
    ...{ kind: 'length', of: known(MEASURED, key) ?? 'length' },
    ...{ bound: big ? 'most' : 'least', limitMm: limit, wouldMm: value },
  };
}

/**
 * Why a job that an edit would make cannot be kept, with the figure; null when it can. The schema
 * that reads jobs is the one that is asked, so that nothing is stored that cannot be read again.
 */
export function limitMet(job: Job): Limit | null {
  const problem = jobProblem(job);
  if (!problem) return null;
  const [first] = problem;
  return (first && limitOf(job, first)) ?? { kind: 'other', issues: problem };
}
