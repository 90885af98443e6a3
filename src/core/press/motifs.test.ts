import { withArt } from '../job';
import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { inches } from '../units';
import { motifsOf } from '.';

const box = (x: number, y: number, side = 30) => ({ x, y, width: side, height: side });

test('separate pictures go row by row, each from the left; near ones are one', () => {
  const motifs = motifsOf([box(200, 5), box(0, 0), box(100, 8), box(0, 100), box(40, 100)]);
  expect(motifs.map(({ box: { x, y, width } }) => [x, y, width])).toEqual([
    [0, 0, 30],
    [100, 8, 30],
    [200, 5, 30],
    [0, 100, 70],
  ]);
  expect(motifs[3]?.areaMm2).toBe(70 * 30);
});

test('small separate pictures under an iron: 15 s each, not a page’s time in one (common practice)', () => {
  const star = artwork({ storedWidthPx: 600, storedHeightPx: 600 });
  const tee = jobOn('tee', star);
  const scattered = Array.from({ length: 12 }, (_, i) => `p${i + 2}`).reduce(
    (job, id) => withArt(job, star, id),
    tee,
  );
  const job = {
    ...scattered,
    transfer: 'light-paper' as const,
    heat: { ...scattered.heat, machineId: 'iron' },
    placements: scattered.placements.map((each, i) => ({
      ...each,
      sizing: { mode: 'exact' as const, widthMm: 40, heightMm: 40, locked: true },
      at: {
        datum: 'neckline',
        dxMm: inches((i % 4) * 3 - 4.5),
        dyMm: inches(4 + Math.floor(i / 4) * 3),
      },
    })),
  };
  const { program, settings } = planJob(job, shelf).press;
  const ironed = program.operations.filter(({ does }) => does === 'press-with-iron');
  expect(ironed).toHaveLength(13);
  expect(new Set(ironed.map(({ countedS }) => countedS))).toEqual(new Set([15]));
  expect(ironed[4]?.section).toEqual({ number: 5, of: 13 });
  expect(settings.dwellS).toBe(15);
  // own seconds hold for all of it
  const own = { temperatureC: null, dwellS: 90, pressure: null };
  const once = planJob({ ...job, heat: { ...job.heat, own } }, shelf).press.program.operations;
  expect(
    once.filter(({ does }) => does === 'press-with-iron').map(({ countedS }) => countedS),
  ).toEqual([90]);
});
