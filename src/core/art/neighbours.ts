import { converter, modeOklab, modeRgb, useMode as addMode } from 'culori/fn';
import { MAX_NEIGHBOURS, type ArtFacts } from '../model';
import { binsOf, INKED_ALPHA, type Raster } from './bins';

type Neighbours = ArtFacts['neighbours'];

/** Colours are sorted by so many upper bits of each channel. */
const BITS = 5;
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

type Lab = readonly [l: number, a: number, b: number];

interface Area {
  readonly lab: Lab;
  readonly sum: [count: number, r: number, g: number, b: number];
}

/** How far two colours are apart in OKLab. */
function apart(one: Lab, other: Lab): number {
  const l = one[0] - other[0];
  const a = one[1] - other[1];
  const b = one[2] - other[2];
  return Math.sqrt(l * l + a * a + b * b);
}

/** The areas of a picture by their colours, the largest first, and which of them each pixel belongs to, from 1; 0: nothing printed. */
function areasOf(raster: Raster) {
  const areas: Area[] = [];
  const areaOf = new Uint8Array(1 << (3 * BITS));
  const { keys, counts, sums, of } = binsOf(raster, BITS);
  for (const key of keys) {
    const count = counts[key] as number;
    const r = sums[3 * key] as number;
    const g = sums[3 * key + 1] as number;
    const b = sums[3 * key + 2] as number;
    const lab = oklab(Math.round(r / count), Math.round(g / count), Math.round(b / count));
    let nearest = 0;
    let least = Infinity;
    for (let i = 0; i < areas.length; i++) {
      const far = apart((areas[i] as Area).lab, lab);
      if (far >= least) continue;
      least = far;
      nearest = i;
    }
    const own = areas[nearest];
    if (own && (least < SAME_WITHIN || areas.length >= MOST_AREAS)) {
      areaOf[key] = nearest + 1;
      own.sum[0] += count;
      own.sum[1] += r;
      own.sum[2] += g;
      own.sum[3] += b;
    } else {
      areas.push({ lab, sum: [count, r, g, b] });
      areaOf[key] = areas.length;
    }
  }
  const labels = new Uint8Array(of.length);
  for (let i = 0; i < labels.length; i++)
    if ((raster.data[4 * i + 3] as number) >= INKED_ALPHA)
      labels[i] = areaOf[of[i] as number] as number;
  return { areas, labels };
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
  const lines = by === 'row' ? height : width;
  const length = by === 'row' ? width : height;
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
      const x = by === 'row' ? along : line;
      const y = by === 'row' ? line : along;
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
  const { areas, labels } = areasOf(raster);
  const edges = new Map<number, Edge>();
  countEdges(labels, raster, edges, 'row');
  countEdges(labels, raster, edges, 'column');
  const all = [...edges.values()].reduce((sum, { count }) => sum + count, 0);
  const hasEdge = (pair: number) => {
    const one = areas[(pair >> 8) - 1];
    const other = areas[(pair & 255) - 1];
    return !one || !other || apart(one.lab, other.lab) >= EDGE_FROM;
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
