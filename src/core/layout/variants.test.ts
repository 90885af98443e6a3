import { artwork, factsWith, jobOn, shelf, withPlaces } from '@tests/support/jobs';
import { applyAffine, islandsOf, regionArea, regionBox, withoutHoles } from '../geometry';
import type { Artwork, Job } from '../model';
import { planJob } from '../plan';
import type { Piece } from '.';
import { pieceWords } from '@/words';

const piecesOf = (job: Job) => planJob(job, shelf).pieces;
const onlyPiece = (job: Job): Piece => {
  const [piece] = piecesOf(job);
  if (!piece) throw new Error('no piece');
  return piece;
};
const square = artwork({ storedWidthPx: 1000, storedHeightPx: 1000 });

/** A ring: an outer square of the picture and a hole in its middle. */
const ring: Artwork = {
  ...square,
  transparentShare: 0.5,
  facts: factsWith({
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
  }),
};

describe('cut along the art', () => {
  const job = withPlaces(jobOn('tee', ring), {
    sizing: { mode: 'exact', widthMm: 100, heightMm: 100, locked: true },
  });
  const cutWith = (marginMm: number, holes: 'keep' | 'close') =>
    onlyPiece({ ...job, cut: { line: 'contour', marginMm, holes, apart: false } });

  test('exactly on it, with its hole', () => {
    expect(regionArea(cutWith(0, 'keep').cut)).toBeCloseTo(80 ** 2 - 20 ** 2, 3);
    expect(islandsOf(cutWith(0, 'keep').cut)).toHaveLength(1);
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

test('loose parts become pieces of their own, a chosen gap between butted ones', () => {
  const half = (from: number, to: number): [number, number][] => [
    [from, 0],
    [to, 0],
    [to, 1],
    [from, 1],
  ];
  const mosaic: Artwork = {
    ...ring,
    facts: ring.facts && { ...ring.facts, silhouette: [half(0, 0.499), half(0.501, 1)] },
  };
  const loose = withPlaces(jobOn('tee', mosaic), {
    sizing: { mode: 'exact', widthMm: 100, heightMm: 100, locked: true },
  });
  const pieces = piecesOf({
    ...loose,
    cut: { line: 'contour', marginMm: -1, holes: 'keep', apart: true },
  });
  expect(pieces.map(pieceWords)).toEqual(['Front, part 1', 'Front, part 2']);
  const [left, right] = pieces.map(({ slots }) => -(slots[0]?.face.x ?? 0)).sort((a, b) => a - b);
  // 0.2 mm apart as drawn, and 1 mm off both edges
  const gap = (right ?? 0) - (left ?? 0) - (pieces[0]?.widthMm ?? 0);
  expect(gap).toBeCloseTo(2.2, 3);
});

test('art turned by a quarter is as wide as it was high, and its top points right', () => {
  const wide = artwork({ storedWidthPx: 2000, storedHeightPx: 1000 });
  const job = withPlaces(jobOn('garden-panel', wide), { turns: 1 });
  const art = onlyPiece(job).arts[0];
  if (!art) throw new Error('no art');
  expect(art.box.width / art.box.height).toBeCloseTo(0.5, 6);
  const top = applyAffine(art.matrix, { x: 0.5, y: 0 });
  expect(top.x).toBeCloseTo(art.box.x + art.box.width, 6);
});
