/**
 * What is measured of a picture, and how it is prepared, against sharp (libvips), a general-purpose
 * image library: its thresholds, blends, trimming and affine maps on the same pixels.
 */
import fc from 'fast-check';
import sharp, { type Sharp } from 'sharp';
import {
  borderColour,
  dropBackground,
  measureRaster,
  straighten,
  type Corners,
  type Raster,
} from '@/core/art';

/** Looked up once: global names are slow inside the test runner's sandbox. */
const { abs, cos, hypot, max, min, sin } = Math;

const rawOf = ({ width, height, data }: Raster) =>
  sharp(Buffer.from(data), { raw: { width, height, channels: 4 } });

async function rasterOf(image: Sharp): Promise<Raster> {
  const { data, info } = await image.ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data) };
}

/** A drawing of a few shapes with clear parts, soft edges and white, made by libvips from SVG. */
async function drawing(seed: readonly number[], width = 90, height = 60): Promise<Raster> {
  const shapes = seed.map((n, i) => {
    const [x, y, r] = [n % width, (n * 7) % height, 6 + (n % 17)];
    const fill = i % 3 === 0 ? '#ffffff' : `hsl(${(n * 13) % 360} 80% ${25 + (n % 50)}%)`;
    return i % 2 === 0
      ? `<circle cx="${x}" cy="${y}" r="${r}" fill="${fill}"/>`
      : `<rect x="${x}" y="${y}" width="${2 * r}" height="${r}" fill="${fill}"/>`;
  });
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${shapes.join('')}</svg>`;
  return rasterOf(sharp(Buffer.from(svg)));
}
const seeds = fc.array(fc.integer({ min: 0, max: 9999 }), { minLength: 3, maxLength: 9 });

/** Mean of the channels of a picture, 0–1. */
async function meanOf(image: Sharp): Promise<number> {
  const { data, info } = await image.raw().toBuffer({ resolveWithObject: true });
  const { channels } = await sharp(data, {
    raw: { width: info.width, height: info.height, channels: info.channels },
  }).stats();
  return channels.reduce((sum, { mean }) => sum + mean, 0) / channels.length / 255;
}

/** One picture laid over another, their difference, as seen on white paper. */
async function differenceOf(one: Sharp, other: Sharp): Promise<number> {
  const flat = (image: Sharp) => image.flatten({ background: '#fff' }).png().toBuffer();
  const input = await flat(other);
  const both = await sharp(await flat(one))
    .composite([{ input, blend: 'difference' }])
    .removeAlpha()
    .png()
    .toBuffer();
  return meanOf(sharp(both));
}

describe('what a picture holds', () => {
  test('its white share is what libvips’ thresholds leave', async () => {
    await fc.assert(
      fc.asyncProperty(seeds, async (seed) => {
        const raster = await drawing(seed);
        const white = await rawOf(raster).removeAlpha().threshold(248, { grayscale: false }).raw();
        const all = await sharp(await white.toBuffer(), {
          raw: { width: raster.width, height: raster.height, channels: 3 },
        })
          .bandbool('and')
          .png()
          .toBuffer();
        const inked = await rawOf(raster).extractChannel(3).threshold(128).png().toBuffer();
        const both = sharp(all).boolean(inked, 'and').toColourspace('b-w');
        expect(measureRaster(raster).whiteShare).toBeCloseTo(await meanOf(both), 6);
      }),
      { numRuns: 12, seed: 4 },
    );
  });

  test('how it meets itself, turned and edge to edge, is libvips’ difference blend', async () => {
    await fc.assert(
      fc.asyncProperty(seeds, async (seed) => {
        const raster = await drawing(seed);
        const { width, height } = raster;
        const facts = measureRaster(raster);
        const column = (left: number) => rawOf(raster).extract({ left, top: 0, width: 1, height });
        // libvips rounds what lies on white to whole levels: at most half of one on either side
        const near = 1 / 255;
        const turned = await differenceOf(rawOf(raster), rawOf(raster).rotate(180));
        expect(abs(facts.turnedMismatch - turned)).toBeLessThan(near);
        const edges = await differenceOf(column(0), column(width - 1));
        expect(abs(facts.edgeMismatch - edges)).toBeLessThan(near);
      }),
      { numRuns: 12, seed: 5 },
    );
  });

  test('its first colour is near libvips’ dominant one', async () => {
    await fc.assert(
      fc.asyncProperty(seeds, async (seed) => {
        const { width, height, data } = await drawing(seed);
        const opaque = new Uint8ClampedArray(data);
        for (let i = 3; i < opaque.length; i += 4) opaque[i] = 255;
        const raster = { width, height, data: opaque };
        const { dominant } = await rawOf(raster).removeAlpha().stats();
        const [first] = measureRaster(raster).palette;
        const hex = first?.colour ?? '';
        const [r, g, b] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
        const off = hypot((r ?? 0) - dominant.r, (g ?? 0) - dominant.g, (b ?? 0) - dominant.b);
        // both count in bins of 16 levels; libvips tells the middle of its bin
        expect(off).toBeLessThan(hypot(8, 8, 8) + 0.5);
      }),
      { numRuns: 12, seed: 6 },
    );
  });
});

test('dropping a flat background leaves the box libvips trims to', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.record({
        x: fc.integer({ min: 3, max: 40 }),
        y: fc.integer({ min: 3, max: 30 }),
        w: fc.integer({ min: 8, max: 40 }),
        h: fc.integer({ min: 8, max: 25 }),
      }),
      async ({ x, y, w, h }) => {
        const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="96" height="64"><rect width="96" height="64" fill="#e8dcc0"/><rect x="${x}" y="${y}" width="${w}" height="${h}" fill="#203a78"/><rect x="${x + 3}" y="${y + 3}" width="2" height="2" fill="#e8dcc0"/></svg>`;
        const raster = await rasterOf(sharp(Buffer.from(svg)));
        const { info } = await sharp(Buffer.from(svg))
          .trim({ threshold: 20 })
          .toBuffer({ resolveWithObject: true });
        const background = borderColour(raster);
        expect(background.map(Math.round)).toEqual([0xe8, 0xdc, 0xc0]);
        dropBackground(raster, background, 0.05);
        const box = { left: 96, top: 64, right: 0, bottom: 0 };
        let kept = 0;
        for (let py = 0; py < 64; py++)
          for (let px = 0; px < 96; px++) {
            if ((raster.data[(py * 96 + px) * 4 + 3] ?? 0) === 0) continue;
            kept += 1;
            box.left = min(box.left, px);
            box.top = min(box.top, py);
            box.right = max(box.right, px + 1);
            box.bottom = max(box.bottom, py + 1);
          }
        expect({
          left: box.left,
          top: box.top,
          width: box.right - box.left,
          height: box.bottom - box.top,
        }).toEqual({
          left: -(info.trimOffsetLeft ?? 0),
          top: -(info.trimOffsetTop ?? 0),
          width: info.width,
          height: info.height,
        });
        // what it encloses stays, though it has the background's colour
        expect(kept).toBe(info.width * info.height);
      },
    ),
    { numRuns: 20, seed: 7 },
  );
});

test('a sheet that libvips turned and sheared is straightened back', async () => {
  const [width, height] = [120, 80];
  const source = await drawing([311, 4242, 977, 5150, 68, 2003], width, height);
  const paper = await rasterOf(rawOf(source).flatten({ background: '#fff' }).blur(1.5));
  await fc.assert(
    fc.asyncProperty(
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      fc.double({ min: -0.25, max: 0.25, noNaN: true }),
      fc.double({ min: 1.2, max: 2, noNaN: true }),
      async (turn, shear, scale) => {
        const [a, b, c, d] = [
          scale * cos(turn),
          scale * (shear * cos(turn) - sin(turn)),
          scale * sin(turn),
          scale * (shear * sin(turn) + cos(turn)),
        ];
        const photo = await rasterOf(
          rawOf(paper).affine([a, b, c, d], { interpolator: 'bicubic', background: '#888' }),
        );
        // where the corners went: libvips shifts what it maps into view
        const corners = [
          [0, 0],
          [width, 0],
          [width, height],
          [0, height],
        ].map(([x = 0, y = 0]) => ({ x: a * x + b * y, y: c * x + d * y }));
        const dx = -min(...corners.map(({ x }) => x));
        const dy = -min(...corners.map(({ y }) => y));
        const seen = corners.map(({ x, y }) => ({ x: x + dx, y: y + dy }));
        const straight = straighten(photo, seen as unknown as Corners);
        const back = await rasterOf(rawOf(straight).resize(width, height, { fit: 'fill' }));
        let [sum, count] = [0, 0];
        for (let y = 4; y < height - 4; y++)
          for (let x = 4; x < width - 4; x++)
            for (let at = (y * width + x) * 4, k = 0; k < 3; k++, count++)
              sum += abs((back.data[at + k] ?? 0) - (paper.data[at + k] ?? 0));
        expect(sum / count).toBeLessThan(2);
      },
    ),
    { numRuns: 12, seed: 8 },
  );
});
