import sharp from 'sharp';
import { regionArea, withoutHoles, type Region } from '@/core/geometry';
import { traceSilhouette } from './silhouette';

/** A picture drawn by sharp's own SVG renderer, with its pixels. */
async function drawn(svg: string, size = 400) {
  const { data, info } = await sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" height="${size}" viewBox="0 0 100 100">${svg}</svg>`,
    ),
  )
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}

/** Share of pixels at least half opaque, counted by sharp. */
async function countedBySharp({ data, width, height }: Awaited<ReturnType<typeof drawn>>) {
  const counted = await sharp(data, { raw: { width, height, channels: 4 } })
    .extractChannel('alpha')
    .threshold(128)
    .raw()
    .toBuffer();
  return counted.reduce((sum, value) => sum + value, 0) / 255 / counted.length;
}

const regionOf = (rings: ReturnType<typeof traceSilhouette>): Region =>
  rings.map((ring) => ring.map(([x, y]) => ({ x: x * 1000, y: y * 1000 })));

test.each([
  ['a disc', '<circle cx="50" cy="50" r="35"/>', 1],
  ['a ring', '<circle cx="50" cy="50" r="25" fill="none" stroke="#000" stroke-width="12"/>', 2],
  [
    'two leaves',
    '<ellipse cx="25" cy="50" rx="15" ry="30"/><ellipse cx="72" cy="50" rx="20" ry="9"/>',
    2,
  ],
  [
    'a star to the edges',
    '<path d="M50 0L62 38 100 38 69 61 81 100 50 76 19 100 31 61 0 38 38 38Z"/>',
    1,
  ],
])(
  '%s: the traced area is what sharp counts, to a fifth of a percent',
  async (_what, svg, rings) => {
    const picture = await drawn(svg);
    const traced = traceSilhouette(picture);
    expect(traced).toHaveLength(rings);
    const area = regionArea(regionOf(traced)) / 1e6;
    const counted = await countedBySharp(picture);
    expect(Math.abs(area - counted) / counted).toBeLessThan(0.002 * (rings + 1));
  },
);

test('a hole is a ring of its own inside the outer one', async () => {
  const picture = await drawn('<path fill-rule="evenodd" d="M10 10H90V90H10Z M40 40H60V60H40Z"/>');
  const region = regionOf(traceSilhouette(picture));
  expect(regionArea(region) / 1e6).toBeCloseTo(0.64 - 0.04, 2);
  expect(regionArea(withoutHoles(region)) / 1e6).toBeCloseTo(0.64, 2);
});

test('dust is left out, and noise stays within what a job may hold', async () => {
  const size = 300;
  const data = new Uint8Array(size * size * 4);
  for (let i = 0; i < size * size; i++) data[i * 4 + 3] = (i * 2654435761) % 97 < 48 ? 255 : 0;
  const rings = traceSilhouette({ width: size, height: size, data });
  expect(rings.length).toBeLessThanOrEqual(80);
  const dust = await drawn('<circle cx="50" cy="50" r="30"/><circle cx="5" cy="5" r="0.2"/>');
  expect(traceSilhouette(dust)).toHaveLength(1);
});
