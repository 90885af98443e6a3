import { toLinear } from '@/core/colour';

/** The steps of the tone curve. */
const STEPS = 1024;
const HEADER = 128;

/** Primaries and white of sRGB as a profile keeps them: adapted to D50, XYZ (ICC's own figures for sRGB, from memory). */
const XYZ = {
  wtpt: [0.9642, 1, 0.8249],
  rXYZ: [0.43607, 0.22249, 0.01392],
  gXYZ: [0.38515, 0.71687, 0.09708],
  bXYZ: [0.14307, 0.06061, 0.7141],
} as const;

const FIXED = 65_536;

/** Bytes written one after another, big-endian. */
class Writer {
  readonly bytes: number[] = [];
  text(words: string): this {
    this.bytes.push(...[...words].map((c) => c.charCodeAt(0)));
    return this;
  }
  u16(v: number): this {
    this.bytes.push((v >> 8) & 255, v & 255);
    return this;
  }
  u32(v: number): this {
    return this.u16(Math.floor(v / 65_536)).u16(v % 65_536);
  }
  fixed(v: number): this {
    return this.u32(Math.round(v * FIXED));
  }
  zeros(count: number): this {
    for (let i = 0; i < count; i++) this.bytes.push(0);
    return this;
  }
}

/** A name in the old form of version 2: ASCII, then none in other scripts (ICC.1:2001 §6.5.17). */
const described = (words: string): Writer =>
  new Writer()
    .text('desc')
    .zeros(4)
    .u32(words.length + 1)
    .text(`${words}\0`)
    .zeros(4 + 4 + 2 + 1 + 67);

const written = (words: string): Writer => new Writer().text('text').zeros(4).text(`${words}\0`);

const point = ([x, y, z]: readonly [number, number, number]): Writer =>
  new Writer().text('XYZ ').zeros(4).fixed(x).fixed(y).fixed(z);

function curve(): Writer {
  const out = new Writer().text('curv').zeros(4).u32(STEPS);
  for (let i = 0; i < STEPS; i++) out.u16(Math.round(65_535 * toLinear(i / (STEPS - 1))));
  return out;
}

/** sRGB (IEC 61966-2-1) as a profile of matrix and curve, version 2 of ICC.1. */
export function srgbProfile(): Uint8Array {
  const tone = curve();
  const tags: readonly (readonly [string, Writer])[] = [
    ['desc', described('sRGB')],
    ['cprt', written('No copyright')],
    ...Object.entries(XYZ).map(([name, xyz]) => [name, point(xyz)] as const),
    ...['rTRC', 'gTRC', 'bTRC'].map((name) => [name, tone] as const),
  ];
  const table = new Writer().u32(tags.length);
  const data = new Writer();
  const start = HEADER + 4 + 12 * tags.length;
  const places = new Map<Writer, number>();
  for (const [name, tag] of tags) {
    if (!places.has(tag)) {
      places.set(tag, start + data.bytes.length);
      data.bytes.push(...tag.bytes);
      data.zeros((4 - (data.bytes.length % 4)) % 4);
    }
    table
      .text(name)
      .u32(places.get(tag) ?? 0)
      .u32(tag.bytes.length);
  }
  const header = new Writer()
    .u32(start + data.bytes.length)
    .zeros(4)
    .u32(0x02400000)
    .text('mntrRGB XYZ ')
    // made on a day of no meaning, so that the same sheet is the same file
    .u16(2026)
    .u16(1)
    .u16(1)
    .zeros(6)
    .text('acsp')
    .zeros(28)
    .fixed(0.9642)
    .fixed(1)
    .fixed(0.8249)
    .zeros(HEADER - 80);
  return Uint8Array.from([...header.bytes, ...table.bytes, ...data.bytes]);
}
