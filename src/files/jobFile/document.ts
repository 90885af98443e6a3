import { z } from 'zod';
import {
  jobSchema,
  migrate,
  SCHEMA_VERSION,
  shelfSchema,
  UnknownVersionError,
  type Job,
  type Shelf,
} from '@/core/model';
import { failure, success, type Result } from '@/core/result';

export const JOB_FILE_FORMAT = 'lucky-sheet-job';

/** `job.json` of a job file, and the body of `POST /api/plan`. */
export const jobDocumentSchema = z.object({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.literal(SCHEMA_VERSION),
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
  version: SCHEMA_VERSION,
  job,
  shelf,
});

const envelopeSchema = z.looseObject({ format: z.literal(JOB_FILE_FORMAT), version: z.number() });

/** At most this many complaints are listed; the rest would help nobody. */
const MAX_COMPLAINTS = 3;

function complaints(error: z.ZodError): string {
  const list = error.issues
    .slice(0, MAX_COMPLAINTS)
    .map(({ path, message }) => `${path.join('.') || 'the file'}: ${message}`);
  const more = error.issues.length - list.length;
  return list.join('; ') + (more > 0 ? `; and ${more} more` : '');
}

/** What a job points at inside itself must be there. */
function danglingReference({ job }: JobDocument): string | null {
  const arts = new Set(job.arts.map(({ sha256 }) => sha256));
  const lost = job.placements.find(({ artSha256 }) => !arts.has(artSha256));
  return lost ? `placement “${lost.id}” names a picture that the job does not list` : null;
}

/** Reads a parsed JSON value as a job document of any known version. */
export function readJobDocument(value: unknown): Result<JobDocument> {
  const envelope = envelopeSchema.safeParse(value);
  if (!envelope.success)
    return failure(`This is not a Lucky Sheet job: ${complaints(envelope.error)}.`);
  try {
    const current = migrate(envelope.data, envelope.data.version);
    const read = jobDocumentSchema.safeParse({ ...current, version: SCHEMA_VERSION });
    if (!read.success) return failure(`The job cannot be read: ${complaints(read.error)}.`);
    const dangling = danglingReference(read.data);
    return dangling ? failure(`The job cannot be read: ${dangling}.`) : success(read.data);
  } catch (error) {
    if (error instanceof UnknownVersionError) return failure(error.message);
    throw error;
  }
}
