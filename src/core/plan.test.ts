import fc from 'fast-check';
import { artwork, mugJob, onLatteCup, shelf, withForm } from '@tests/support/jobs';
import { determinant } from './geometry';
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

test('a piece is on a sheet, or is reported as too large with what is missing; never neither', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const { pieces, sheets, misfits, checks } = planJob(job, shelf);
      const placed = sheets.flatMap(({ items }) => items.map(({ pieceId }) => pieceId));
      const missed = misfits.map(({ pieceId }) => pieceId);
      expect([...placed, ...missed].sort()).toEqual(pieces.map(({ id }) => id).sort());
      for (const { overWidthMm, overHeightMm } of misfits) {
        expect(overWidthMm + overHeightMm).toBeGreaterThan(0);
      }
      expect(checks.filter(({ id }) => id.startsWith('misfit'))).toHaveLength(
        Math.min(1, misfits.length),
      );
    }),
  );
});
