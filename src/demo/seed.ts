import type { Artwork } from '@/core/model';
import { sha256Of } from '@/files/sha256';
import { putArt, saveDocuments, saveJob, type BenchStore, type Change } from '@/store';
import { takeInTask } from '@/workers';
import { demoJobs, type DemoPictures } from './jobs';
import { paintCometWrap, paintHorizon, paintMoonPhases } from './paint';
import { paintBadge, paintBadgeBack, paintStar, paintStarChart } from './paintFlat';
import { paintPhoto } from './paintPhotos';
import { DEMO_PHOTOS, DEMO_RECORDS } from './records';

type Painter = (brush: OffscreenCanvasRenderingContext2D, width: number, height: number) => void;

interface DemoPicture {
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly paint: Painter;
}

const PICTURES = {
  comet: { name: 'comet-wrap.png', width: 2700, height: 1200, paint: paintCometWrap },
  moons: { name: 'moon-phases.png', width: 2400, height: 700, paint: paintMoonPhases },
  horizon: { name: 'horizon.png', width: 1700, height: 1000, paint: paintHorizon },
  badge: { name: 'comet-badge.png', width: 1200, height: 1200, paint: paintBadge },
  back: { name: 'badge-back.png', width: 1200, height: 1200, paint: paintBadgeBack },
  star: { name: 'small-star.png', width: 500, height: 500, paint: paintStar },
  chart: { name: 'star-chart.jpg', width: 2400, height: 3600, paint: paintStarChart },
} satisfies DemoPictures<DemoPicture>;

async function paintFile({ name, width, height, paint }: DemoPicture): Promise<Blob> {
  await document.fonts.load('700 40px "Bricolage Grotesque Variable"');
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw the demo pictures.');
  paint(brush, width, height);
  return canvas.convertToBlob({
    type: name.endsWith('.jpg') ? 'image/jpeg' : 'image/png',
    quality: 0.92,
  });
}

async function takeInDemoPicture(store: BenchStore, picture: DemoPicture): Promise<Artwork> {
  const file = await paintFile(picture);
  const taken = await takeInTask(file, picture.name, () => undefined).result;
  if (!taken.ok) throw new Error(taken.reason);
  const { art, blob, preview } = taken.value;
  await putArt(store, { sha256: art.sha256, blob, preview });
  return art;
}

/** Paints the photos of the log and keeps them; which record each is of. */
async function photosTaken(store: BenchStore): Promise<ReadonlyMap<string, string>> {
  const taken = await Promise.all(
    Object.entries(DEMO_PHOTOS).map(async ([id, came]) => {
      const picture = { name: `${came}.jpg`, width: 480, height: 360, paint: paintPhoto(came) };
      // small, and never printed: it is its own preview
      const blob = await paintFile(picture);
      const sha256 = await sha256Of(new Uint8Array(await blob.arrayBuffer()));
      await putArt(store, { sha256, blob, preview: blob });
      return [id, sha256] as const;
    }),
  );
  return new Map(taken);
}

/** Two pictures at a time: each worker more costs a start, and the page paints beside them (own choice). */
const AT_ONCE = 2;

/** Paints the pictures of the jobs and takes them in. */
async function picturesTakenIn(store: BenchStore): Promise<DemoPictures<Artwork>> {
  const left = Object.entries(PICTURES);
  const taken: [string, Artwork][] = [];
  const takeFromLeft = async () => {
    for (let next = left.pop(); next; next = left.pop())
      taken.push([next[0], await takeInDemoPicture(store, next[1])]);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, takeFromLeft));
  return Object.fromEntries(taken) as DemoPictures<Artwork>;
}

/** Lays the demo out on an empty bench. */
export async function seedDemo(store: BenchStore, now = new Date()): Promise<void> {
  const jobs = demoJobs(await picturesTakenIn(store), now);
  for (const [i, job] of jobs.entries())
    await saveJob(store, job, 0, new Date(now.getTime() - i * 1000));
  const photos = await photosTaken(store);
  const records = DEMO_RECORDS.map((body) => ({
    ...body,
    photoSha256: photos.get(body.id) ?? null,
  }));
  await saveDocuments(
    store,
    records.map((body) => ({ kind: 'record' as const, id: body.id, body, baseRev: 0 })),
  );
}

/** Clears the demo bench and lays it out again. */
export async function resetDemo(store: BenchStore): Promise<void> {
  const gone = await store.use(async (db) => {
    const tx = db.transaction(['documents', 'aside', 'arts'], 'readwrite');
    const keys = await tx.objectStore('documents').getAllKeys();
    for (const name of ['documents', 'aside', 'arts'] as const) await tx.objectStore(name).clear();
    await tx.done;
    return keys.map(([kind, id]): Change => ({ kind, id, rev: null }));
  });
  store.tell(gone);
  await seedDemo(store);
}
