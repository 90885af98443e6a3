import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { cornerJob, cornerShelf } from '../support/corners';
import { HARD_JOBS } from '../support/hardJobs';
import { toJobDocument } from '@/files/jobFile';
import { seeded } from '@/demo/paint';
import type { Ordeal } from './ordeal';
import { BASE, served } from './server';

/** Values nobody should send, put in the place of others. */
export const ODD: readonly unknown[] = [
  null,
  -1,
  0,
  1e308,
  5e-303,
  '',
  '..',
  'x'.repeat(5000),
  [],
  {},
  true,
];
/** Bodies from the corners of the schema, sampled at one go. */
const BATCH = 25;
const cornerBody = cornerJob().chain((job) =>
  cornerShelf(job).map((shelf) => toJobDocument(job, { ...shelf, blanks: [] })),
);
/** Longest an answer may take, ms: the thread's own two seconds and the way there. */
const LONGEST_MS = 6000;

/** A copy of a value with one part of it, somewhere, replaced by something odd. */
function spoiled(value: unknown, random: () => number): unknown {
  const odd = ODD[Math.floor(random() * ODD.length)];
  if (typeof value !== 'object' || value === null) return odd;
  const keys = Object.keys(value);
  const key = keys[Math.floor(random() * keys.length)];
  if (key === undefined || random() < 0.05) return odd;
  const part = spoiled((value as Record<string, unknown>)[key], random);
  return Array.isArray(value)
    ? value.map((each: unknown, i) => (String(i) === key ? part : each))
    : { ...value, [key]: part };
}

/** Bodies for the plan, spoiled and hard ones: each is answered, and the server goes on. */
export const bodies: Ordeal = ({ seed, goesOn }) =>
  served(async () => {
    const random = seeded(seed);
    const example: unknown = JSON.parse(readFileSync('docs/examples/comet-mug.json', 'utf8'));
    const hard = HARD_JOBS.map(([, job, shelf]) => toJobDocument(job, { ...shelf, blanks: [] }));
    let corners: unknown[] = [];
    const troubles: string[] = [];
    let count = 0;
    while (goesOn(count)) {
      const number = count++;
      if (corners.length === 0)
        corners = fc.sample(cornerBody, { seed: seed * 100_000 + number, numRuns: BATCH });
      // every other one from the corners of the schema, the rest an example with something odd in it
      const body = hard[number] ?? (number % 2 ? corners.pop() : spoiled(example, random));
      const started = Date.now();
      try {
        const response = await fetch(`${BASE}/api/plan`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
          signal: AbortSignal.timeout(LONGEST_MS),
        });
        await response.arrayBuffer();
        if (![200, 400, 413, 422].includes(response.status))
          troubles.push(`body ${number}: ${response.status}`);
      } catch (error) {
        troubles.push(`body ${number}: ${String(error)} after ${Date.now() - started} ms`);
      }
    }
    return { count, troubles };
  });
