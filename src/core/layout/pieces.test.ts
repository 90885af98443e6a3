import fc from 'fast-check';
import { artwork, blankOf, jobOn, mugJob, NOW, shelf, withForm, times } from '@tests/support/jobs';
import { isUprightRect, mapRegion, overlapOf, regionArea, regionBox, subtract } from '../geometry';
import { newJob, withArt } from '../job';
import type { Job, Placement, WrapPaper } from '../model';
import { planJob } from '../plan';
import { inches } from '../units';
import { repeatBoxes, stepFor, USUAL_FOLD_GAP_MM, type Piece } from '.';
import { pieceWords } from '@/words';

const piecesOf = (job: Job) => planJob(job, shelf).pieces;
const onlyPiece = (job: Job): Piece => {
  const [piece] = piecesOf(job);
  if (!piece) throw new Error('no piece');
  return piece;
};
const placed = (job: Job, part: Partial<Placement>): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, ...part })),
});
const cover = (job: Job) => placed(job, { sizing: { mode: 'cover' } });
const wrapped = (job: Job, part: Partial<WrapPaper>): Job => ({
  ...job,
  wrap: { ...job.wrap, ...part },
});
const square = artwork({ storedWidthPx: 1000, storedHeightPx: 1000 });

describe('a thin two-sided disc, folded over', () => {
  const both = withArt(jobOn('medallion', square), square, 'p2', 'back');
  const job = cover({ ...both, fold: { gapMm: USUAL_FOLD_GAP_MM } });

  test('is one piece, its faces ¾ in apart (common practice, no source)', () => {
    const piece = onlyPiece(job);
    expect(piecesOf(job)).toHaveLength(1);
    const [front, back] = piece.slots;
    if (!front || !back) throw new Error('no pair');
    expect(back.face.y - (front.face.y + front.face.height)).toBeCloseTo(inches(0.75), 6);
  });

  test('folded on its line the outlines coincide, whatever the outline, size and gap', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 0, max: 80 })), {
          minLength: 3,
          maxLength: 9,
        }),
        fc.double({ min: 15, max: 60, noNaN: true }),
        (corners, gapMm) => {
          const form = { kind: 'outline', rings: [corners], edgeKeepOutMm: 0, sides: 2 } as const;
          const blank = { ...blankOf('medallion'), form: { ...form, rings: [corners] } };
          const start = withArt(newJob('j', 'j', blank, NOW), square, 'p1');
          const pair = cover({ ...withArt(start, square, 'p2', 'back'), fold: { gapMm } });
          const [piece] = piecesOf({ ...pair, bleedMm: 2 });
          if (!piece) return; // an outline without any area
          const [front, back] = piece.slots;
          const fold = piece.guides.find(({ kind }) => kind === 'fold')?.points[0]?.y ?? 0;
          if (!front || !back) throw new Error('no pair');
          const folded = mapRegion([1, 0, 0, -1, 0, 2 * fold], back.ink);
          const off = subtract(folded, front.ink);
          expect(regionArea(off)).toBeLessThan(0.02 * Math.max(1, regionArea(front.ink)));
        },
      ),
      { numRuns: 60 },
    );
  });

  test('the back reads upright once folded: its art is turned by half a turn on the strip', () => {
    const art = onlyPiece(job).arts.find(({ slot }) => slot === 1);
    if (!art) throw new Error('no back');
    const [a, , , d] = art.matrix;
    expect([Math.sign(a), Math.sign(d)]).toEqual([-1, -1]);
  });

  test('its outline marks stand outside the ink of both faces', () => {
    const piece = onlyPiece(job);
    const marks = piece.guides.filter(({ kind }) => kind === 'outline').map(({ points }) => points);
    expect(marks).toHaveLength(2);
    const ink = piece.slots.flatMap((slot) => slot.ink);
    expect(regionArea(subtract(ink, marks))).toBeLessThan(0.01);
    expect(regionArea(marks)).toBeGreaterThan(regionArea(ink));
  });

  test('cloth is never folded: a two-sided pillow stays two pieces', () => {
    const pillow = withArt(jobOn('pillow', square), square, 'p2', 'back');
    expect(piecesOf({ ...pillow, fold: { gapMm: 19 } })).toHaveLength(2);
  });
});

test('four strips of a 3 in disc share a legal sheet: borders without ink need no room beside it', () => {
  const both = withArt(jobOn('medallion', square), square, 'p2', 'back');
  const four = {
    ...cover(both),
    fold: { gapMm: inches(0.5) },
    sheet: { ...both.sheet, paperId: 'legal' },
  };
  const { sheets } = planJob(times(four, 4), shelf);
  expect(sheets.map(({ items, marks }) => [items.length, marks.foot !== null])).toEqual([
    [4, true],
  ]);
});

describe('a tumbler 10½ in round (common practice, no source)', () => {
  const tumbler = cover(
    withForm(mugJob(), { girthMm: inches(10.5), handleGapMm: 0, wallHeightMm: inches(4) }),
  );

  test('in halves: two pieces of 5¼ in, each on its half of the girth', () => {
    const pieces = piecesOf(wrapped(tumbler, { parts: 'halves', seam: { kind: 'butt', byMm: 0 } }));
    expect(pieces.map(({ widthMm }) => widthMm / 25.4)).toEqual([
      expect.closeTo(5.25, 6),
      expect.closeTo(5.25, 6),
    ]);
    expect(pieces.map(pieceWords)).toEqual(['Wrap, left half', 'Wrap, right half']);
    const [left, right] = pieces;
    expect(right?.slots[0]?.face.x).toBeCloseTo((left?.slots[0]?.face.x ?? 0) - inches(5.25), 6);
  });

  test.each([
    ['overlap', inches(0.25), 10.75],
    ['butt', 0, 10.5],
    ['gap', inches(0.25), 10.25],
  ] as const)('%s at the seam', (kind, byMm, longIn) => {
    const piece = onlyPiece(wrapped(tumbler, { seam: { kind, byMm } }));
    expect(piece.widthMm).toBeCloseTo(inches(longIn), 6);
    expect(piece.arts[0]?.box.width).toBeGreaterThanOrEqual(piece.widthMm - 1e-6);
  });

  test('one strip is as long as both motifs need, spaced for the halves, under the cutter’s 9.25 in', () => {
    const one = placed(tumbler, {
      sizing: { mode: 'exact', widthMm: inches(3), heightMm: inches(1.3), locked: true },
      at: { datum: 'right-holder', dxMm: 0, dyMm: 0 },
    });
    const [placement] = one.placements;
    if (!placement) throw new Error('no placement');
    const twin = { ...placement, id: 'p2', at: { ...placement.at, datum: 'left-holder' } };
    const strip = onlyPiece(wrapped({ ...one, placements: [placement, twin] }, { parts: 'strip' }));
    const [first, second] = strip.arts;
    const apart = (first?.box.x ?? 0) - (second?.box.x ?? 0);
    expect(apart).toBeCloseTo(inches(5.25), 6);
    expect(strip.widthMm).toBeLessThan(inches(9.25));
    expect(strip.widthMm).toBeGreaterThan(inches(8.25));
  });

  test.each(['wave', 'scallop', 'zigzag', 'torn'] as const)(
    'a %s edge stays within its depth',
    (style) => {
      const plain = onlyPiece(tumbler);
      const piece = onlyPiece(wrapped(tumbler, { edge: { style, depthMm: 4 } }));
      const cut = regionArea(plain.cut) - regionArea(piece.cut);
      expect(cut).toBeGreaterThan(0.5 * 4 * plain.widthMm);
      expect(cut).toBeLessThan(1.9 * 4 * plain.widthMm);
      expect(regionBox(piece.cut).width).toBeCloseTo(plain.widthMm, 3);
      expect(isUprightRect(piece.cut)).toBe(false);
    },
  );
});

describe('repeats', () => {
  const reach = { x: 0, y: 0, width: 500, height: 400 };
  const motif = { x: 225, y: 190, width: 50, height: 20 };
  const rowsOf = (pattern: 'grid' | 'brick' | 'half-drop', atEdge: 'cut' | 'whole only') => {
    const boxes = repeatBoxes(
      motif,
      { pattern, stepXMm: stepFor(5, 500), stepYMm: 100, atEdge },
      reach,
    );
    const rows = new Map<number, number>();
    for (const { y } of boxes) rows.set(Math.round(y), (rows.get(Math.round(y)) ?? 0) + 1);
    return [...rows.entries()].sort(([a], [b]) => a - b).map(([, count]) => count);
  };

  test('staggered rows of 5 and 4 (common practice, no source)', () => {
    expect(rowsOf('brick', 'whole only')).toEqual([4, 5, 4]);
    expect(rowsOf('grid', 'whole only')).toEqual([5, 5, 5]);
  });

  test('cut by the edge, half motifs show there', () => {
    expect(rowsOf('brick', 'cut')).toEqual([5, 6, 5, 6, 5].slice(0, rowsOf('brick', 'cut').length));
    expect(rowsOf('half-drop', 'cut').length).toBeGreaterThan(rowsOf('grid', 'cut').length);
  });

  test('stop at the collar: nothing is inked where there is no cloth', () => {
    const job = placed(jobOn('tee', square), {
      sizing: { mode: 'exact', widthMm: 40, heightMm: 40, locked: true },
      repeat: { pattern: 'brick', stepXMm: 60, stepYMm: 60, atEdge: 'cut' },
    });
    const [face] = planJob(job, shelf).faces;
    const collar = face?.zones.find(({ id }) => id === 'collar')?.region ?? [];
    const [slot] = onlyPiece(job).slots;
    if (!slot) throw new Error('no slot');
    const inCollar = overlapOf(slot.ink, mapRegion(slot.toStrip, collar));
    expect(regionArea(inCollar)).toBeLessThan(0.01);
    expect(onlyPiece(job).arts.length).toBeGreaterThan(60);
    expect(onlyPiece(job).arts.some(({ cutOffShare }) => cutOffShare > 0.2)).toBe(true);
  });
});
