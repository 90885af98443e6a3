import { artwork, mugJob, NOW, shelf } from '@tests/support/jobs';
import type { Job } from '../model';
import { planJob } from '../plan';
import { EMPTY_SHELF } from '../shelf';
import { startRun } from '../press';
import { TRADE_UNITS } from '../units';
import { nextAction, onBothSides, replaceArt, stationStates, withArt, withoutPlacement } from '.';

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

describe('where a job stands', () => {
  const nothing = { run: null, lastOutcome: null };
  const next = (job = mugJob(), history: Parameters<typeof nextAction>[1] = nothing) =>
    nextAction(planJob(job, shelf), history);

  test('what to do next', () => {
    const plain = { ...mugJob(), bleedMm: 0 };
    expect(next({ ...plain, arts: [], placements: [] }).station).toBe('art');
    expect(next(plain).label).toBe('Print, then press');
    expect(next({ ...plain, sheet: { ...plain.sheet, printerId: 'laser' } })).toEqual({
      station: 'sheets',
      label: 'See what stops it',
    });
    expect(next(plain, { ...nothing, run: startRun('job-1', NOW) }).label).toBe('Go on pressing');
    const done = { ...startRun('job-1', NOW), stepIndex: 99 };
    expect(next(plain, { ...nothing, run: done }).station).toBe('record');
    expect(next(plain, { ...nothing, lastOutcome: 'spoiled' }).station).toBe('heat');
    expect(next(plain, { ...nothing, lastOutcome: 'good' }).label).toBe('Make another');
  });

  test('the tape shows each station’s key figure and its worst finding', () => {
    const job = { ...mugJob(), sheet: { ...mugJob().sheet, printerId: 'laser' } };
    const states = stationStates(job, planJob(job, shelf), nothing, TRADE_UNITS);
    expect(states.map(({ figure }) => figure)).toEqual([
      '8 3/4 × 3.79 in',
      '8.1 × 3.6 in',
      '1 sheet',
      'fixed heat · 7 min',
      '8 steps',
      '',
    ]);
    expect(states.find(({ station }) => station === 'sheets')?.worst).toBe('stop');
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
        return { ...job, ...fix?.patch };
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
