import fc from 'fast-check';
import { artwork, mugJob, NOW, onLatteCup, shelf, withForm } from '@tests/support/jobs';
import { facesOf } from './blank';
import { contains, determinant } from './geometry';
import { newJob, withArt } from './job';
import { jobSchema, type Job } from './model';
import { planJob } from './plan';

/** Jobs as odd as a person can make them on the screen. */
const anyJob: fc.Arbitrary<Job> = fc
  .record({
    tapered: fc.boolean(),
    girthMm: fc.double({ min: 1, max: 5000, noNaN: true }),
    heightMm: fc.double({ min: 1, max: 1000, noNaN: true }),
    gapMm: fc.double({ min: 0, max: 1000, noNaN: true }),
    keepMm: fc.double({ min: 0, max: 500, noNaN: true }),
    bleedMm: fc.double({ min: 0, max: 50, noNaN: true }),
    widthPx: fc.integer({ min: 1, max: 16_000 }),
    heightPx: fc.integer({ min: 1, max: 3700 }),
    orientation: fc.integer({ min: 1, max: 8 }),
    sizing: fc.constantFrom<'cover' | 'fit'>('cover', 'fit'),
    dxMm: fc.double({ min: -3000, max: 3000, noNaN: true }),
    paperId: fc.constantFrom(...shelf.papers.map(({ id }) => id)),
    printerId: fc.constantFrom(...shelf.printers.map(({ id }) => id)),
    machineId: fc.constantFrom(...shelf.machines.map(({ id }) => id)),
    mirrorBy: fc.constantFrom<'file' | 'driver'>('file', 'driver'),
  })
  .map((f) => {
    const art = artwork({
      storedWidthPx: f.widthPx,
      storedHeightPx: f.heightPx,
      orientation: f.orientation,
    });
    const plain = mugJob(art, {
      sizing: { mode: f.sizing },
      at: { datum: 'right-holder', dxMm: f.dxMm, dyMm: 0 },
    });
    const measured = f.tapered
      ? onLatteCup(plain, {
          baseGirthMm: f.girthMm,
          heightMm: f.heightMm,
          handleGapMm: f.gapMm,
          rimKeepOutMm: f.keepMm,
        })
      : withForm(plain, {
          girthMm: f.girthMm,
          wallHeightMm: f.heightMm,
          handleGapMm: f.gapMm,
          rimKeepOutMm: f.keepMm,
        });
    return {
      ...measured,
      bleedMm: f.bleedMm,
      sheet: { ...plain.sheet, paperId: f.paperId, printerId: f.printerId, mirrorBy: f.mirrorBy },
      heat: { ...plain.heat, machineId: f.machineId },
    };
  });

/** The figures of a form, wherever they stand in it, replaced one after the other. */
function withFigures(value: unknown, next: () => number): unknown {
  if (typeof value === 'number') return next();
  if (Array.isArray(value)) return value.map((each: unknown) => withFigures(each, next));
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).map(([key, each]) => [
    key,
    key === 'sides' ? each : withFigures(each, next),
  ]);
  return Object.fromEntries(entries) as unknown;
}

const figure = fc.oneof(
  fc.double({ min: 0.1, max: 5000, noNaN: true }),
  fc.double({ min: 0.1, max: 60, noNaN: true }),
  fc.constant(0.1),
);

/** Any blank of the shelf with figures nobody would measure, and every way of making its paper. */
const anyFlatJob: fc.Arbitrary<Job> = fc
  .record({
    blank: fc.constantFrom(...shelf.blanks),
    figures: fc.array(figure, { minLength: 20, maxLength: 20 }),
    parts: fc.constantFrom<'whole' | 'strip' | 'halves'>('whole', 'strip', 'halves'),
    seam: fc.constantFrom<'overlap' | 'butt' | 'gap'>('overlap', 'butt', 'gap'),
    style: fc.constantFrom<'straight' | 'wave' | 'torn'>('straight', 'wave', 'torn'),
    line: fc.constantFrom<'edge' | 'contour'>('edge', 'contour'),
    marginMm: fc.double({ min: -20, max: 50, noNaN: true }),
    bleedMm: fc.double({ min: 0, max: 50, noNaN: true }),
    sizing: fc.constantFrom<'cover' | 'fit'>('cover', 'fit'),
    turns: fc.integer({ min: 0, max: 3 }),
    repeated: fc.boolean(),
    fold: fc.boolean(),
  })
  .map((f) => {
    let at = 0;
    const next = () => f.figures[at++ % f.figures.length] ?? 1;
    const form = withFigures(f.blank.form, next) as typeof f.blank.form;
    const start = newJob('any', 'Any', { ...f.blank, form }, NOW);
    const faces = facesOf(start.blank);
    const job = faces
      .slice(0, 2)
      .reduce((on, face, i) => withArt(on, artwork(), `p${i}`, face.id), start);
    return {
      ...job,
      bleedMm: f.bleedMm,
      fold: f.fold ? { gapMm: f.marginMm + 20 } : null,
      wrap: {
        seam: { kind: f.seam, byMm: f.bleedMm },
        parts: f.parts,
        edge: { style: f.style, depthMm: 3 },
      },
      cut: { line: f.line, marginMm: f.marginMm, holes: 'keep' as const, apart: f.repeated },
      placements: job.placements.map((each) => ({
        ...each,
        sizing: { mode: f.sizing },
        turns: f.turns,
        repeat: f.repeated
          ? { pattern: 'brick' as const, stepXMm: 40, stepYMm: 30, atEdge: 'cut' as const }
          : null,
      })),
    };
  })
  .filter((job) => jobSchema.safeParse(job).success);

test('any blank of the shelf, however oddly measured, is planned without a stray figure', () => {
  fc.assert(
    fc.property(anyFlatJob, (job) => {
      const strays: string[] = [];
      JSON.stringify(planJob(job, shelf), (key, value: unknown) => {
        if (typeof value === 'number' && !Number.isFinite(value)) strays.push(key);
        if (typeof value === 'string' && /NaN|Infinity/.test(value))
          strays.push(`${key}: ${value}`);
        return value;
      });
      expect(strays).toEqual([]);
    }),
    { numRuns: 100 },
  );
});

test('every job that can be stored can be planned, and its plan is plain JSON without a stray figure', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      expect(jobSchema.parse(job)).toEqual(job);
      const strays: string[] = [];
      JSON.stringify(planJob(job, shelf), (key, value: unknown) => {
        const stray =
          typeof value === 'number' ? !Number.isFinite(value) : /NaN|Infinity/.test(String(value));
        if (stray && typeof value !== 'object') strays.push(`${key}: ${String(value)}`);
        return value;
      });
      expect(strays).toEqual([]);
    }),
  );
});

test('planning twice gives the same plan and leaves job and shelf as they were', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const before = JSON.stringify([job, shelf]);
      expect(planJob(job, shelf)).toEqual(planJob(job, shelf));
      expect(JSON.stringify([job, shelf])).toBe(before);
    }),
  );
});

test('whatever is chosen, the picture is flipped once and lands in the file as the plan says', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const { mirror, sheets } = planJob(job, shelf);
      expect(mirror.flips).toBe(1);
      expect(mirror.readsRight).toBe(true);
      for (const { items } of sheets) {
        for (const item of items) expect(determinant(item.matrix) < 0).toBe(mirror.by === 'file');
      }
    }),
  );
});

test('every piece is on its sheets, whole or in tiles, or reported as one that cannot be; never neither', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const { pieces, sheets, misfits, tilings, checks } = planJob(job, shelf);
      const items = sheets.flatMap((sheet) => sheet.items);
      const whole = items.filter(({ tile }) => !tile).map(({ pieceId }) => pieceId);
      const parts = tilings.map(({ pieceId }) => pieceId);
      const missed = misfits.map(({ pieceId }) => pieceId);
      expect([...whole, ...parts, ...missed].sort()).toEqual(pieces.map(({ id }) => id).sort());
      for (const { pieceId, tiles } of tilings)
        expect(items.filter((item) => item.pieceId === pieceId)).toHaveLength(tiles.length);
      for (const sheet of sheets)
        for (const { box } of sheet.items) expect(contains(sheet.printable, box)).toBe(true);
      expect(checks.filter(({ id }) => id.startsWith('misfit'))).toHaveLength(
        Math.min(1, misfits.length),
      );
    }),
  );
});
