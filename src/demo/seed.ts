import { newJob, withArt } from '@/core/job';
import type { Artwork, Job, PressRecord } from '@/core/model';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { fahrenheitToC, inches } from '@/core/units';
import { listJobs, listRecords, putArt, putRecord, saveJob, type BenchDatabase } from '@/store';
import { takeInTask } from '@/workers';
import { paintCometWrap, paintHorizon, paintMoonPhases } from './paint';
import { DEMO_RECORDS } from './records';

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
} satisfies Record<string, DemoPicture>;

async function paintFile({ width, height, paint }: DemoPicture): Promise<Blob> {
  await document.fonts.load('700 40px "Bricolage Grotesque Variable"');
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw the demo pictures.');
  paint(brush, width, height);
  return canvas.convertToBlob({ type: 'image/png' });
}

/** The demo's jobs from its pictures: one ready, one for a left-handed holder, one with mistakes. */
export function demoJobs(art: Record<keyof typeof PICTURES, Artwork>, now: Date): Job[] {
  const [mug] = BUILT_IN_SHELF.blanks;
  if (!mug) throw new Error('The built-in shelf holds no mug.');
  const start = (id: string, name: string, picture: Artwork) =>
    withArt(newJob(id, name, mug, now), picture, 'placement-1');
  const comet = start('demo-comet', 'Comet mug', art.comet);
  const moons = start('demo-moons', 'Moon-phase mug', art.moons);
  const horizon = start('demo-horizon', 'Horizon mug, in a hurry', art.horizon);
  return [
    {
      ...comet,
      placements: comet.placements.map((each) => ({ ...each, sizing: { mode: 'cover' } })),
    },
    {
      ...moons,
      placements: moons.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: inches(4.8), heightMm: inches(1.4), locked: true },
        at: { datum: 'right-holder', dxMm: inches(-0.7), dyMm: 0 },
      })),
      heat: { ...moons.heat, machineId: 'oven', coolSchool: 'A' },
    },
    {
      ...horizon,
      placements: horizon.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: inches(8.875), heightMm: inches(3.915), locked: false },
      })),
      sheet: { ...horizon.sheet, printerId: 'ordinary-inkjet' },
      heat: {
        ...horizon.heat,
        machineId: 'mug-attachment',
        own: { temperatureC: fahrenheitToC(330), dwellS: 120, pressure: 'light' },
      },
    },
  ];
}

async function takeInDemoPicture(db: BenchDatabase, picture: DemoPicture): Promise<Artwork> {
  const file = await paintFile(picture);
  const taken = await takeInTask(file, picture.name, () => undefined).result;
  if (!taken.ok) throw new Error(taken.reason);
  const { art, blob, preview } = taken.value;
  await putArt(db, { sha256: art.sha256, blob, preview });
  return art;
}

/** Lays the demo out on an empty bench; does nothing on one that is in use. */
export async function seedDemo(db: BenchDatabase, now = new Date()): Promise<void> {
  if ((await listJobs(db)).length > 0 || (await listRecords(db)).length > 0) return;
  const art = {
    comet: await takeInDemoPicture(db, PICTURES.comet),
    moons: await takeInDemoPicture(db, PICTURES.moons),
    horizon: await takeInDemoPicture(db, PICTURES.horizon),
  };
  const jobs = demoJobs(art, now);
  for (const [i, job] of jobs.entries())
    await saveJob(db, job, 0, new Date(now.getTime() - i * 1000));
  for (const record of DEMO_RECORDS) await putRecord(db, record satisfies PressRecord);
}

/** Clears the demo bench and lays it out again. */
export async function resetDemo(db: BenchDatabase): Promise<void> {
  const stores = ['jobs', 'arts', 'runs', 'records', 'shelf'] as const;
  const tx = db.transaction(stores, 'readwrite');
  await Promise.all(stores.map((name) => tx.objectStore(name).clear()));
  await tx.done;
  await seedDemo(db);
}
