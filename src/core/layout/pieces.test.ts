import fc from 'fast-check';
import { artwork, blankOf, jobOn, mugJob, NOW, shelf, withForm } from '@tests/support/jobs';
import {
  applyAffine,
  islandsOf,
  isUprightRect,
  mapRegion,
  overlapOf,
  regionArea,
  regionBox,
  subtract,
  withoutHoles,
} from '../geometry';
import { newJob, withArt, withLettering } from '../job';
import type { Artwork, Job, Placement, WrapPaper } from '../model';
import { planJob } from '../plan';
import { inches } from '../units';
import { repeatBoxes, stepFor, USUAL_FOLD_GAP_MM, type Piece } from '.';

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
    expect(pieces.map(({ name }) => name)).toEqual(['Wrap, left half', 'Wrap, right half']);
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

describe('cut along the art', () => {
  /** A ring: an outer square of the picture and a hole in its middle. */
  const ring: Artwork = {
    ...square,
    transparentShare: 0.5,
    facts: {
      palette: [],
      whiteShare: 0,
      edgeMismatch: 0,
      turnedMismatch: 0,
      detail: { columns: 1, rows: 1, cells: [255] },
      silhouette: [
        [
          [0.1, 0.1],
          [0.9, 0.1],
          [0.9, 0.9],
          [0.1, 0.9],
        ],
        [
          [0.4, 0.4],
          [0.6, 0.4],
          [0.6, 0.6],
          [0.4, 0.6],
        ],
      ],
    },
  };
  const job = placed(jobOn('tee', ring), {
    sizing: { mode: 'exact', widthMm: 100, heightMm: 100, locked: true },
  });
  const cutWith = (marginMm: number, holes: 'keep' | 'close') =>
    onlyPiece({ ...job, cut: { line: 'contour', marginMm, holes } });

  test('exactly on it, with its hole', () => {
    expect(regionArea(cutWith(0, 'keep').cut)).toBeCloseTo(80 ** 2 - 20 ** 2, 3);
    expect(islandsOf(cutWith(0, 'keep').cut)).toBe(1);
  });

  test('the hole left in', () => {
    expect(regionArea(cutWith(0, 'close').cut)).toBeCloseTo(80 ** 2, 3);
  });

  test('with room: the outside grows, the hole shrinks', () => {
    const { cut } = cutWith(3, 'keep');
    expect(regionBox(cut).width).toBeCloseTo(86, 3);
    expect(regionArea(withoutHoles(cut)) - regionArea(cut)).toBeCloseTo(14 ** 2, 3);
  });

  test('a shirt print cut straight takes only the room its art needs', () => {
    const piece = onlyPiece(job);
    expect([piece.widthMm, piece.heightMm]).toEqual([
      expect.closeTo(106, 6),
      expect.closeTo(106, 6),
    ]);
  });
});

describe('names and sizes', () => {
  const named = (name: string, n: number) =>
    artwork({ sha256: String(n).repeat(64), name, storedWidthPx: 500, storedHeightPx: 100 });
  const base = withArt(jobOn('mug-12oz', square), named('…', 9), 'p2');

  test('one piece for each name, each with its own lettering and the same picture', () => {
    const job = withLettering(base, 'p2', ['Ada', 'Ben'], [named('Ada', 1), named('Ben', 2)]);
    const pieces = piecesOf(job);
    expect(pieces.map(({ name }) => name)).toEqual(['Wrap · Ada', 'Wrap · Ben']);
    expect(pieces.map(({ arts }) => arts.map(({ artSha256 }) => artSha256[0]))).toEqual([
      ['a', '1'],
      ['a', '2'],
    ]);
    expect(new Set(pieces.map(({ id }) => id)).size).toBe(2);
  });

  test('every size has a row of its own, art growing with the garment', () => {
    const job: Job = {
      ...jobOn('tee', square),
      sizes: [
        { size: 'XL', widthMm: inches(24), copies: 2 },
        { size: 'S', widthMm: inches(18), copies: 0 },
      ],
    };
    const pieces = piecesOf(job);
    expect(pieces.map(({ variant, copies }) => [variant, copies])).toEqual([
      ['', 1],
      ['XL', 2],
    ]);
    const width = (at: number) => pieces[at]?.arts[0]?.box.width ?? 0;
    expect(width(1) / width(0)).toBeCloseTo(24 / 20, 6);
  });
});

test('art turned by a quarter is as wide as it was high, and its top points right', () => {
  const wide = artwork({ storedWidthPx: 2000, storedHeightPx: 1000 });
  const job = placed(jobOn('garden-panel', wide), { turns: 1 });
  const art = onlyPiece(job).arts[0];
  if (!art) throw new Error('no art');
  expect(art.box.width / art.box.height).toBeCloseTo(0.5, 6);
  const top = applyAffine(art.matrix, { x: 0.5, y: 0 });
  expect(top.x).toBeCloseTo(art.box.x + art.box.width, 6);
});
