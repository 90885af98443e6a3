import { createHash } from 'node:crypto';
import { strToU8, zipSync } from 'fflate';
import * as z from 'zod/mini';
import { DOCUMENTS } from '@/core/model';
import { DEMO_RECORDS } from '@/demo/records';
import { mugJob, NOW } from '@tests/support/jobs';
import { published } from '@tests/support/published';
import { backupSchema, daysUnsaved, mergeOf, readBackup, toBackup, type KeptInBackup } from '.';
import { isBackup, openBackup, packBackup } from './zip';

const at = NOW.toISOString();
const kept = (kind: string, id: string, body: unknown, version?: number): KeptInBackup => ({
  ...{ kind, id, savedAt: at, body },
  version: version ?? DOCUMENTS[kind as 'job'].version,
});
const [record] = DEMO_RECORDS;
if (!record) throw new Error('no record');

const bytes = new Uint8Array(200_000).map((_, i) => (i * 31) % 251);
const sha256 = createHash('sha256').update(bytes).digest('hex');
const picture = { sha256, file: `art/${sha256}.png` };
const packed = async (documents: KeptInBackup[] = [kept('job', 'job-1', mugJob())]) =>
  packBackup(toBackup(documents, [], [picture], NOW), new Map([[sha256, new Blob([bytes])]]));
const opened = async (zip: Blob) => {
  const backup = await openBackup(zip);
  if (!backup.ok) throw new Error(backup.reason);
  return backup.value;
};
/** A zip of other hands. */
const zipOf = (parts: Record<string, string>): Blob =>
  new Blob([
    zipSync(
      Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(text)])),
    ) as Uint8Array<ArrayBuffer>,
  ]);

test('docs/examples/backup.schema.json is the schema that is enforced', () => {
  published('docs/examples/backup.schema.json', z.toJSONSchema(backupSchema, { io: 'input' }));
});

describe('out and in again', () => {
  test('documents are equal by meaning, pictures byte for byte', async () => {
    const backup = await opened(
      await packed([kept('job', 'job-1', mugJob()), kept('record', record.id, record)]),
    );
    expect(backup.documents).toEqual([
      { kind: 'job', id: 'job-1', savedAt: at, body: mugJob() },
      { kind: 'record', id: record.id, savedAt: at, body: record },
    ]);
    const back = await backup.picture(sha256);
    if (!back.ok) throw new Error(back.reason);
    expect(new Uint8Array(await back.value.arrayBuffer())).toEqual(bytes);
  });

  test('any zip program can open it: fflate finds the same bytes', async () => {
    const { unzipSync } = await import('fflate');
    const parts = unzipSync(new Uint8Array(await (await packed()).arrayBuffer()));
    expect(Object.keys(parts)).toEqual(['backup.json', picture.file]);
    expect(parts[picture.file]).toEqual(bytes);
  });

  test('what cannot be read is kept apart, whole, with the reason', () => {
    const documents = [
      kept('job', 'torn', { name: 'Half' }),
      kept('record', 'later', record, 99),
      kept('hologram', 'new', { a: 1 }, 1),
      kept('job', 'astray', mugJob()),
    ];
    const read = readBackup(toBackup(documents, [kept('job', 'old', 7)], [], NOW));
    if (!read.ok) throw new Error(read.reason);
    expect(read.value.documents).toEqual([]);
    expect(read.value.unreadable.map(({ kept: { id } }) => id)).toEqual([
      ...['old', 'torn', 'later', 'new', 'astray'],
    ]);
    expect(read.value.unreadable[2]?.reason).toMatch(/newer/);
    expect(read.value.unreadable[1]?.kept.body).toEqual({ name: 'Half' });
  });
});

describe('a file of unknown hands', () => {
  const json = (value: unknown) => JSON.stringify(value);
  const empty = toBackup([], [], [], NOW);
  test.each([
    ['no zip at all', new Blob(['%PDF-1.7']), /not a zip/],
    ['another zip', zipOf({ 'job.json': '{}' }), /does not belong/],
    ['a way out of its folder', zipOf({ 'art/../../x.png': 'x' }), /a broken one/],
    ['no JSON', zipOf({ 'backup.json': '{' }), /not JSON/],
    ['another format', zipOf({ 'backup.json': json({ ...empty, format: 'x' }) }), /no backup/],
    ['a later format', zipOf({ 'backup.json': json({ ...empty, version: 2 }) }), /newer/],
    ['a torn list', zipOf({ 'backup.json': json({ ...empty, pictures: 7 }) }), /damaged/],
  ])('%s is refused with the reason', async (_, zip, why) => {
    const read = await openBackup(zip);
    expect(read.ok ? '' : read.reason).toMatch(why);
    expect(read.ok ? '' : read.reason).toMatch(/Nothing was changed/);
  });

  test('a picture that was changed, or is not there, is told; the rest can be had', async () => {
    const other = '0'.repeat(64);
    const document = toBackup(
      [kept('job', 'job-1', mugJob())],
      [],
      [picture, { sha256: other, file: `art/${other}.png` }],
      NOW,
    );
    const backup = await opened(zipOf({ 'backup.json': json(document), [picture.file]: 'else' }));
    expect(backup.documents).toHaveLength(1);
    expect(await backup.picture(sha256)).toEqual({ ok: false, reason: 'its bytes were changed' });
    expect(await backup.picture(other)).toEqual({ ok: false, reason: 'it is not in the backup' });
  });

  test('it is told from a job file without being read whole', async () => {
    expect(await isBackup(await packed())).toBe(true);
    expect(await isBackup(zipOf({ 'job.json': '{}' }))).toBe(false);
    expect(await isBackup(new Blob(['no zip']))).toBe(false);
  });
});

test('merged: what is lacking comes in, what is the same is left, what differs is asked about', () => {
  const here = (id: string, body: unknown) => ({
    ...{ kind: 'job' as const, id, savedAt: at, rev: 3 },
    body: body as ReturnType<typeof mugJob>,
  });
  const job = mugJob();
  const turned = Object.fromEntries(Object.entries(job).reverse());
  const merge = mergeOf(
    [here('same', job), here('other', { ...job, name: 'Mine' })],
    [here('same', turned), here('other', job), here('new', job)],
  );
  expect(merge.known).toBe(1);
  expect(merge.fresh.map(({ id }) => id)).toEqual(['new']);
  expect(merge.clashes.map(({ here: { id, rev } }) => [id, rev])).toEqual([['other', 3]]);
});

describe('how long work lies in the browser alone', () => {
  const now = new Date('2026-09-30T12:00:00Z');
  const saved = ['2026-08-01T12:00:00Z', '2026-09-20T12:00:00Z'];
  test.each([
    ['never saved: since the oldest', saved, null, 60],
    ['saved in between: since what came after', saved, '2026-09-01T12:00:00Z', 10],
    ['saved after all of it', saved, '2026-09-21T12:00:00Z', 0],
    ['nothing there', [], null, 0],
    ['the clock was turned back', ['2027-01-01T00:00:00Z'], null, 0],
    ['a moment nobody knows', ['', '2026-09-20T12:00:00Z'], null, 10],
  ])('%s', (_, savedAt, last, days) => {
    expect(daysUnsaved(savedAt, last, now)).toBe(days);
  });
});
