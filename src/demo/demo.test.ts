import { planJob } from '@/core/plan';
import { artwork, NOW, shelf } from '@tests/support/jobs';
import { demoJobs } from './jobs';
import { seeded } from './paint';

const square = (side: number) => ({ storedWidthPx: side, storedHeightPx: side });
const jobs = demoJobs(
  {
    comet: artwork({ sha256: '1'.repeat(64) }),
    moons: artwork({
      sha256: '2'.repeat(64),
      storedWidthPx: 2400,
      storedHeightPx: 700,
      transparentShare: 0.6,
    }),
    horizon: artwork({ sha256: '3'.repeat(64), storedWidthPx: 1700, storedHeightPx: 1000 }),
    badge: artwork({ sha256: '4'.repeat(64), ...square(1200), transparentShare: 0.2 }),
    back: artwork({ sha256: '5'.repeat(64), ...square(1200) }),
    star: artwork({ sha256: '6'.repeat(64), ...square(500), transparentShare: 0.6 }),
    chart: artwork({ sha256: '7'.repeat(64), storedWidthPx: 2400, storedHeightPx: 3600 }),
  },
  NOW,
);
const grave = (id: string) =>
  jobs
    .filter((job) => job.id === id)
    .flatMap((job) => planJob(job, shelf).checks)
    .filter(({ level }) => level !== 'note')
    .map((check) => check.id);

test('the demo shows three jobs that are ready and one with the usual mistakes', () => {
  expect(grave('demo-comet')).toEqual([]);
  expect(grave('demo-moons')).toEqual([]);
  expect(grave('demo-latte')).toEqual([]);
  expect(grave('demo-horizon')).toEqual([
    'ink',
    'resolution-placement-1',
    'stretch-placement-1',
    'too-cool',
    'dwell',
  ]);
});

test('the moons face a right-handed holder and stay clear of the handle', () => {
  const moons = jobs.find(({ id }) => id === 'demo-moons');
  const [piece] = moons ? planJob(moons, shelf).pieces : [];
  const box = piece?.arts[0]?.box;
  const face = piece?.slots[0]?.face;
  expect(box && face && box.x + box.width < face.x + face.width).toBe(true);
});

test('the painter’s chance is the same every time', () => {
  const draw = () => Array.from({ length: 5 }, seeded(7));
  expect(draw()).toEqual(draw());
  expect(new Set(draw()).size).toBe(5);
});
