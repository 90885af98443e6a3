import { centreOf, type Box } from '../geometry';
import { whiteRaster, type Raster } from '../proof';
import { randomOf } from '../random';
import type { Expected } from './expected';
import { lightOf } from './plane';
import { ready } from './ready';
import { tilesIn } from './tilesIn';
import { bareSheets } from '@tests/support/laidPanel';

const PX_PER_MM = 2;

/** The sheets of the wall panel, one of them full of dark squares. */
function panel(full: string): Expected {
  const bare = bareSheets(PX_PER_MM);
  const box = bare.parts.find(({ name }) => name === full)?.box;
  if (!box) throw new Error(`there is no ${full}`);
  return { ...bare, picture: scattered(bare.picture, box) };
}

/** Paints squares of several sizes all over a box. */
function scattered({ data, ...raster }: Raster, box: Box): Raster {
  const random = randomOf(11);
  const painted = new Uint8ClampedArray(data);
  for (let n = 0; n < 160; n++) {
    const side = Math.round(6 + 10 * random());
    const left = Math.round((box.x + 10 + random() * (box.width - 30)) * PX_PER_MM);
    const top = Math.round((box.y + 10 + random() * (box.height - 30)) * PX_PER_MM);
    const dark = Math.round(200 * random());
    for (let y = top; y < top + side; y++)
      painted.fill(dark, 4 * (y * raster.width + left), 4 * (y * raster.width + left + side));
  }
  return { ...raster, data: painted };
}

/** The picture with one box of it at the place of another, and paper where it was. */
function moved(picture: Raster, from: Box, to: Box): Raster {
  const { width } = picture;
  const data = new Uint8ClampedArray(picture.data);
  const px = (mm: number) => Math.round(mm * PX_PER_MM);
  const [a, b] = [centreOf(from), centreOf(to)];
  const [right, down] = [px(b.x - a.x), px(b.y - a.y)];
  const [x0, x1] = [px(from.x) + 8, px(from.x + from.width) - 8];
  for (let y = px(from.y) + 8; y < px(from.y + from.height) - 8; y++) {
    const row = picture.data.slice(4 * (y * width + x0), 4 * (y * width + x1));
    data.fill(255, 4 * (y * width + x0), 4 * (y * width + x1));
    data.set(row, 4 * ((y + down) * width + x0 + right));
  }
  return { ...picture, data };
}

/** What is told where a sheet was found nowhere near its place, and bare ones tell nothing. */
function told(expected: Expected, photo: Raster, lost: string) {
  const { parts } = expected;
  const view = {
    map: [PX_PER_MM, 0, 0, 0, PX_PER_MM, 0, 0, 0, 1] as const,
    ...{ lens: 0, widthPx: photo.width, heightPx: photo.height },
  };
  const [tried, shares] = [parts.map(({ name }) => (name === lost ? 60 : 0)), parts.map(() => 0)];
  return tilesIn({
    ...{ photo, light: lightOf(photo, Infinity), thing: ready(expected), size: null },
    registered: { view, blocks: [], drifts: parts.map(() => null), shares, tried, most: 0.5 },
  });
}

test('a sheet that is missing is looked for where bare sheets must lie, and told by name where it does', () => {
  const expected = panel('B2');
  const boxOf = (wanted: string) =>
    expected.parts.find(({ name }) => name === wanted)?.box ?? expected.parts[0]?.box;
  const [from, to] = [boxOf('B2'), boxOf('C1')];
  if (!from || !to) throw new Error('the panel has other sheets');
  const all = told(expected, moved(expected.picture, from, to), 'B2');
  expect(all.findings).toMatchObject([
    { code: 'tile-missing', tile: 'B2' },
    { code: 'tile-swapped', tile: 'C1', shows: 'B2', exchanged: null },
  ]);
  expect(all.unseen).not.toContain('C1');
  expect(all.unseen).toContain('A1');
  expect(all.astray.size).toBe(2);
});

test('a sheet that lies nowhere is missing, and bare sheets are said to be unseen', () => {
  const expected = panel('B2');
  const { width, height } = expected.picture;
  const bare = whiteRaster(width / PX_PER_MM, height / PX_PER_MM, PX_PER_MM);
  const all = told(expected, bare, 'B2');
  expect(all.findings).toMatchObject([{ code: 'tile-missing', tile: 'B2' }]);
  expect(all.unseen).toHaveLength(expected.parts.length - 1);
});
