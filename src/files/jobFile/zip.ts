import { strFromU8, unzipSync } from 'fflate';
import { originalsOf } from '@/core/art';
import type { Artwork, Job, Shelf } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { endingOf, inspectImage } from '../image';
import { sha256Of } from '../sha256';
import { zipped, type ZipPart } from '../zipped';
import { readJobDocument, toJobDocument, type JobDocument } from './document';

/** Bounds of what is unpacked, bytes (own choice: far above any honest job). */
const MAX_JSON_BYTES = 30_000_000;
const MAX_TOTAL_BYTES = 600_000_000;
/** Pictures hardly compress; what unpacks to more than this many times its size is a trap. */
const MAX_RATIO = 100;
const MIMES = ['image/png', 'image/jpeg', 'image/webp'] as const;
const JSON_NAME = 'job.json';
const ART_NAME = /^art\/([0-9a-f]{64})\.(png|jpg|webp)$/;
/** ZIP stores times from 1980 on; a fixed one makes equal jobs equal files. */
const FIXED_TIME = new Date('1980-01-02T00:00:00Z');

export interface JobFile extends JobDocument {
  /** Picture bytes as they came, by SHA-256; also of those that pictures were prepared from, where they came along. */
  readonly arts: ReadonlyMap<string, Uint8Array>;
}

const artPath = (art: Pick<Artwork, 'sha256' | 'mime'>): string =>
  `art/${art.sha256}.${endingOf(art.mime)}`;

/**
 * Packs a job with its pictures: `job.json` and `art/<sha256>.<png|jpg|webp>`, pictures as they came. What they were prepared from
 * comes along as far as it is there and one file may hold it.
 */
export async function packJobFile(
  job: Job,
  shelf: Shelf,
  blobs: ReadonlyMap<string, Blob>,
): Promise<Blob> {
  const parts: ZipPart[] = [
    { name: JSON_NAME, holds: JSON.stringify(toJobDocument(job, shelf), null, 1) },
  ];
  let room = MAX_TOTAL_BYTES - MAX_JSON_BYTES;
  for (const art of job.arts) {
    const holds = blobs.get(art.sha256);
    if (!holds) throw new Error(`The bytes of “${art.name}” are missing.`);
    parts.push({ name: artPath(art), holds });
    room -= holds.size;
  }
  for (const sha256 of originalsOf(job)) {
    const holds = blobs.get(sha256);
    const mime = MIMES.find((each) => each === holds?.type);
    if (!holds || !mime || holds.size > room) continue;
    parts.push({ name: artPath({ sha256, mime }), holds });
    room -= holds.size;
  }
  return zipped(parts, FIXED_TIME);
}

/** Refused while unpacking, with the reason. */
class Refused extends Error {}

/** Unpacks only what a job file may hold; names and declared sizes are judged before any inflating. */
function unpack(zip: Uint8Array): Record<string, Uint8Array> {
  const seen = new Set<string>();
  let total = 0;
  return unzipSync(zip, {
    filter: ({ name, originalSize, size }) => {
      if (name !== JSON_NAME && !ART_NAME.test(name)) {
        throw new Refused(`it holds “${name.slice(0, 80)}”, which does not belong in a job file`);
      }
      if (seen.has(name)) throw new Refused(`it holds “${name}” twice`);
      seen.add(name);
      total += originalSize;
      if (name === JSON_NAME && originalSize > MAX_JSON_BYTES) {
        throw new Refused(`its job.json unpacks to ${Math.round(originalSize / 1e6)} MB`);
      }
      if (total > MAX_TOTAL_BYTES || originalSize > MAX_RATIO * Math.max(size, 1000)) {
        throw new Refused('it unpacks to far more than its pictures could need');
      }
      return true;
    },
  });
}

async function checkedArt(art: Artwork, bytes: Uint8Array | undefined): Promise<Uint8Array> {
  if (!bytes) throw new Refused(`the picture “${art.name}” is missing`);
  if ((await sha256Of(bytes)) !== art.sha256)
    throw new Refused(`the picture “${art.name}” was changed`);
  const facts = inspectImage(bytes);
  if (!facts.ok) throw new Refused(`the picture “${art.name}” cannot be used. ${facts.reason}`);
  const { mime, storedWidthPx, storedHeightPx, orientation } = facts.value;
  const same =
    mime === art.mime &&
    storedWidthPx === art.storedWidthPx &&
    storedHeightPx === art.storedHeightPx &&
    orientation === art.orientation &&
    bytes.length === art.bytes;
  if (!same) throw new Refused(`the picture “${art.name}” is not what the job says it is`);
  return bytes;
}

/** The bytes of a picture that another was prepared from; undefined where they did not come along. */
async function checkedOriginal(
  sha256: string,
  entries: Readonly<Record<string, Uint8Array>>,
): Promise<Uint8Array | undefined> {
  const bytes = MIMES.map((mime) => entries[artPath({ sha256, mime })]).find((each) => each);
  if (!bytes) return undefined;
  const intact = (await sha256Of(bytes)) === sha256 && inspectImage(bytes).ok;
  if (!intact) throw new Refused('a picture that another was prepared from was changed');
  return bytes;
}

function parseJson(bytes: Uint8Array | undefined): unknown {
  if (!bytes) throw new Refused('it holds no job.json');
  try {
    return JSON.parse(strFromU8(bytes));
  } catch {
    throw new Refused('its job.json is not JSON');
  }
}

/** Reads a job file whole or refuses it with a reason; nothing outside is touched. */
export async function readJobFile(zip: Uint8Array): Promise<Result<JobFile>> {
  try {
    const entries = unpack(zip);
    const document = readJobDocument(parseJson(entries[JSON_NAME]));
    if (!document.ok) return document;
    const { job, shelf } = document.value;
    const arts = new Map<string, Uint8Array>();
    for (const art of job.arts) arts.set(art.sha256, await checkedArt(art, entries[artPath(art)]));
    for (const sha256 of originalsOf(job)) {
      const bytes = await checkedOriginal(sha256, entries);
      if (bytes) arts.set(sha256, bytes);
    }
    return success({ job, shelf, arts });
  } catch (error) {
    const reason =
      error instanceof Refused ? error.message : 'it is not a zip file, or a broken one';
    return failure(`This job file is refused: ${reason}. Nothing was changed.`);
  }
}
