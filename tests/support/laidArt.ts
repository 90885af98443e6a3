import sharp from 'sharp';
import { randomOf } from '@/core/random';

const { floor, round, sin, cos, PI } = Math;

/** Kinds of art a look is tried on. */
export const ART_KINDS = ['wrap', 'chart', 'faint', 'badge', 'photo', 'repeat'] as const;
export type ArtKind = (typeof ART_KINDS)[number];

const WORDS = [
  'Hollow',
  'Ridge',
  'Star',
  'Party',
  'Comet',
  'Horizon',
  'Moon',
  'North',
  'Field',
  'Night',
];

/** Art of one kind as SVG or pixels, a PNG of so many pixels; another seed is another picture. */
export async function artPng(
  kind: ArtKind,
  seed: number,
  width: number,
  height: number,
): Promise<Buffer> {
  const random = randomOf(seed * 7919 + kind.length);
  if (kind === 'photo') return photograph(random, width, height);
  const svg = { wrap, chart, faint, badge, repeat }[kind](random, width, height);
  return sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}">${svg}</svg>`,
    ),
    { unlimited: true },
  )
    .flatten({ background: '#ffffff' })
    .png({ compressionLevel: 2 })
    .toBuffer();
}

type Paint = (random: () => number, w: number, h: number) => string;

const word = (random: () => number): string => WORDS[floor(random() * WORDS.length)] ?? '';
const hue = (random: () => number, s: number, l: number): string =>
  `hsl(${floor(random() * 360)} ${s}% ${l}%)`;

const star = (x: number, y: number, r: number, fill: string, turn: number): string => {
  const points = Array.from({ length: 10 }, (_, i) => {
    const [a, reach] = [turn + (i * PI) / 5, i % 2 ? r * 0.42 : r];
    return `${(x + reach * sin(a)).toFixed(1)},${(y - reach * cos(a)).toFixed(1)}`;
  });
  return `<polygon points="${points.join(' ')}" fill="${fill}"/>`;
};

const wrap: Paint = (random, w, h) => {
  const sky = `<defs><linearGradient id="g" x2="1" y2="1"><stop offset="0" stop-color="${hue(random, 60, 22)}"/><stop offset="1" stop-color="${hue(random, 55, 50)}"/></linearGradient></defs><rect width="${w}" height="${h}" fill="url(#g)"/>`;
  const stars = Array.from({ length: 90 }, () =>
    star(
      random() * w,
      random() * h,
      h * (0.008 + 0.03 * random() ** 3),
      random() < 0.7 ? '#fffbe8' : hue(random, 70, 70),
      random(),
    ),
  );
  const hills = `<path d="M0 ${h} ${Array.from({ length: 24 }, (_, i) => `L${(w * i) / 23} ${h * (0.75 + 0.15 * random())}`).join(' ')} L${w} ${h}Z" fill="${hue(random, 40, 15)}"/>`;
  return `${sky}${stars.join('')}${hills}<text x="${w * 0.3}" y="${h * 0.55}" font-family="sans-serif" font-weight="bold" font-size="${h * 0.16}" fill="#fff">${word(random)} ${word(random)}</text>`;
};

const chart: Paint = (random, w, h) => {
  const r = w / 2;
  const rings = [0.2, 0.4, 0.6, 0.8, 0.97].map(
    (k) =>
      `<circle cx="${r}" cy="${h / 2}" r="${r * k}" fill="none" stroke="#5b74b8" stroke-width="${w * 0.0012}"/>`,
  );
  const stars = Array.from({ length: 1500 }, () => {
    const size = w * (0.0007 + 0.0045 * random() ** 6);
    return `<circle cx="${(random() * w).toFixed(1)}" cy="${(random() * h).toFixed(1)}" r="${size.toFixed(1)}" fill="${random() < 0.8 ? '#fff7df' : '#bcd0ff'}"/>`;
  });
  const figures = Array.from({ length: 40 }, () => {
    let [x, y] = [random() * w, random() * h];
    const points = Array.from({ length: 6 }, () => {
      x += (random() - 0.5) * w * 0.14;
      y += (random() - 0.5) * w * 0.14;
      return `${x.toFixed(0)},${y.toFixed(0)}`;
    });
    return `<polyline points="${points.join(' ')}" fill="none" stroke="#8fa8e8" stroke-width="${w * 0.0014}"/><text x="${x}" y="${y}" fill="#e8c878" font-family="sans-serif" font-size="${w * 0.014}">${word(random)}</text>`;
  });
  const way = Array.from(
    { length: 60 },
    (_, i) =>
      `<circle cx="${w * (i / 60 + 0.06 * random())}" cy="${h * (0.15 + 0.7 * (i / 60) + 0.08 * random())}" r="${w * (0.03 + 0.05 * random())}" fill="#3a4a86" opacity="0.25"/>`,
  );
  return `<rect width="${w}" height="${h}" fill="#141d40"/>${way.join('')}${rings.join('')}${stars.join('')}${figures.join('')}<text x="${w * 0.08}" y="${h * 0.06}" fill="#f0d890" font-family="serif" font-size="${w * 0.045}">${word(random)} ${word(random)} sky</text>`;
};

/** A chart of little but night: a few fine lines, some stars, one line of words; whole sheets of it are nearly empty. */
const faint: Paint = (random, w, h) => {
  const [x, y, r] = [w / 2, h * 0.46, w * 0.44];
  const line = (stroke: string, wide: number) =>
    `fill="none" stroke="${stroke}" stroke-width="${w * wide}"`;
  const rings = [0.25, 0.5, 0.75, 1].map(
    (k) => `<circle cx="${x}" cy="${y}" r="${r * k}" ${line('#565f85', 0.0009)}/>`,
  );
  const at = () => {
    const [turn, out] = [2 * PI * random(), r * Math.sqrt(random())];
    return `${(x + out * cos(turn)).toFixed(1)},${(y + out * sin(turn)).toFixed(1)}`;
  };
  const figures = Array.from(
    { length: 14 },
    () => `<polyline points="${at()} ${at()}" ${line('#b08a68', 0.002)}/>`,
  );
  const stars = Array.from({ length: 220 }, () => {
    const [cx, cy] = at().split(',');
    return `<circle cx="${cx}" cy="${cy}" r="${(w * (0.001 + 0.004 * random() ** 4)).toFixed(1)}" fill="#fff4de"/>`;
  });
  return `<rect width="${w}" height="${h}" fill="#0f1a3d"/>${rings.join('')}${figures.join('')}${stars.join('')}<text x="${x}" y="${h * 0.87}" text-anchor="middle" fill="#fff4de" font-family="sans-serif" font-weight="bold" font-size="${w * 0.06}">${word(random)} ${word(random)} sky</text>`;
};

const badge: Paint = (random, w, h) => {
  const [c, r] = [w / 2, w * 0.47];
  const tint = hue(random, 55, 35);
  const rays = Array.from({ length: 9 + floor(random() * 6) }, () =>
    star(
      c + (random() - 0.5) * r * 1.1,
      h * (0.25 + 0.35 * random()),
      r * (0.04 + 0.1 * random()),
      hue(random, 70, 70),
      random(),
    ),
  );
  return `<circle cx="${c}" cy="${h / 2}" r="${r}" fill="${tint}"/><circle cx="${c}" cy="${h / 2}" r="${r * 0.88}" fill="none" stroke="#fff6dc" stroke-width="${r * 0.03}"/>${rays.join('')}<path d="M${c - r * 0.7} ${h * 0.62} L${c - r * 0.2} ${h * (0.45 + 0.1 * random())} L${c + r * 0.2} ${h * 0.6} L${c + r * 0.7} ${h * (0.5 + 0.1 * random())} L${c + r * 0.6} ${h * 0.68} L${c - r * 0.6} ${h * 0.68}Z" fill="${hue(random, 40, 20)}"/><text x="${c}" y="${h * 0.78}" text-anchor="middle" font-family="sans-serif" font-weight="bold" font-size="${r * 0.2}" fill="#fff6dc">${word(random)} ${floor(random() * 90)}</text>`;
};

const repeat: Paint = (random, w, h) => {
  const cell = w / 9;
  const [one, two] = [hue(random, 50, 30), hue(random, 60, 62)];
  const cells = Array.from({ length: 9 * Math.ceil(h / cell) }, (_, i) => {
    const [x, y] = [((i % 9) + 0.5) * cell, (floor(i / 9) + 0.5) * cell];
    return `${star(x, y, cell * 0.32, two, 0.3)}<circle cx="${x + cell * 0.38}" cy="${y + cell * 0.36}" r="${cell * 0.09}" fill="#fff"/>`;
  });
  return `<rect width="${w}" height="${h}" fill="${one}"/>${cells.join('')}`;
};

/** Like a photograph: hills of many sizes and colours, no edge sharp. */
async function photograph(random: () => number, width: number, height: number): Promise<Buffer> {
  const scale = 2;
  const [w, h] = [Math.ceil(width / scale), Math.ceil(height / scale)];
  const layers = [256, 128, 64, 32, 16, 8, 4, 2].map((cells, i) => ({
    cells: cells * 3,
    by: 0.6 ** (7 - i),
    seed: floor(random() * 1e6),
  }));
  const at = (x: number, y: number, seed: number): number => {
    let n = Math.imul(x * 374761393 + y * 668265263 + seed * 69069, 1274126177);
    n = Math.imul(n ^ (n >>> 13), 1103515245);
    return ((n ^ (n >>> 16)) >>> 0) / 2 ** 32;
  };
  const soft = (t: number): number => t * t * (3 - 2 * t);
  const field = (x: number, y: number, shift: number): number =>
    layers.reduce((sum, { cells, by, seed }) => {
      const [u, v] = [(x / w) * cells * 0.5, (y / w) * cells * 0.5];
      const [i, j] = [floor(u), floor(v)];
      const [fx, fy] = [soft(u - i), soft(v - j)];
      const s = seed + shift;
      const top = at(i, j, s) * (1 - fx) + at(i + 1, j, s) * fx;
      const low = at(i, j + 1, s) * (1 - fx) + at(i + 1, j + 1, s) * fx;
      return sum + by * (top * (1 - fy) + low * fy);
    }, 0);
  const most = layers.reduce((sum, { by }) => sum + by, 0);
  const tints = [0, 1, 2].map(() => 0.3 + 0.7 * random());
  const raw = Buffer.alloc(w * h * 3);
  for (let y = 0, i = 0; y < h; y++)
    for (let x = 0; x < w; x++, i += 3) {
      const base = field(x, y, 0) / most;
      const other = field(x, y, 999) / most;
      for (let k = 0; k < 3; k++)
        raw[i + k] = round(
          255 *
            Math.min(
              1,
              Math.max(
                0,
                (0.5 + 2.4 * (base - 0.5)) * (tints[k] ?? 1) +
                  (k === 2 ? 0.8 : -0.4) * (other - 0.5),
              ),
            ),
        );
    }
  return sharp(raw, { raw: { width: w, height: h, channels: 3 } })
    .resize(width, height, { kernel: 'cubic' })
    .png({ compressionLevel: 2 })
    .toBuffer();
}
