import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import type { Artwork, Job, Shelf } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { endingOf, inspectImage } from '../image';
import { sha256Of } from '../sha256';
import { readJobDocument, toJobDocument, type JobDocument } from './document';

/** Bounds of what is unpacked, bytes (own choice: far above any honest job). */
const MAX_JSON_BYTES = 30_000_000;
const MAX_TOTAL_BYTES = 600_000_000;
/** Pictures hardly compress; what unpacks to more than this many times its size is a trap. */
const MAX_RATIO = 100;
const JSON_NAME = 'job.json';
const ART_NAME = /^art\/([0-9a-f]{64})\.(png|jpg|webp)$/;
/** ZIP stores times from 1980 on; a fixed one makes equal jobs equal files. */
const FIXED_TIME = new Date('1980-01-02T00:00:00Z');

export interface JobFile extends JobDocument {
  /** Picture bytes as they came, by SHA-256. */
  readonly arts: ReadonlyMap<string, Uint8Array>;
}

const artPath = (art: Artwork): string => `art/${art.sha256}.${endingOf(art.mime)}`;

/** Packs a job with its pictures: `job.json` and `art/<sha256>.<png|jpg|webp>`, pictures as they came. */
export function packJobFile(
  job: Job,
  shelf: Shelf,
  arts: ReadonlyMap<string, Uint8Array>,
): Uint8Array {
  const entries: Zippable = {
    [JSON_NAME]: strToU8(JSON.stringify(toJobDocument(job, shelf), null, 1)),
  };
  for (const art of job.arts) {
    const bytes = arts.get(art.sha256);
    if (!bytes) throw new Error(`The bytes of “${art.name}” are missing.`);
    entries[artPath(art)] = [bytes, { level: 0 }];
  }
  return zipSync(entries, { mtime: FIXED_TIME });
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
    return success({ job, shelf, arts });
  } catch (error) {
    const reason =
      error instanceof Refused ? error.message : 'it is not a zip file, or a broken one';
    return failure(`This job file is refused: ${reason}. Nothing was changed.`);
  }
}
