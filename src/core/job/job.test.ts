import { artwork, mugJob, shelf } from '@tests/support/jobs';
import type { Job } from '../model';
import { applyFix } from '../check';
import { planJob } from '../plan';
import { EMPTY_SHELF } from '../shelf';
import { onBothSides, replaceArt, withArt, withoutPlacement } from '.';

const other = artwork({
  sha256: 'b'.repeat(64),
  name: 'moons.png',
  storedWidthPx: 2400,
  storedHeightPx: 600,
});

describe('pictures on a job', () => {
  test('a second picture joins the first; the same content is listed once', () => {
    const two = withArt(withArt(mugJob(), other, 'p2'), other, 'p3');
    expect(two.placements.map(({ id }) => id)).toEqual(['p1', 'p2', 'p3']);
    expect(two.arts.map(({ name }) => name)).toEqual(['comet.png', 'moons.png']);
  });

  test('a swapped picture keeps its place and locked width, in its own proportions', () => {
    const at = { datum: 'left-holder', dxMm: 3, dyMm: -2 };
    const sizing = { mode: 'exact', widthMm: 90, heightMm: 40, locked: true } as const;
    const swapped = replaceArt(mugJob(artwork(), { at, sizing }), 'p1', other);
    expect(swapped.arts).toEqual([other]);
    expect(swapped.placements[0]).toMatchObject({ at, sizing: { widthMm: 90, heightMm: 22.5 } });
  });

  test('on both sides: level twins, centred where each holder sees them', () => {
    const sizing = { mode: 'exact', widthMm: 60, heightMm: 27, locked: true } as const;
    const at = { datum: 'opposite-handle', dxMm: 12, dyMm: -4 };
    const both = onBothSides(mugJob(artwork(), { sizing, at }), 'p1', 'twin');
    const boxes = planJob(both, shelf).pieces[0]?.arts.map(({ box }) => box) ?? [];
    expect(boxes).toHaveLength(2);
    expect(boxes[0]?.y).toBe(boxes[1]?.y);
    // half the 10 1/4 in girth apart
    expect((boxes[0]?.x ?? 0) - (boxes[1]?.x ?? 0)).toBeCloseTo((10.25 / 2) * 25.4, 6);
    expect(both.arts).toHaveLength(1);
  });

  test('taking a picture off forgets it', () => {
    expect(withoutPlacement(mugJob(), 'p1')).toMatchObject({ arts: [], placements: [] });
  });
});

describe('a tool the job names and the shelf lacks', () => {
  const { sheet, heat } = mugJob();
  const without = {
    ...mugJob(),
    sheet: { ...sheet, paperId: 'papyrus', printerId: 'press', cutterId: 'axe' },
    heat: { ...heat, machineId: 'kiln' },
  };

  test('stops it, says so, and the nearest is planned with', () => {
    const { checks, tools } = planJob(without, shelf);
    expect(checks.slice(0, 4).map(({ id, level }) => [id, level])).toEqual(
      ['paper', 'printer', 'machine', 'cutter'].map((what) => [`missing-${what}`, 'stop']),
    );
    expect([tools.paper.id, tools.printer.id, tools.machine.id, tools.cutter]).toEqual([
      'letter',
      'sublimation-inkjet',
      'mug-press',
      null,
    ]);
  });

  test('each way out settles its own, and all together the job', () => {
    const settled = planJob(without, shelf)
      .checks.slice(0, 4)
      .reduce<Job>((job, { id }) => {
        const [fix] = planJob(job, shelf).checks.find((each) => each.id === id)?.fixes ?? [];
        return fix ? applyFix(job, fix, shelf) : job;
      }, without);
    expect(planJob(settled, shelf).tools.missing).toEqual([]);
    expect(settled).toEqual(mugJob());
  });

  test('also on a shelf that holds nothing at all', () => {
    const { tools, sheets } = planJob(mugJob(), EMPTY_SHELF);
    expect(tools.missing.map(({ what }) => what)).toEqual(['paper', 'printer', 'machine']);
    expect(sheets).toHaveLength(1);
  });
});
