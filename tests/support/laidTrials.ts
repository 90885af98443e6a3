import sharp from 'sharp';
import type { Box } from '@/core/geometry';
import {
  lookAt,
  photographed,
  placeAt,
  type Expected,
  type Look,
  type LookFinding,
  type Ready,
} from '@/core/look';
import { randomOf } from '@/core/random';
import { photographTable, tableSeen, type Shot } from '@/devices';
import type { Faulty } from './laidFaults';
import type { Printed } from './laidScenes';

const { floor, hypot } = Math;

/** A photo as a crafter takes one: by hand, in a room, of 12 million pixels unless it is told. */
export function handShot(seed: number, frame: Box, widthPx = 4000): Shot {
  const random = randomOf(seed * 31 + 5);
  const between = (from: number, to: number) => from + (to - from) * random();
  const margin = between(4, 22);
  const long = frame.height > frame.width;
  const across = random() < 0.85;
  return {
    ...{ widthPx, heightPx: 0.75 * widthPx },
    frame: {
      x: frame.x - margin,
      y: frame.y - margin,
      width: frame.width + 2 * margin,
      height: frame.height + 2 * margin,
    },
    tiltDeg: between(0, 30),
    tiltTowardsDeg: between(0, 360),
    turnDeg: between(-8, 8) + (long === across ? 90 : 0) + (random() < 0.3 ? 180 : 0),
    lens: between(-0.05, 0.03),
    lightFall: between(0, 0.35),
    shadow: random() < 0.4 ? between(0.1, 0.4) : 0,
    cast: [between(0.8, 1), between(0.85, 1), between(0.7, 1)],
    exposure: between(0.65, 0.95),
    blurPx: between(0.5, 1.3),
    noise: between(1, 4),
    seed,
  };
}

/** A photo through JPEG and back, as a phone keeps it. */
async function throughJpeg(
  { width, height, data }: { width: number; height: number; data: Uint8ClampedArray },
  quality: number,
) {
  const jpeg = await sharp(data, { raw: { width, height, channels: 4 } })
    .jpeg({ quality })
    .toBuffer();
  const pixels = await sharp(jpeg).ensureAlpha().raw().toBuffer();
  return {
    width,
    height,
    data: new Uint8ClampedArray(pixels.buffer, pixels.byteOffset, pixels.length),
  };
}

/** What one try came to. */
export interface Tried {
  readonly look: Look;
  readonly right: boolean;
  /** Middle and 95th percentile of how far places were off, mm; NaN where it was not found. */
  readonly offMm: readonly [number, number];
  readonly found: boolean;
  /** What is told of places and tiles that the fault has nothing to do with. */
  readonly beside: readonly LookFinding[];
  readonly ms: number;
  readonly photo: { width: number; height: number; data: Uint8ClampedArray };
}

/** Takes a photo of a scene and looks at it. */
export async function tried(
  printed: Printed,
  things: readonly Ready[],
  { scene, which, is, touches }: Faulty,
  seed: number,
  taps: boolean,
  widthPx = 4000,
): Promise<Tried> {
  const { picture } = printed.expected[which] as Expected;
  const frame = {
    x: 0,
    y: 0,
    width: picture.width / picture.pxPerMm,
    height: picture.height / picture.pxPerMm,
  };
  const shot = handShot(seed, frame, widthPx);
  const photo = await throughJpeg(photographTable(scene, shot), 78 + (seed % 15));
  const random = randomOf(seed);
  const seen = tableSeen(shot);
  const corners = taps
    ? [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ]
        .map(([u = 0, v = 0]) => pixelOf(seen, shot, u * frame.width, v * frame.height))
        .map(({ x, y }) => ({ x: x + 24 * (random() - 0.5), y: y + 24 * (random() - 0.5) }))
    : [];
  const turn = floor(random() * 4);
  const turned = corners.map((_, i) => corners[(i + turn) % 4] ?? { x: 0, y: 0 });
  const began = performance.now();
  const look = lookAt(photographed(photo), things, turned);
  const ms = performance.now() - began;
  return {
    look,
    ms,
    photo,
    right: look.which === which,
    found: look.findings.some(is),
    beside: look.findings.filter((each) => !is(each) && !touches(each)),
    offMm: offOf(look, seen, shot, frame),
  };
}

/** The pixel that shows a place of the table, by looking for it. */
function pixelOf(seen: ReturnType<typeof tableSeen>, shot: Shot, x: number, y: number) {
  let [px, py] = [shot.widthPx / 2, shot.heightPx / 2];
  const [at, right, down] = [
    { x: 0, y: 0 },
    { x: 0, y: 0 },
    { x: 0, y: 0 },
  ];
  for (let i = 0; i < 20; i++) {
    seen(px, py, at);
    seen(px + 1, py, right);
    seen(px, py + 1, down);
    const [a, b, c, d] = [right.x - at.x, down.x - at.x, right.y - at.y, down.y - at.y];
    const det = a * d - b * c;
    const [ex, ey] = [x - at.x, y - at.y];
    px += (d * ex - b * ey) / det;
    py += (a * ey - c * ex) / det;
  }
  return { x: px, y: py };
}

function offOf(
  { view, mirrored }: Look,
  seen: ReturnType<typeof tableSeen>,
  shot: Shot,
  frame: Box,
): readonly [number, number] {
  if (!view) return [NaN, NaN];
  const truth = { x: 0, y: 0 };
  const off: number[] = [];
  for (let v = 0.04; v < 1; v += 0.115)
    for (let u = 0.04; u < 1; u += 0.115) {
      const px = pixelOf(seen, shot, u * frame.width, v * frame.height);
      seen(px.x, px.y, truth);
      const place = placeAt(view, px.x, px.y);
      off.push(hypot((mirrored ? frame.width - place.x : place.x) - truth.x, place.y - truth.y));
    }
  off.sort((a, b) => a - b);
  return [off[floor(off.length / 2)] ?? NaN, off[floor(off.length * 0.95)] ?? NaN];
}
