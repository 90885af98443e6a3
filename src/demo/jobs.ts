import { newJob, withArt } from '@/core/job';
import type { Artwork, Job } from '@/core/model';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { fahrenheitToC, inches } from '@/core/units';

/** One of something for each picture of the demo. */
export type DemoPictures<T> = Record<'comet' | 'moons' | 'horizon', T>;

const blankOf = (id: string) => BUILT_IN_SHELF.blanks.find((blank) => blank.id === id);

/** The demo's jobs from its pictures: a full wrap, a motif, a tapered cup, and one with mistakes. */
export function demoJobs(art: DemoPictures<Artwork>, now: Date): Job[] {
  const [mug, latteCup] = ['mug-12oz', 'latte-12oz'].map(blankOf);
  if (!mug || !latteCup) throw new Error('The built-in shelf lacks a demo blank.');
  const start = (id: string, name: string, picture: Artwork) =>
    withArt(newJob(id, name, mug, now), picture, 'placement-1');
  const comet = start('demo-comet', 'Comet mug', art.comet);
  const moons = start('demo-moons', 'Moon-phase mug', art.moons);
  const latte = start('demo-latte', 'Latte cup for the night watch', art.horizon);
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
      ...latte,
      blank: latteCup,
      placements: latte.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: inches(6.2), heightMm: inches(6.2 / 1.7), locked: true },
      })),
      heat: { ...latte.heat, machineId: 'oven' },
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
