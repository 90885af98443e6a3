import { converter, modeOklab, modeRgb, useMode as addMode } from 'culori/fn';
import { MAX_NEIGHBOURS, type ArtFacts } from '../model';
import type { Raster } from './measure';

type Neighbours = ArtFacts['neighbours'];

/** Less opaque than this a pixel is nothing printed, 0–255. */
const INKED_ALPHA = 128;
/** Colours nearer than this in OKLab are one area (about as far as is seen at a glance: own choice). */
const SAME_WITHIN = 0.045;
/** Areas nearer than this are steps of a gradient, not neighbours with an edge (own choice). */
const EDGE_FROM = 0.06;
/** Areas told apart, at most. */
const MOST_AREAS = 32;
/** Blended pixels at an edge: areas are compared across so many, and must be at least two wide. */
const ACROSS_PX = 3;
/** Edges shorter than this share of all are specks. */
const LEAST_SHARE = 0.004;

addMode(modeRgb);
addMode(modeOklab);
const toOklab = converter('oklab');

/** OKLab of an sRGB pixel, 0–255 a channel: as far apart as colours look. */
function oklab(r: number, g: number, b: number): readonly [number, number, number] {
  const { l, a, b: yellow } = toOklab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
  return [l, a, yellow];
}

interface Area {
  readonly lab: readonly [number, number, number];
  readonly sum: [count: number, r: number, g: number, b: number];
}

/** How far two areas are apart in OKLab. */
function apart({ lab: one }: Pick<Area, 'lab'>, { lab: other }: Pick<Area, 'lab'>): number {
  const [l, a, b] = [one[0] - other[0], one[1] - other[1], one[2] - other[2]];
  return Math.sqrt(l * l + a * a + b * b);
}

const key = (r: number, g: number, b: number): number =>
  ((r >> 3) << 10) | ((g >> 3) << 5) | (b >> 3);

/** The areas of a picture by their colours, the largest first, and which of them each bin of colours belongs to. */
function areasOf({ data, width, height }: Raster) {
  const bins = new Map<number, [count: number, r: number, g: number, b: number]>();
  for (let i = 0; i < width * height * 4; i += 4) {
    if ((data[i + 3] ?? 0) < INKED_ALPHA) continue;
    const r = data[i] ?? 0;
    const g = data[i + 1] ?? 0;
    const b = data[i + 2] ?? 0;
    const bin = bins.get(key(r, g, b));
    if (bin) {
      bin[0]++;
      bin[1] += r;
      bin[2] += g;
      bin[3] += b;
    } else bins.set(key(r, g, b), [1, r, g, b]);
  }
  const areas: Area[] = [];
  const of = new Map<number, number>();
  for (const [at, sum] of [...bins].sort(([, a], [, b]) => b[0] - a[0])) {
    const [count, r, g, b] = sum;
    const mean = [r, g, b].map((v) => Math.round(v / count)) as [number, number, number];
    const lab = oklab(...mean);
    const far = (area: Area) => apart(area, { lab });
    let nearest = 0;
    for (let i = 1; i < areas.length; i++)
      if (far(areas[i] as Area) < far(areas[nearest] as Area)) nearest = i;
    const own = areas[nearest];
    if (own && (far(own) < SAME_WITHIN || areas.length >= MOST_AREAS)) {
      of.set(at, nearest);
      own.sum[0] += count;
      own.sum[1] += r;
      own.sum[2] += g;
      own.sum[3] += b;
    } else {
      of.set(at, areas.length);
      areas.push({ lab, sum: [count, r, g, b] });
    }
  }
  return { areas, of };
}

/** Which area every pixel belongs to, from 1; 0 where nothing is printed. */
function labelled({ data, width, height }: Raster, of: ReadonlyMap<number, number>): Uint8Array {
  const labels = new Uint8Array(width * height);
  for (let i = 0; i < labels.length; i++) {
    const at = 4 * i;
    if ((data[at + 3] ?? 0) < INKED_ALPHA) continue;
    labels[i] = 1 + (of.get(key(data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0)) ?? 0);
  }
  return labels;
}

interface Edge {
  count: number;
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** Counts where two areas meet, along rows or columns of pixels. */
function countEdges(
  labels: Uint8Array,
  { width, height }: Pick<Raster, 'width' | 'height'>,
  edges: Map<number, Edge>,
  by: 'row' | 'column',
): void {
  const step = by === 'row' ? 1 : width;
  const [lines, length] = by === 'row' ? [height, width] : [width, height];
  for (let line = 0; line < lines; line++) {
    const start = by === 'row' ? line * width : line;
    for (let i = 1; i + ACROSS_PX + 1 < length; i++) {
      const at = start + i * step;
      const here = labels[at] ?? 0;
      const there = labels[at + ACROSS_PX * step] ?? 0;
      if (here === there || here !== labels[at - step]) continue;
      if (there !== labels[at + (ACROSS_PX + 1) * step] || here === labels[at + step * 2]) continue;
      const pair = here < there ? here * 256 + there : there * 256 + here;
      const along = i + ACROSS_PX / 2;
      const [x, y] = by === 'row' ? [along, line] : [line, along];
      const edge = edges.get(pair);
      if (edge) {
        edge.count++;
        edge.left = Math.min(edge.left, x);
        edge.right = Math.max(edge.right, x);
        edge.top = Math.min(edge.top, y);
        edge.bottom = Math.max(edge.bottom, y);
      } else edges.set(pair, { count: 1, left: x, right: x, top: y, bottom: y });
    }
  }
}

const hex = ([count, ...rgb]: Area['sum']): string =>
  `#${rgb
    .map((v) =>
      Math.round(v / Math.max(1, count))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/**
 * Which areas of a picture lie side by side: pixels are sorted into areas of like colour, and where two of them meet
 * is counted across the blended pixels of an edge.
 * @param raster upright pixels, some hundred a side.
 */
export function neighboursOf(raster: Raster): Neighbours {
  const { width, height } = raster;
  const { areas, of } = areasOf(raster);
  const labels = labelled(raster, of);
  const edges = new Map<number, Edge>();
  countEdges(labels, raster, edges, 'row');
  countEdges(labels, raster, edges, 'column');
  const all = [...edges.values()].reduce((sum, { count }) => sum + count, 0);
  const hasEdge = (pair: number) => {
    const one = areas[(pair >> 8) - 1];
    const other = areas[(pair & 255) - 1];
    return !one || !other || apart(one, other) >= EDGE_FROM;
  };
  const colourOf = (label: number) => {
    const area = areas[label - 1];
    return area ? hex(area.sum) : null;
  };
  return [...edges]
    .filter(([pair, { count }]) => count >= LEAST_SHARE * all && hasEdge(pair))
    .sort(([, a], [, b]) => b.count - a.count)
    .slice(0, MAX_NEIGHBOURS)
    .map(([pair, { count, left, top, right, bottom }]) => ({
      ...{ one: colourOf(pair >> 8), other: colourOf(pair & 255), share: count / all },
      box: {
        ...{ x: left / width, y: top / height },
        ...{ width: (right - left) / width, height: (bottom - top) / height },
      },
    }));
}
