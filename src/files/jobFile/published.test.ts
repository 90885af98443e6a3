import { readFileSync } from 'node:fs';
import * as z from 'zod/mini';
import { DOCUMENTS, type Artwork } from '@/core/model';
import { planJob } from '@/core/plan';
import { BUILT_IN_SHELF, shelfFor } from '@/core/shelf';
import { demoJobs, type DemoPictures } from '@/demo/jobs';
import { artwork, mugJob, NOW } from '@tests/support/jobs';
import { published } from '@tests/support/published';
import { jobDocumentSchema, readJobDocument, toJobDocument } from '.';

test('docs/examples/job-file.schema.json is the schema that is enforced', () => {
  published(
    'docs/examples/job-file.schema.json',
    z.toJSONSchema(jobDocumentSchema, { io: 'input' }),
  );
});

test('docs/examples/comet-mug.json is the demo’s comet mug and can be read', () => {
  const picture = artwork({ name: 'comet-wrap.png', bytes: 1_250_000 });
  const keys = ['comet', 'moons', 'horizon', 'badge', 'back', 'star', 'chart'] as const;
  const pictures = Object.fromEntries(keys.map((key) => [key, picture]));
  const [comet] = demoJobs(pictures as DemoPictures<Artwork>, NOW);
  if (!comet) throw new Error('the demo has no comet mug');
  const document = toJobDocument(comet, shelfFor(comet, BUILT_IN_SHELF));
  published('docs/examples/comet-mug.json', document);
  expect(readJobDocument(JSON.parse(JSON.stringify(document)))).toMatchObject({ ok: true });
});

test.each([1, 2, 3])(
  'a job file of version %i, as it was written then, is read and planned as it was',
  (version) => {
    const old: unknown = JSON.parse(
      readFileSync(`tests/fixtures/documents/job-file.v${version}.json`, 'utf8'),
    );
    expect(old).toMatchObject({ version });
    const read = readJobDocument(old);
    if (!read.ok) throw new Error(read.reason);
    const { job } = read.value;
    expect(job.fold).toBeNull();
    expect(job.placements.map(({ turns, repeat }) => [turns, repeat])).toEqual([[0, null]]);
    const { pieces, sheets } = planJob(job, read.value.shelf);
    // 8.75 × 3.79 in and 1/16 in of bleed a side, as before
    expect([pieces[0]?.widthMm, pieces[0]?.heightMm]).toEqual([
      expect.closeTo(8.875 * 25.4, 3),
      expect.closeTo(3.915 * 25.4, 3),
    ]);
    expect(sheets).toHaveLength(1);
  },
);

test('docs/job-file.md says the versions that are written, by kind', () => {
  const text = readFileSync('docs/job-file.md', 'utf8');
  const { version, kinds } = toJobDocument(mugJob(), BUILT_IN_SHELF);
  expect(text).toContain(
    `"version": ${version}, "kinds": ${JSON.stringify(kinds).replaceAll(/([:,])/g, '$1 ')}`,
  );
  expect(text).toContain(`"lucky-sheet-blanks", "version": ${DOCUMENTS.blank.version}`);
  // every key of the envelope and of the shelf is spoken of
  for (const key of [...Object.keys(jobDocumentSchema.shape), ...Object.keys(BUILT_IN_SHELF)])
    expect(text).toContain(`\`${key}\``);
});
