import fc from 'fast-check';
import { artwork, blankOf, jobOn } from '@tests/support/jobs';
import { uprightPixels } from '../art';
import { designOn } from '../layout';
import type { Job } from '../model';
import { itemOf, onItem, withItem, withItemPicture, withPictureRows } from '.';

const picture = (n: number) =>
  artwork({ sha256: n.toString(16).padStart(64, '0'), name: `fern ${n}.png` });
let last = 0;
const newId = () => `row-${++last}`;

const mug = jobOn('mug-12oz', picture(1));
const rows = withPictureRows(mug, 'p1', [1, 2, 3].map(picture), newId);

describe('the design, changed as one row shows it', () => {
  test('looking at any row and changing nothing changes nothing', () => {
    fc.assert(
      fc.property(fc.constantFrom('row-1', 'row-2', 'row-3', 'nobody'), (id) => {
        expect(onItem(rows, id, (seen) => ({ ...seen }))).toEqual(rows);
      }),
    );
  });

  test('its own picture is swapped for it alone', () => {
    const other = picture(9);
    const swapped = onItem(rows, 'row-2', (seen) => ({
      ...seen,
      arts: [...seen.arts, other],
      placements: seen.placements.map((each) => ({ ...each, artSha256: other.sha256 })),
    }));
    expect(swapped.placements).toEqual(rows.placements);
    expect(swapped.items.map(({ pictures }) => pictures[0]?.artSha256.at(-1))).toEqual([
      '1',
      '9',
      '3',
    ]);
  });

  test('moved on one row it is moved on all; taken off, off all', () => {
    const moved = onItem(rows, 'row-2', (seen) => ({
      ...seen,
      placements: seen.placements.map((each) => ({ ...each, at: { ...each.at, dxMm: 12 } })),
    }));
    expect(moved.placements[0]).toMatchObject({ artSha256: picture(1).sha256, at: { dxMm: 12 } });
    expect(moved.items).toEqual(rows.items);
    const bare = onItem(rows, 'row-2', (seen) => ({ ...seen, placements: [] }));
    expect(bare.items.flatMap(({ pictures }) => pictures)).toEqual([]);
  });
});

describe('what is the row’s own', () => {
  test('made so wide on a row of other proportions, it is so wide there, and nothing is stretched', () => {
    const wide = artwork({
      ...{ sha256: 'f'.repeat(64), storedWidthPx: 3000, storedHeightPx: 1000 },
    });
    const mixed = withItemPicture(rows, 'row-2', 'p1', wide);
    const resize = (seen: Job): Job => ({
      ...seen,
      placements: seen.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: 90, heightMm: 30, locked: true },
      })),
    });
    const sized = onItem(mixed, 'row-2', resize);
    const on = (id: string) => {
      const [box] = designOn(sized, itemOf(sized, id)).placements;
      return box?.sizing.mode === 'exact' ? box.sizing.widthMm / box.sizing.heightMm : 0;
    };
    expect(designOn(sized, itemOf(sized, 'row-2')).placements[0]?.sizing).toMatchObject({
      ...{ widthMm: 90, heightMm: 30 },
    });
    const { widthPx, heightPx } = uprightPixels(picture(1));
    expect(on('row-1')).toBeCloseTo(widthPx / heightPx, 6);
  });

  test('a row of another colour shows it, and the blank keeps its own', () => {
    const colour = { colour: '#1f2a44', colourName: 'navy' };
    const job = withItem({ ...rows, blank: blankOf('mug-12oz') }, 'row-1', { colour });
    let shown = '';
    const same = onItem(job, 'row-1', (seen) => {
      shown = seen.blank.substrate.colourName;
      return { ...seen, bleedMm: 2 };
    });
    expect(shown).toBe('navy');
    expect(same).toEqual({ ...job, bleedMm: 2 });
  });
});
