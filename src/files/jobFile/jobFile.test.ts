import { unzipSync, zipSync, strToU8, type Zippable } from 'fflate';
import type { Job } from '@/core/model';
import { planJob } from '@/core/plan';
import { shelfFor } from '@/core/shelf';
import { artwork, mugJob, shelf } from '@tests/support/jobs';
import { pngPicture } from '@tests/support/pictures';
import { inspectImage } from '../image';
import { sha256Of } from '../sha256';
import { packJobFile, readJobDocument, readJobFile, toJobDocument } from '.';

/** A job whose picture is real, with its bytes. */
async function realJob(): Promise<{ job: Job; arts: Map<string, Uint8Array> }> {
  const bytes = new Uint8Array(await pngPicture(300, 130));
  const facts = inspectImage(bytes);
  if (!facts.ok) throw new Error(facts.reason);
  const sha256 = await sha256Of(bytes);
  return { job: mugJob(artwork({ ...facts.value, sha256 })), arts: new Map([[sha256, bytes]]) };
}

/** A job as a file. */
async function packed(
  job: Job,
  arts: ReadonlyMap<string, Uint8Array>,
  type = 'image/png',
): Promise<Uint8Array> {
  const blobs = new Map(
    [...arts].map(([sha256, bytes]) => [sha256, new Blob([bytes.slice()], { type })]),
  );
  const file = await packJobFile(job, shelfFor(job, shelf), blobs);
  return new Uint8Array(await file.arrayBuffer());
}

/** A good job file with its entries changed. */
async function tampered(
  change: (entries: Record<string, Uint8Array>) => Zippable,
): Promise<Uint8Array> {
  const { job, arts } = await realJob();
  return zipSync(change(unzipSync(await packed(job, arts))));
}

const editJson = (
  entries: Record<string, Uint8Array>,
  edit: (document: { job: Job; version: number; kinds: object }) => unknown,
) => {
  const document = JSON.parse(Buffer.from(entries['job.json'] ?? []).toString()) as {
    job: Job;
    version: number;
    kinds: object;
  };
  return { ...entries, 'job.json': strToU8(JSON.stringify(edit(document))) };
};

test('out and in again: the same plan, the same bytes', async () => {
  const { job, arts } = await realJob();
  const read = await readJobFile(await packed(job, arts));
  if (!read.ok) throw new Error(read.reason);
  expect(planJob(read.value.job, read.value.shelf)).toEqual(planJob(job, shelf));
  expect(read.value.arts).toEqual(arts);
});

test('equal jobs make equal files', async () => {
  const { job, arts } = await realJob();
  expect(await packed(job, arts)).toEqual(await packed(job, arts));
});

test('what a picture was prepared from comes along; a file without it is read as well', async () => {
  const { job, arts } = await realJob();
  const original = new Uint8Array(await pngPicture(40, 30));
  const sha256 = await sha256Of(original);
  const prepared: Job = { ...job, arts: job.arts.map((art) => ({ ...art, madeFrom: sha256 })) };
  const both = new Map([...arts, [sha256, original] as const]);
  const whole = await packed(prepared, both);
  const read = await readJobFile(whole);
  expect(read.ok && read.value.arts.get(sha256)).toEqual(original);
  const without = await readJobFile(await packed(prepared, arts));
  expect(without.ok && without.value.arts.has(sha256)).toBe(false);
  const entries = unzipSync(whole);
  entries[`art/${sha256}.png`]?.fill(7, 40, 50);
  expect(await readJobFile(zipSync(entries))).toMatchObject({
    reason: expect.stringMatching(/prepared from was changed/) as string,
  });
});

type Change = (entries: Record<string, Uint8Array>) => Zippable;
const REFUSED: readonly (readonly [string, Change, RegExp])[] = [
  ['a path that climbs out', (e) => ({ ...e, '../evil.txt': strToU8('x') }), /does not belong/],
  [
    'a file of its own',
    (e) => ({ ...e, 'run.js': strToU8('x') }),
    /“run.js”, which does not belong/,
  ],
  [
    'no job.json',
    (e) => Object.fromEntries(Object.entries(e).filter(([name]) => name !== 'job.json')),
    /no job\.json/,
  ],
  ['job.json that is not JSON', (e) => ({ ...e, 'job.json': strToU8('{') }), /not JSON/],
  [
    'a job.json that unpacks to 3 MB',
    (e) => ({ ...e, 'job.json': new Uint8Array(3e6) }),
    /far more than its pictures/,
  ],
  [
    'a picture that unpacks to a thousand times its size',
    (e) => ({ ...e, [`art/${'c'.repeat(64)}.png`]: new Uint8Array(5e6) }),
    /far more than its pictures/,
  ],
  [
    'a missing picture',
    ({ 'job.json': json }) => ({ 'job.json': json as Uint8Array }),
    /picture “comet.png” is missing/,
  ],
  [
    'a changed picture',
    (e) =>
      Object.fromEntries(
        Object.entries(e).map(([n, b]) => [
          n,
          n.startsWith('art/') ? b.slice().fill(7, 60, 70) : b,
        ]),
      ),
    /was changed/,
  ],
  [
    'a picture that is not what the job says',
    (e) =>
      editJson(e, (d) => ({
        ...d,
        job: { ...d.job, arts: d.job.arts.map((a) => ({ ...a, storedWidthPx: 9 })) },
      })),
    /not what the job says/,
  ],
  ['a future version', (e) => editJson(e, (d) => ({ ...d, version: 99 })), /newer Lucky Sheet/],
  [
    'a wrong type',
    (e) => editJson(e, (d) => ({ ...d, job: { ...d.job, bleedMm: 'wide' } })),
    /job\.bleedMm/,
  ],
  ['something else', (e) => editJson(e, () => ({ hello: 'world' })), /not a Lucky Sheet job/],
  [
    'an item’s own picture that is none',
    (e) =>
      editJson(e, (d) => ({
        ...d,
        job: {
          ...d.job,
          items: d.job.items.map((item) => ({
            ...item,
            pictures: [{ placementId: 'p1', artSha256: 'd'.repeat(64) }],
          })),
        },
      })),
    /names a picture that the job does not list/,
  ],
  [
    'a placement twice',
    (e) =>
      editJson(e, (d) => ({
        ...d,
        job: { ...d.job, placements: [...d.job.placements, ...d.job.placements] },
      })),
    /“p1” stands in it twice/,
  ],
  [
    'an id that climbs out',
    (e) => editJson(e, (d) => ({ ...d, job: { ...d.job, id: '..' } })),
    /job\.id/,
  ],
  [
    'a newer kind in it',
    (e) => editJson(e, (d) => ({ ...d, kinds: { ...d.kinds, job: 99 } })),
    /newer Lucky Sheet/,
  ],
  [
    'a placement of no picture',
    (e) => editJson(e, (d) => ({ ...d, job: { ...d.job, arts: [] } })),
    /names a picture that the job does not list/,
  ],
];

test.each(REFUSED)('%s is refused with a reason', async (_what, change, says) => {
  const read = await readJobFile(await tampered(change));
  expect(read.ok ? 'taken in' : read.reason).toMatch(says);
});

test.each([
  ['an empty file', new Uint8Array()],
  ['a text file', strToU8('Hollow Ridge')],
])('%s is no job file', async (_what, bytes) => {
  expect(await readJobFile(bytes)).toMatchObject({ ok: false });
});

test('a half-copied job file is refused', async () => {
  const whole = await tampered((entries) => entries);
  expect(await readJobFile(whole.subarray(0, whole.length - 300))).toMatchObject({ ok: false });
});

test('unknown keys do no harm and are dropped', () => {
  const document = { ...toJobDocument(mugJob(), shelf), extra: 1 };
  expect(readJobDocument(JSON.parse(JSON.stringify(document)))).toEqual({
    ok: true,
    value: expect.objectContaining({ job: mugJob() }) as unknown,
  });
});
