import { newJob, withArt } from '@/core/job';
import type { Artwork, Job } from '@/core/model';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { fahrenheitToC, inches } from '@/core/units';

/** One of something for each picture of the demo. */
export type DemoPictures<T> = Record<'comet' | 'moons' | 'horizon', T>;

/** The demo's jobs from its pictures: one ready, one for a left-handed holder, one with mistakes. */
export function demoJobs(art: DemoPictures<Artwork>, now: Date): Job[] {
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
