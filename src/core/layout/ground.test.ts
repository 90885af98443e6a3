import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { mapRegion, overlapOf, regionArea, regionBox, type Region } from '../geometry';
import { onPass, plainItem, type Artwork, type Job } from '../model';
import { planJob } from '../plan';
import { withPass, withTransfer } from '../shelf';

/** A picture of nothing but a square that leaves a tenth of it free on every side. */
const motif: Artwork = {
  ...artwork({ storedWidthPx: 1000, storedHeightPx: 1000, sha256: 'a'.repeat(64) }),
  transparentShare: 0.36,
  facts: factsWith({
    palette: [{ colour: '#224488', share: 1 }],
    detail: { columns: 1, rows: 1, cells: [255] },
    silhouette: [
      [
        [0.1, 0.1],
        [0.9, 0.1],
        [0.9, 0.9],
        [0.1, 0.9],
      ],
    ],
  }),
};
const plain = artwork({ storedWidthPx: 900, storedHeightPx: 900, sha256: 'b'.repeat(64) });

/** A round coaster with the motif 50 mm wide in its middle, cut out of a ready-made dye sheet. */
function coaster(): Job {
  const job = withTransfer(jobOn('round-coaster', motif), 'dye-sheet', shelf);
  return {
    ...job,
    cut: { ...job.cut, line: 'contour', marginMm: 0, apart: false },
    placements: job.placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: 50, heightMm: 50, locked: true },
    })),
  };
}
const rows = (motifs: number, grounds: number): Job => ({
  ...coaster(),
  items: [
    { ...plainItem('cut-out'), name: 'star', copies: motifs },
    { ...plainItem('left'), name: 'sky', copies: grounds, ground: true },
  ],
});
const cutOnSheet = ({ sheets, pieces }: ReturnType<typeof planJob>): Region[] =>
  sheets.flatMap(({ items }) =>
    items.map(({ pieceId, matrix }) =>
      mapRegion(matrix, pieces.find(({ id }) => id === pieceId)?.cut ?? []),
    ),
  );

describe('what is cut out of a sheet and what is left of it', () => {
  test('are two pieces that make up the whole of it', () => {
    const { pieces, faces } = planJob(rows(1, 1), shelf);
    expect(pieces.map(({ called }) => called.kind)).toEqual(['face', 'ground']);
    const [star, ground] = pieces.map(({ cut }) => regionArea(cut));
    expect(star).toBeCloseTo(40 ** 2, 3);
    const [face] = faces;
    const round = (Math.PI * ((face?.widthMm ?? 0) + 2 * (pieces[0]?.bleedMm ?? 0)) ** 2) / 4;
    // the outline is a polygon: within a thousandth of the circle
    expect((star ?? 0) + (ground ?? 0)).toBeGreaterThan(round * 0.999);
    expect((star ?? 0) + (ground ?? 0)).toBeLessThan(round * 1.001);
    expect(pieces.map(({ fill }) => fill)).toEqual([null, '#224488']);
  });

  test('come from one place of one sheet, by one cut', () => {
    const plan = planJob(rows(1, 1), shelf);
    expect(plan.sheets).toHaveLength(1);
    const [ground, star] = cutOnSheet(plan);
    if (!ground || !star) throw new Error('two pieces');
    expect(regionArea(overlapOf(ground, star))).toBeCloseTo(0, 3);
    const [outer, inner] = [regionBox(ground), regionBox(star)];
    expect(inner.x).toBeGreaterThan(outer.x);
    expect(inner.x + inner.width).toBeLessThan(outer.x + outer.width);
    // in the middle of it, as on the coaster
    expect(inner.x + inner.width / 2).toBeCloseTo(outer.x + outer.width / 2, 3);
    expect(inner.y + inner.height / 2).toBeCloseTo(outer.y + outer.height / 2, 3);
  });

  test('what is over is cut by itself: three stars and one ground', () => {
    const plan = planJob(rows(3, 1), shelf);
    expect(plan.sheets.flatMap(({ items }) => items)).toHaveLength(4);
    const shapes = cutOnSheet(plan);
    shapes.forEach((one, i) =>
      shapes
        .slice(i + 1)
        .forEach((other) => expect(regionArea(overlapOf(one, other))).toBeCloseTo(0, 3)),
    );
  });

  test('nothing hinders either row', () => {
    const levels = planJob(rows(2, 2), shelf).checks.filter(({ level }) => level === 'stop');
    expect(levels).toEqual([]);
  });
});

describe('pieces of several sheets fitted together', () => {
  const inlaid = (): Job => {
    const two = withPass(coaster(), 'sky', 'dye-sheet', shelf);
    const [place] = two.placements;
    if (!place) throw new Error('a place');
    return onPass({ ...two, arts: [...two.arts, plain] }, 'sky', (seen) => ({
      ...seen,
      cut: { ...seen.cut, line: 'ground' },
      placements: [
        { ...place, id: 'sky-1', artSha256: plain.sha256, sizing: { mode: 'cover' as const } },
      ],
    }));
  };

  test('the second sheet is cut round the first one’s art, without gap or overlap', () => {
    const plan = planJob(inlaid(), shelf);
    const [star] = plan.pieces;
    const [ground] = plan.further[0]?.own.pieces ?? [];
    if (!star || !ground) throw new Error('two pieces');
    const box = regionBox(ground.cut);
    expect(ground.called.kind).toBe('ground');
    expect(regionArea(star.cut)).toBeCloseTo(40 ** 2, 3);
    const hole = ((Math.PI * box.width ** 2) / 4 - regionArea(ground.cut)) / 40 ** 2;
    expect(hole).toBeGreaterThan(0.99);
    expect(hole).toBeLessThan(1.01);
  });

  test('moving the art moves the hole', () => {
    const job = inlaid();
    const moved = {
      ...job,
      placements: job.placements.map((each) => ({ ...each, at: { ...each.at, dxMm: 10 } })),
    };
    const holeAt = (one: Job) => {
      const [ground] = planJob(one, shelf).further[0]?.own.pieces ?? [];
      const rings = (ground?.cut ?? []).map((ring) => regionBox([ring]));
      return rings.reduce((least, box) => (box.width < least.width ? box : least)).x;
    };
    expect(holeAt(moved) - holeAt(job)).toBeCloseTo(10, 3);
  });

  test('they are laid as one and pressed at once', () => {
    const { press, layers } = planJob(inlaid(), shelf);
    expect(press.passes).toHaveLength(1);
    expect(layers.map(({ passId, pass }) => [passId, pass])).toEqual([
      ['first', 0],
      ['sky', 0],
    ]);
    expect(press.program.operations.filter(({ kind }) => kind === 'press')).toHaveLength(1);
    expect(press.program.operations.map(({ does }) => does)).toContain('mask-on');
  });
});
