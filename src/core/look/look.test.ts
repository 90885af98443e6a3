import { sampleInto, turnedOver, whiteRaster, type Raster } from '../proof';
import type { Point } from '../geometry';
import { randomOf } from '../random';
import { driftOf, type Block } from './blocks';
import { placesAmong } from './among';
import { expectedSheet, type Expected } from './expected';
import { lookThere } from './look';
import { remedyFor } from './remedy';
import { seamLooks } from './seams';
import { sheetFit } from './sheetFit';
import { placesByCorners } from './byCorners';
import { placeAt, projected, seenAt, type View } from './camera';
import { photographed } from './photographed';
import { flipped, lightOf } from './plane';
import { ready } from './ready';
import { readBy } from './readBy';
import { photoCorners, wantedOf } from './register';
import { planJob } from '../plan';
import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { bareSheets } from '@tests/support/laidPanel';

const laid = (): Expected => bareSheets(0.2);

test('tiles lie from behind on the table, and every two that meet have a seam', () => {
  const { parts, seams, picture } = laid();
  expect(parts).toHaveLength(12);
  const [first] = parts;
  // laid first, row by row from the left of the table
  expect(first?.name).toBe('A1');
  expect(first?.box.x).toBeCloseTo(0, 0);
  // 3 × 4 sheets: 2 × 4 upright seams and 3 × 3 level ones
  const columns = new Set(parts.map(({ box }) => box.x.toFixed(0))).size;
  const rows = parts.length / columns;
  expect(seams.filter(({ upright }) => upright)).toHaveLength((columns - 1) * rows);
  expect(seams.filter(({ upright }) => !upright)).toHaveLength((rows - 1) * columns);
  // no white may be left at the edges of the whole alone
  const outer = parts.reduce((sum, part) => sum + part.outer.length, 0);
  expect(outer).toBe(2 * (columns + rows));
  const widthMm = picture.width / picture.pxPerMm;
  for (const { box } of parts) expect(box.x + box.width).toBeLessThan(widthMm + 3);
});

/** Blocks all over the tiles, one of them moved. */
function blocksWith(expected: Expected, tile: string, dx: number, dy: number): Block[] {
  const random = randomOf(3);
  return expected.parts.flatMap(({ box, name }, part) =>
    Array.from({ length: 60 }, (): Block => ({
      x: box.x + random() * box.width,
      y: box.y + random() * box.height,
      dx: (name === tile ? dx : 0) + 0.06 * (random() - 0.5),
      dy: (name === tile ? dy : 0) + 0.06 * (random() - 0.5),
      alike: 0.9,
      part,
    })),
  );
}

test('a sheet laid 0.8 mm off shows at its own seams alone, as a step or a gap', () => {
  const expected = laid();
  const looks = seamLooks(expected, blocksWith(expected, 'B2', 0.8, 0));
  expect(looks).toHaveLength(expected.seams.length);
  for (const { seam, stepMm, gapMm, knownMm } of looks) {
    const own = seam.between.includes('B2');
    const sign = seam.between[1] === 'B2' ? 1 : -1;
    expect(gapMm).toBeCloseTo(own && seam.upright ? 0.8 * sign : 0, 0.9);
    expect(stepMm).toBeCloseTo(own && !seam.upright ? 0.8 * sign : 0, 0.9);
    expect(knownMm).toBeLessThan(0.3);
  }
});

test('a tile that came out too large, and turned a little, is told so by its blocks', () => {
  const random = randomOf(9);
  const blocks = Array.from({ length: 80 }, (): Block => {
    const [x, y] = [200 * random(), 250 * random()];
    return { x, y, dx: 0.015 * x - 0.004 * y, dy: 0.015 * y + 0.004 * x, alike: 1, part: 0 };
  });
  const found = driftOf(blocks);
  expect(found?.drift.x[1]).toBeCloseTo(0.015, 3);
  expect(found?.drift.y[1]).toBeCloseTo(0.004, 3);
  // far from the blocks less is known
  expect(found?.errorAt(800, 900)).toBeGreaterThan(4 * (found?.errorAt(100, 125) ?? 0));
  expect(driftOf(blocks.slice(0, 2))).toBeNull();
});

test('the size of a print is told by the edges of its paper, whatever the view', () => {
  const paper = { x: 0, y: 0, width: 215.9, height: 279.4 };
  const view: View = {
    map: [11, -1.2, 600, 0.8, 10.2, 200, 9e-5, 2e-4, 1],
    ...{ lens: -0.02, widthPx: 4000, heightPx: 3000 },
  };
  const along = (a: number, b: number) =>
    Array.from({ length: 40 }, (_, i) => a + ((b - a) * (i + 0.5)) / 40);
  // the print came out at 97 %, a little to the right: what is asked of its own frame lies elsewhere on the paper
  const onPaper = (x: number, y: number) => ({ x: 4 + 0.97 * x, y: 3 + 0.97 * y });
  const edges = [
    { side: 'left' as const, points: along(5, 270).map((y) => seenAt(view, 0, y)) },
    { side: 'right' as const, points: along(5, 270).map((y) => seenAt(view, 215.9, y)) },
    { side: 'top' as const, points: along(5, 210).map((x) => seenAt(view, x, 0)) },
    { side: 'bottom' as const, points: along(5, 210).map((x) => seenAt(view, x, 279.4)) },
  ];
  const blocks = along(20, 190).flatMap((x) =>
    [30, 60, 90, 120, 150].map((y): Block => {
      const there = onPaper(x, y);
      const seen = seenAt(view, there.x, there.y);
      // as the view taken for the print's has it
      const at = placeAt(view, seen.x, seen.y);
      return { x, y, dx: at.x - x, dy: at.y - y, alike: 1, part: 0 };
    }),
  );
  const fit = sheetFit(view, blocks, edges, paper);
  expect(fit.across).toBeCloseTo(0.97, 3);
  expect(fit.along).toBeCloseTo(0.97, 3);
  // on one edge less the other way alone is known; on two, nothing
  expect(sheetFit(view, blocks, edges.slice(0, 3), paper)).toMatchObject({ along: null });
  expect(sheetFit(view, blocks, edges.slice(0, 2), paper).across).toBeNull();
});

/** Blots of many sizes, no two alike. */
function blots(seed: number): Raster {
  const random = randomOf(seed);
  const raster = whiteRaster(160, 120, 2);
  for (let n = 0; n < 150; n++) {
    const [x, y, r] = [random() * 320, random() * 240, 3 + 12 * random()];
    const grey = 200 * random();
    for (let v = Math.max(0, Math.floor(y - r)); v < Math.min(240, y + r); v++)
      for (let u = Math.max(0, Math.floor(x - r)); u < Math.min(320, x + r); u++)
        if (u - x < 0.7 * r && v - y > -0.4 * r && u - x - 0.8 * (v - y) > -0.5 * r)
          raster.data.fill(grey, (v * 320 + u) * 4, (v * 320 + u) * 4 + 3);
  }
  return raster;
}

test('a picture is known from its mirror image', () => {
  const raster = blots(4);
  const light = lightOf(raster, Infinity);
  const wanted = [wantedOf(light, 2, false), wantedOf(light, 2, true)] as const;
  const straight = readBy(photoCorners(light), [wanted]);
  expect(straight).toMatchObject({ which: 0, mirrored: false });
  const behind = readBy(photoCorners(flipped(light)), [wanted]);
  expect(behind).toMatchObject({ which: 0, mirrored: true });
  // another picture is neither
  const other = readBy(photoCorners(lightOf(blots(77), Infinity)), [wanted]);
  expect(other).toBeNull();
});

test('of many things the likeliest is told first, from behind too', () => {
  const [sheet] = planJob(jobOn('mug-12oz', artwork()), shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  const sketches = [1, 3, 5].map((seed) => ready(expectedSheet(sheet, blots(seed), false)));
  const firstOf = (photo: Raster, pointed?: Point[]) => {
    const [places] = [...placesAmong(photographed(photo), sketches, 2, pointed)];
    return places?.[0];
  };
  expect(firstOf(blots(3))).toMatchObject({ which: 1, mirrored: false });
  expect(firstOf(turnedOver(blots(5)))).toMatchObject({ which: 2, mirrored: true });
  // by four corners, pointed at from anywhere, where they were
  const corners = [
    { x: 320, y: 240 },
    { x: 0, y: 240 },
    { x: 0, y: 0 },
    { x: 320, y: 0 },
  ];
  expect(firstOf(blots(3), corners)).toMatchObject({ which: 1, mirrored: false });
});

test('between the corners of its paper a print is known that came out smaller', () => {
  const [sheet] = planJob(jobOn('mug-12oz', artwork()), shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  const things = [1, 3].map((seed) => ready(expectedSheet(sheet, blots(seed), false)));
  const meant = blots(3);
  // printed at 97 % from the corner that the printer begins at
  const printed = whiteRaster(160, 120, 2);
  for (let v = 0; v < 240; v++)
    for (let u = 0; u < 320; u++)
      sampleInto(
        meant,
        (u + 0.5) / 2 / 0.97,
        (v + 0.5) / 2 / 0.97,
        printed.data,
        (v * 320 + u) * 4,
      );
  const corners = [0, 1, 2, 3].map((n) => ({ x: n % 3 ? 320 : 0, y: n > 1 ? 240 : 0 }));
  const [place] = placesByCorners(lightOf(printed, Infinity), things, corners);
  expect(place).toMatchObject({ which: 1, mirrored: false });
  const seen = projected(place?.map ?? [1, 0, 0, 0, 1, 0, 0, 0, 1], 150, 110);
  expect(seen.x).toBeCloseTo(150 * 2 * 0.97, 1);
  expect(seen.y).toBeCloseTo(110 * 2 * 0.97, 1);
});

test('a photo is looked at where some places are likely, and shows none that is not borne out', () => {
  const [sheet] = planJob(jobOn('mug-12oz', artwork()), shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  const things = [1, 3].map((seed) => ready(expectedSheet(sheet, blots(seed), false)));
  const seen = photographed(blots(3));
  const [places = []] = [...placesAmong(seen, things, 2)];
  expect(lookThere(seen, things, places)).toMatchObject({ which: 1, mirrored: false });
  const elsewhere = places.map((place) => ({ ...place, which: 0 }));
  expect(lookThere(seen, things, elsewhere).which).toBeNull();
  expect(lookThere(seen, things, []).which).toBeNull();
});

test('the sheet that was asked for stands behind the others where the paper is asked', () => {
  const [sheet] = planJob(jobOn('mug-12oz', artwork()), shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  const [one, other, asked] = [1, 3, 5].map((seed) =>
    ready(expectedSheet(sheet, blots(seed), false)),
  );
  if (!one || !other || !asked) throw new Error('three were made');
  const { width, height } = blots(5);
  const corners = [0, 1, 2, 3].map((n) => ({ x: n % 3 ? width : 0, y: n > 1 ? height : 0 }));
  const shows = (seed: number) =>
    [...placesAmong(photographed(blots(seed)), [one, other], 2, corners, asked)][0]?.[0]?.which;
  expect([1, 3, 5].map(shows)).toEqual([0, 1, 2]);
});

test('a remedy undoes no more than it must: one tile printed again, one sheet lifted', () => {
  const box = { x: 0, y: 0, width: 1, height: 1 };
  expect(remedyFor({ code: 'step', between: ['A1', 'A2'], mm: 1, box })).toEqual({
    ...{ kind: 'lay-again', from: ['A2'] },
  });
  expect(remedyFor({ code: 'tile-size', tile: 'B1', scale: 0.97, box })).toEqual({
    ...{ kind: 'reprint', tile: 'B1' },
  });
  expect(remedyFor({ code: 'mirrored' })).toEqual({ kind: 'reprint', tile: null });
});

test('of few blocks less is known than of many that scatter as much', () => {
  const expected = laid();
  const all = blocksWith(expected, 'B2', 0, 0);
  const few = all.filter((_, i) => i % 4 === 0);
  const known = (blocks: readonly Block[]) =>
    seamLooks(expected, blocks).find(({ seam }) => seam.between.includes('B2'))?.knownMm ?? NaN;
  // a quarter of them by chance alone twice as far, and more since so few tell less of how they scatter
  expect(known(few) / known(all)).toBeGreaterThan(2.1);
});
