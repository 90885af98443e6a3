import { convertLrgbToOklab, convertRgbToLrgb } from 'culori/fn';
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

/** Each level of a channel, 0–255, as light (IEC 61966-2-1). */
const LIGHT = Float64Array.from(
  { length: 256 },
  (_, level) => convertRgbToLrgb({ r: level / 255, g: 0, b: 0 }).r,
);

/** OKLab of an sRGB pixel, whole levels 0–255 a channel: as far apart as colours look. */
function oklab(r: number, g: number, b: number): Lab {
  const of = convertLrgbToOklab({
    r: LIGHT[r] as number,
    g: LIGHT[g] as number,
    b: LIGHT[b] as number,
  });
  return [of.l, of.a, of.b];
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

/** Which of so many colours, three numbers each, is nearest to one in OKLab; of equals the first; 0 where there is none. */
function nearestOf(labs: Float64Array, count: number, lab: Lab): number {
  const lightness = lab[0];
  const red = lab[1];
  const yellow = lab[2];
  let nearest = 0;
  let least = Infinity;
  for (let i = 0; i < count; i++) {
    const l = (labs[3 * i] as number) - lightness;
    const a = (labs[3 * i + 1] as number) - red;
    const b = (labs[3 * i + 2] as number) - yellow;
    const far = l * l + a * a + b * b;
    if (far >= least) continue;
    least = far;
    nearest = i;
  }
  return nearest;
}

/** The areas of a picture by their colours, the largest first, and which of them each pixel belongs to, from 1; 0: nothing printed. */
function areasOf(raster: Raster) {
  const areas: Area[] = [];
  const labs = new Float64Array(3 * MOST_AREAS);
  const areaOf = new Uint8Array(1 << (3 * BITS));
  const { keys, tallies, of } = binsOf(raster, BITS);
  for (const key of keys) {
    const count = tallies[4 * key] as number;
    const r = tallies[4 * key + 1] as number;
    const g = tallies[4 * key + 2] as number;
    const b = tallies[4 * key + 3] as number;
    const lab = oklab(Math.round(r / count), Math.round(g / count), Math.round(b / count));
    const nearest = nearestOf(labs, areas.length, lab);
    const own = areas[nearest];
    if (own && (areas.length >= MOST_AREAS || apart(own.lab, lab) < SAME_WITHIN)) {
      areaOf[key] = nearest + 1;
      own.sum[0] += count;
      own.sum[1] += r;
      own.sum[2] += g;
      own.sum[3] += b;
    } else {
      labs.set(lab, 3 * areas.length);
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

/** So many labels a pixel may have, that of nothing printed among them. */
const LABELS = MOST_AREAS + 1;

interface Edge {
  readonly one: number;
  readonly other: number;
  count: number;
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** Counts where two areas meet, along rows or columns of pixels; edges by their two labels as one number. */
function countEdges(
  labels: Uint8Array,
  { width, height }: Pick<Raster, 'width' | 'height'>,
  edges: (Edge | undefined)[],
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
      const one = here < there ? here : there;
      const other = here < there ? there : here;
      const along = i + ACROSS_PX / 2;
      const x = by === 'row' ? along : line;
      const y = by === 'row' ? line : along;
      const edge = edges[one * LABELS + other];
      if (edge) {
        edge.count++;
        edge.left = Math.min(edge.left, x);
        edge.right = Math.max(edge.right, x);
        edge.top = Math.min(edge.top, y);
        edge.bottom = Math.max(edge.bottom, y);
      } else
        edges[one * LABELS + other] = {
          one,
          other,
          count: 1,
          left: x,
          right: x,
          top: y,
          bottom: y,
        };
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
  const met: (Edge | undefined)[] = Array.from({ length: LABELS * LABELS }, () => undefined);
  countEdges(labels, raster, met, 'row');
  countEdges(labels, raster, met, 'column');
  const edges = met.filter((edge) => edge !== undefined);
  const all = edges.reduce((sum, { count }) => sum + count, 0);
  const hasEdge = (edge: Edge) => {
    const one = areas[edge.one - 1];
    const other = areas[edge.other - 1];
    return !one || !other || apart(one.lab, other.lab) >= EDGE_FROM;
  };
  const colourOf = (label: number) => {
    const area = areas[label - 1];
    return area ? hex(area.sum) : null;
  };
  return edges
    .filter((edge) => edge.count >= LEAST_SHARE * all && hasEdge(edge))
    .sort((a, b) => b.count - a.count)
    .slice(0, MAX_NEIGHBOURS)
    .map(({ one, other, count, left, top, right, bottom }) => ({
      ...{ one: colourOf(one), other: colourOf(other), share: count / all },
      box: {
        ...{ x: left / width, y: top / height },
        ...{ width: (right - left) / width, height: (bottom - top) / height },
      },
    }));
}
