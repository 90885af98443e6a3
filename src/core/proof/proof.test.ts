import { jobOn, mugJob, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { compare, faultsOf, insideOf, layTogether, sampleInto, whiteRaster, type Raster } from '.';

/** A raster painted by a function of mm. */
function painted(
  widthMm: number,
  heightMm: number,
  pxPerMm: number,
  grey: (x: number, y: number) => number,
): Raster {
  const out = whiteRaster(widthMm, heightMm, pxPerMm);
  for (let row = 0, at = 0; row < out.height; row++)
    for (let column = 0; column < out.width; column++, at += 4)
      out.data.fill(grey((column + 0.5) / pxPerMm, (row + 0.5) / pxPerMm), at, at + 3);
  return out;
}

test('a place between pixels is mixed from its neighbours, and beyond the edge is paper', () => {
  const ramp = painted(10, 4, 1, (x) => x * 20);
  const out = new Uint8ClampedArray(4);
  sampleInto(ramp, 5, 2, out, 0);
  expect(out[0]).toBe(100);
  sampleInto(ramp, -3, 2, out, 0);
  expect([...out]).toEqual([255, 255, 255, 255]);
});

describe('comparing pictures', () => {
  const stripes = (shift: number) =>
    painted(60, 40, 2, (x) => (Math.floor((x + shift) / 6) % 2 ? 30 : 220));

  test('the same picture does not differ, nor one half a pixel off', () => {
    expect(compare(stripes(0), stripes(0)).share).toBe(0);
    expect(compare(stripes(0), stripes(0.25)).share).toBe(0);
  });

  test('a picture a few millimetres off does, and where is told', () => {
    const { share, where } = compare(stripes(0), stripes(3));
    expect(share).toBeGreaterThan(0.3);
    expect(where.reduce((sum, off) => sum + off, 0) / where.length).toBeCloseTo(share, 6);
  });

  test('only what is looked at counts; other sizes are refused', () => {
    const nothing = new Uint8Array(120 * 80);
    expect(compare(stripes(0), stripes(3), nothing).share).toBe(0);
    expect(() => compare(stripes(0), whiteRaster(10, 10, 2))).toThrow(RangeError);
  });
});

test('pages laid together cover the piece, each pixel from the sheet on top', () => {
  const job = jobOn('wall-panel');
  const plan = planJob({ ...job, bleedMm: 0 }, shelf);
  const [piece, tiling] = [plan.pieces[0], plan.tilings[0]];
  if (!piece || !tiling) throw new Error('not tiled');
  // every sheet printed in its own grey
  const prints = plan.sheets.map((sheet, i) => ({
    sheet,
    print: painted(sheet.widthMm, sheet.heightMm, 0.5, () => 10 * (i + 1)),
  }));
  const whole = layTogether(piece, 0, prints, 0, 0.5);
  const greyAt = (x: number, y: number) =>
    whole.data[(Math.floor(y * 0.5) * whole.width + Math.floor(x * 0.5)) * 4];
  tiling.tiles.forEach(({ shown }, i) => {
    expect(greyAt(shown.x + shown.width / 2, shown.y + shown.height / 2)).toBe(10 * (i + 1));
  });
});

test('inside a round piece is its disc: π / 4 of its box', () => {
  const plan = planJob(jobOn('round-coaster'), shelf);
  const [piece] = plan.pieces;
  if (!piece) throw new Error('no piece');
  const inside = insideOf(piece, whiteRaster(piece.widthMm, piece.heightMm, 2));
  const share = inside.reduce((sum, one) => sum + one, 0) / inside.length;
  expect(share).toBeCloseTo(Math.PI / 4, 2);
});

test('a blank sheet has no fault that could be measured', () => {
  const [sheet] = planJob(mugJob(), shelf).sheets;
  if (!sheet) throw new Error('no sheet');
  const white = whiteRaster(sheet.widthMm, sheet.heightMm, 2);
  expect(faultsOf(white, white)).toEqual([]);
});
