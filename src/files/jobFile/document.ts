import * as z from 'zod/mini';
import {
  DOCUMENTS,
  jobSchema,
  MAX_ON_SHELF,
  readDocument,
  SHELF_KINDS,
  SHELF_LISTS,
  shelfSchema,
  type Documents,
  type Job,
  type Shelf,
} from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { complaints, documentFaultWords } from '@/words/documents';

export const JOB_FILE_FORMAT = 'lucky-sheet-job';
/** Version of the envelope: from 4 on each kind in it says its own (`kinds`). */
const VERSION = 4;

const IN_FILE = ['job', ...Object.values(SHELF_KINDS)] as const;
type InFile = (typeof IN_FILE)[number];

const kindsNow = Object.fromEntries(
  IN_FILE.map((kind) => [kind, DOCUMENTS[kind].version]),
) as Record<InFile, number>;

/** `job.json` of a job file, and the body of `POST /api/plan`. */
export const jobDocumentSchema = z.object({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.literal(VERSION),
  /** Which version of its kind everything in it is of. */
  kinds: z.object(
    Object.fromEntries(IN_FILE.map((kind) => [kind, z.literal(kindsNow[kind])])) as Record<
      InFile,
      z.ZodMiniLiteral<number>
    >,
  ),
  job: jobSchema,
  /** The papers, printers and machines that the job names. */
  shelf: shelfSchema,
});

export interface JobDocument {
  readonly job: Job;
  readonly shelf: Shelf;
}

export const toJobDocument = (job: Job, shelf: Shelf) => ({
  format: JOB_FILE_FORMAT,
  version: VERSION,
  kinds: kindsNow,
  job,
  shelf,
});

const envelopeSchema = z.object({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.int().check(z.minimum(1)),
  kinds: z.optional(z.record(z.string(), z.int())),
  job: z.unknown(),
  shelf: z.record(z.string(), z.unknown()),
});

/** Told while reading, where a part cannot be read. */
class Unfit extends Error {}

function part<K extends InFile>(
  kind: K,
  version: number,
  value: unknown,
  at: string,
): Documents[K] {
  const read = readDocument(kind, version, value);
  if (read.ok) return read.value;
  const why = documentFaultWords(read.reason, at);
  throw new Unfit(read.reason.code === 'newer' ? why : `The job cannot be read: ${why}.`);
}

function shelfPart<L extends keyof Shelf>(
  list: L,
  shelf: Record<string, unknown>,
  versionOf: (kind: InFile) => number,
): Shelf[L] {
  const things = shelf[list] ?? [];
  if (!Array.isArray(things) || things.length > MAX_ON_SHELF[list])
    throw new Unfit(
      `The job cannot be read: shelf.${list} is no list of up to ${MAX_ON_SHELF[list]}.`,
    );
  const kind = SHELF_KINDS[list];
  return things.map((thing, i) =>
    part(kind, versionOf(kind), thing, `shelf.${list}.${i}`),
  ) as Shelf[L];
}

function repeated(values: readonly string[]): string | null {
  return values.find((value, i) => values.indexOf(value) !== i) ?? null;
}

/** What a job points at inside itself must be there, and be there once. */
function badReference({ job, shelf }: JobDocument): string | null {
  const arts = new Set(job.arts.map(({ sha256 }) => sha256));
  const placements = [job, ...job.further].flatMap((pass) => pass.placements);
  const lost = placements.find(({ artSha256 }) => !arts.has(artSha256));
  if (lost) return `placement “${lost.id}” names a picture that the job does not list`;
  const places = new Set(placements.map(({ id }) => id));
  const astray = job.items.find(({ pictures }) =>
    pictures.some((own) => places.has(own.placementId) && !arts.has(own.artSha256)),
  );
  if (astray) return `item “${astray.id}” names a picture that the job does not list`;
  const twice =
    repeated(placements.map(({ id }) => id)) ??
    repeated(job.arts.map(({ sha256 }) => sha256)) ??
    SHELF_LISTS.map((list) => repeated(shelf[list].map(({ id }) => id))).find((id) => id !== null);
  return twice ? `“${twice}” stands in it twice` : null;
}

/** Reads a parsed JSON value as a job document of any known version. */
export function readJobDocument(value: unknown): Result<JobDocument> {
  const envelope = envelopeSchema.safeParse(value);
  if (!envelope.success)
    return failure(`This is not a Lucky Sheet job: ${complaints(envelope.error.issues)}.`);
  const { version, kinds, job, shelf } = envelope.data;
  if (version > VERSION)
    return failure(
      `This was written by a newer Lucky Sheet (file version ${version}; this one reads up to ${VERSION}).`,
    );
  const versionOf = (kind: InFile) => (version < 4 ? version : (kinds?.[kind] ?? 0));
  try {
    const lists = SHELF_LISTS.map((list) => [list, shelfPart(list, shelf, versionOf)] as const);
    const document = {
      job: part('job', versionOf('job'), job, 'job'),
      shelf: Object.fromEntries(lists) as unknown as Shelf,
    };
    const bad = badReference(document);
    return bad ? failure(`The job cannot be read: ${bad}.`) : success(document);
  } catch (error) {
    if (error instanceof Unfit) return failure(error.message);
    throw error;
  }
}
