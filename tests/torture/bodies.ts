import { readFileSync } from 'node:fs';
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
export const bodies: Ordeal = ({ seed, seconds }) =>
  served(async () => {
    const random = seeded(seed);
    const example: unknown = JSON.parse(readFileSync('docs/examples/comet-mug.json', 'utf8'));
    const hard = HARD_JOBS.map(([, job, shelf]) => toJobDocument(job, { ...shelf, blanks: [] }));
    const troubles: string[] = [];
    let count = 0;
    const until = Date.now() + 1000 * seconds;
    while (Date.now() < until) {
      const body = count < hard.length ? hard[count] : spoiled(example, random);
      const number = count++;
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
