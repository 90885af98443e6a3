import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const example = JSON.parse(readFileSync('docs/examples/comet-mug.json', 'utf8')) as Record<
  string,
  unknown
>;

test('POST /api/plan answers the documented example with the whole plan, by name', async ({
  request,
}) => {
  const response = await request.post('/api/plan', { data: example });
  expect(response.status()).toBe(200);
  const plan = (await response.json()) as Record<string, unknown[]> & {
    mirror: unknown;
    press: { program: { operations: { kind: string }[] } };
  };
  expect(plan.faces?.[0]).toMatchObject({ id: 'wrap', widthMm: 222.25 });
  expect(plan.pieces?.[0]).toMatchObject({ copies: 1 });
  expect(plan.mirror).toMatchObject({ needed: true, by: 'file', flips: 1 });
  expect(plan.sheets?.[0]).toMatchObject({ paper: 'US letter', orientation: 'landscape' });
  expect(plan.press.program.operations.find(({ kind }) => kind === 'press')).toMatchObject({
    ...{ countedS: 420, does: 'press-in-clamp', hands: 'at-ends' },
  });
  for (const check of plan.checks ?? []) {
    expect(Object.keys(check as object)).toEqual(
      expect.arrayContaining(['code', 'level', 'station', 'facts', 'fixes']),
    );
  }
});

const { job } = example as { job: Record<string, unknown> };
const WRONG: readonly (readonly [string, unknown, number, RegExp])[] = [
  ['not JSON', '{', 400, /not JSON/],
  ['another document', { hello: 'world' }, 422, /not a Lucky Sheet job/],
  ['a wrong type', { ...example, job: { ...job, bleedMm: '3' } }, 422, /job\.bleedMm/],
  ['a future version', { ...example, version: 42 }, 422, /newer/],
  ['more than the limit', { ...example, padding: 'x'.repeat(5_100_000) }, 413, /5000 kB/],
];

for (const [what, data, status, says] of WRONG) {
  test(`${what} is refused with ${status} and a reason`, async ({ request }) => {
    const response = await request.post('/api/plan', {
      headers: { 'content-type': 'application/json' },
      data: typeof data === 'string' ? Buffer.from(data) : data,
    });
    expect(response.status()).toBe(status);
    expect(((await response.json()) as { error: string }).error).toMatch(says);
  });
}

test('tools that the shelf lacks stop the plan and are named; others are answered meanwhile', async ({
  request,
}) => {
  const bare = { ...example, shelf: { blanks: [], papers: [], printers: [], machines: [] } };
  const answers = await Promise.all(
    Array.from({ length: 6 }, () => request.post('/api/plan', { data: bare })),
  );
  for (const response of answers) {
    expect(response.status()).toBe(200);
    const { checks } = (await response.json()) as { checks: { id: string; level: string }[] };
    expect(checks.slice(0, 3)).toMatchObject(
      ['paper', 'printer', 'machine'].map((what) => ({ id: `missing-${what}`, level: 'stop' })),
    );
  }
});

test('other content types are refused', async ({ request }) => {
  const response = await request.post('/api/plan', {
    headers: { 'content-type': 'text/plain' },
    data: 'hello',
  });
  expect(response.status()).toBe(415);
});
