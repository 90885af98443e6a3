import fc from 'fast-check';
import { anyCraft } from '@tests/support/crafts';
import { artwork, factsWith, jobOn, mugJob, shelf } from '@tests/support/jobs';
import { onBothSides } from '../job';
import { jobProblem, type ArtFacts, type Job } from '../model';
import { planJob } from '../plan';
import { applyFix, type Fix } from '.';

const grave = (job: Job) => planJob(job, shelf).checks.filter(({ level }) => level !== 'note');
const applied = (job: Job, fix: Fix): Job => applyFix(job, fix, shelf);
/** What a finding is about, whichever picture or sheet it names. */
const kindOf = (id: string): string => id.replace(/-(p\d|front|back|wrap|left|right).*$/, '');

test('every way out that is offered settles its finding and brings nothing worse', () => {
  fc.assert(
    fc.property(anyCraft, (job) => {
      const { checks } = planJob(job, shelf);
      const before = new Set(checks.filter((c) => c.level !== 'note').map((c) => kindOf(c.id)));
      for (const { id, fixes } of checks) {
        for (const fix of fixes) {
          const mended = applied(job, fix);
          const told = `${job.blank.id}, ${job.transfer}: “${fix.code}” on ${id}`;
          expect([told, jobProblem(mended)]).toEqual([told, null]);
          const after = planJob(mended, shelf).checks.map((check) => check.id);
          expect([told, after.includes(id)]).toEqual([told, false]);
          const worse = grave(mended)
            .map((check) => kindOf(check.id))
            .filter((kind) => !before.has(kind))
            // a coarse picture is coarse however it is made; only a blade does not mind
            .filter((kind) => !(kind === 'resolution' && fix.code === 'use-transfer'))
            // opaque paper in several sheets shows its seams; on a dark blank that is better than nothing
            .filter((kind) => !(kind === 'opaque-tiled' && fix.code === 'use-transfer'));
          expect([told, worse]).toEqual([told, []]);
        }
      }
    }),
    { numRuns: 150 },
  );
});

test('a way out leaves pictures where they are, but for the one it is about', () => {
  fc.assert(
    fc.property(anyCraft, (job) => {
      for (const { id, fixes } of planJob(job, shelf).checks)
        for (const fix of fixes)
          for (const before of job.placements) {
            const after = applied(job, fix).placements.find((each) => each.id === before.id);
            if (id.endsWith(`-${before.id}`)) continue;
            expect(after).toEqual(before);
          }
    }),
    { numRuns: 80 },
  );
});

test('one picture for both holders of a mug: each whole, side by side, also after every way out', () => {
  const wide = artwork({ facts: factsWith({}), storedWidthPx: 2700, storedHeightPx: 1200 });
  const both = onBothSides(mugJob(wide), 'p1', 'p2');
  const boxes = (job: Job) =>
    planJob(job, shelf).pieces.flatMap(({ arts }) => arts.map((a) => a.box));
  const apart = (job: Job) => {
    const [one, two] = boxes(job).sort((a, b) => a.x - b.x);
    return one && two ? two.x - (one.x + one.width) : Number.NaN;
  };
  expect(apart(both)).toBeGreaterThan(0);
  const large = {
    ...both,
    placements: both.placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact' as const, widthMm: 130, heightMm: 58, locked: true },
    })),
  };
  const mended = planJob(large, shelf)
    .checks.filter(({ id }) => id.startsWith('cut-off'))
    .reduce<Job>((job, { id }) => {
      const fix = planJob(job, shelf).checks.find((check) => check.id === id)?.fixes[0];
      return fix ? applied(job, fix) : job;
    }, large);
  expect(planJob(mended, shelf).checks.map(({ id }) => id)).not.toContain('cut-off-p1');
  const [one, two] = boxes(mended).sort((a, b) => a.x - b.x);
  // each where its holder sees it, not one upon the other
  expect(
    (two?.x ?? 0) + (two?.width ?? 0) / 2 - (one?.x ?? 0) - (one?.width ?? 0) / 2,
  ).toBeGreaterThan(80);
});

test.each([
  [
    'dye pens on a coaster at their own recipe’s 300 °F',
    { ...jobOn('square-coaster', artwork()), transfer: 'dye-pens' },
    'too-cool',
  ],
  [
    'cut along the art on a mug of a dye sheet',
    { ...mugJob(), transfer: 'dye-sheet', sheet: { ...mugJob().sheet, paperId: 'printed-12' } },
    'preprinted-edge',
  ],
  [
    'a white logo, as good as blank against white',
    mugJob(
      artwork({
        facts: factsWith({ palette: [{ colour: '#ffffff', share: 1 }], turnedMismatch: 0.001 }),
      }),
    ),
    'upside-down-p1',
  ],
] as const)('%s: nothing is said of it', (_what, job, id) => {
  expect(planJob(job as Job, shelf).checks.map((check) => check.id)).not.toContain(id);
});

test('paper cut along a motif of 1.9 in on a hard coaster of 3.75 in: its edge will print', () => {
  const job = jobOn('square-coaster', artwork({ realMm: { widthMm: 48, heightMm: 48 } }));
  const cut: Job = { ...job, cut: { ...job.cut, line: 'contour' } };
  expect(grave(cut).map(({ id }) => id)).toContain('cut-edge-prints');
});

test('kept in proportion, a motif still covers the hard face that its cut edge would print on', () => {
  // a diamond of a silhouette over a coaster of 3.75 in, stretched: only its margin covers the corners
  const diamond: ArtFacts['silhouette'] = [
    [
      [0.5, 0],
      [1, 0.5],
      [0.5, 1],
      [0, 0.5],
    ],
  ];
  const art = artwork({
    ...{ storedWidthPx: 2700, storedHeightPx: 1200, transparentShare: 0.5 },
    facts: factsWith({ silhouette: diamond }),
  });
  const job = jobOn('square-coaster', art);
  const stretched: Job = {
    ...job,
    cut: { ...job.cut, line: 'contour', marginMm: 3 },
    placements: job.placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: 262, heightMm: 131, locked: false },
    })),
  };
  const fix = planJob(stretched, shelf).checks.find(({ code }) => code === 'stretch')?.fixes[0];
  const codes = (of: Job) => planJob(of, shelf).checks.map(({ code }) => code);
  expect(codes(stretched)).not.toContain('cut-edge-prints');
  expect(fix?.code).toBe('keep-proportions');
  expect(fix && codes(applied(stretched, fix))).not.toContain('cut-edge-prints');
});

test('covering, a picture covers wherever it is centred', () => {
  const job = mugJob(artwork(), {
    sizing: { mode: 'cover' },
    at: { datum: 'right-holder', dxMm: 0, dyMm: 0 },
  });
  const [piece] = planJob(job, shelf).pieces;
  const [art] = piece?.arts ?? [];
  expect(art?.box.x).toBeLessThanOrEqual(1e-6);
  expect((art?.box.x ?? 0) + (art?.box.width ?? 0)).toBeGreaterThanOrEqual(
    (piece?.widthMm ?? 0) - 1e-6,
  );
});

describe('a repeat that cannot be as it was asked for', () => {
  const repeated = (widthMm: number, stepMm: number): Job => {
    const job = jobOn('tote', artwork({ facts: factsWith({}) }));
    return {
      ...job,
      placements: job.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm, heightMm: widthMm, locked: true },
        repeat: { pattern: 'grid', atEdge: 'whole only', stepXMm: stepMm, stepYMm: stepMm },
      })),
    };
  };
  const stops = (job: Job) => planJob(job, shelf).checks.filter(({ level }) => level === 'stop');

  test('none whole on the face: a stop, and cut at the edge it shows', () => {
    const job = repeated(600, 600);
    expect(planJob(job, shelf).pieces).toEqual([]);
    const [stop] = stops(job);
    expect(stop?.id).toBe('no-motif-p1');
    const fix = stop?.fixes[0];
    if (!fix) throw new Error('no way out');
    const mended = planJob(applied(job, fix), shelf);
    expect(mended.pieces).toHaveLength(1);
    expect(mended.checks.map(({ id }) => id)).not.toContain('no-motif-p1');
  });

  test('more than are laid: a stop that says so; wider apart it is gone', () => {
    const ids = (job: Job) => stops(job).map(({ id }) => id);
    expect(ids(repeated(4, 4))).toContain('too-many-motifs-p1');
    expect(ids(repeated(4, 30))).not.toContain('too-many-motifs-p1');
  });
});
