import type { Box, Point } from '@/core/geometry';
import { bottom, right } from '@/core/geometry';
import type { Raster } from '@/core/proof';
import { normalOf, randomOf } from '@/core/random';

const { floor, min, max, sin, cos, sqrt, round, PI, abs } = Math;

/** A printed sheet on the table, printed side up. */
export interface LyingSheet {
  /** What is printed on it, true size. */
  readonly print: Raster;
  /** What is left of it once it is trimmed, mm of its own. */
  readonly kept: Box;
  /** Where its own corner lies, mm of the table, by how much it is turned about the middle of what is kept, radians, and how large it was printed. */
  readonly at: Point;
  readonly turn: number;
  readonly scale: number;
}

/** Something lying on the sheets: tape, a scrap, a finger. */
export interface LyingThing {
  readonly box: Box;
  /** Its colour, 0–255, and how much of what is below it hides, 0–1. */
  readonly colour: readonly [number, number, number];
  readonly hides: number;
}

/** A table with sheets on it, the last on top. */
export interface TableScene {
  readonly sheets: readonly LyingSheet[];
  readonly things: readonly LyingThing[];
  readonly table: readonly [number, number, number];
  /** Out-of-plane waves of the paper, told by how far they shift what is seen, mm. */
  readonly waveMm: number;
}

/** How a photo is taken. */
export interface Shot {
  readonly widthPx: number;
  readonly heightPx: number;
  /** What must be in it, mm of the table. */
  readonly frame: Box;
  /** From straight above, degrees, towards a side; turned about the view, degrees. */
  readonly tiltDeg: number;
  readonly tiltTowardsDeg: number;
  readonly turnDeg: number;
  /** Barrel (negative) or pincushion of the lens at the photo's corner, as a share. */
  readonly lens: number;
  /** How light falls off over the photo, as a share, and towards where. */
  readonly lightFall: number;
  readonly shadow: number;
  readonly cast: readonly [number, number, number];
  readonly exposure: number;
  readonly blurPx: number;
  /** Noise of a middle grey, 0–255. */
  readonly noise: number;
  readonly seed: number;
}

const LINEAR = Float32Array.from({ length: 256 }, (_, v) => (v / 255) ** 2.2);
const STEPS = 4096;
const ENCODED = Uint8Array.from({ length: STEPS + 1 }, (_, i) =>
  round(255 * (i / STEPS) ** (1 / 2.2)),
);

/** How closely waves are told, mm. */
const WAVE_GRID_MM = 2;

/** Finds what of a sheet is seen at a place of the table, into `out`; false beside it. */
function sheetSampler(sheet: LyingSheet, waveMm: number, random: () => number) {
  const { print, kept, at, turn, scale } = sheet;
  const { width, height, data, pxPerMm } = print;
  const [c, s] = [cos(turn), sin(turn)];
  const [mx, my] = [at.x + kept.x + kept.width / 2, at.y + kept.y + kept.height / 2];
  const waves = [0, 1, 2].map(() => ({
    kx: ((random() - 0.5) * 4 * PI) / 200,
    ky: ((random() - 0.5) * 4 * PI) / 200,
    phase: random() * 2 * PI,
    x: (random() - 0.5) * waveMm,
    y: (random() - 0.5) * waveMm,
  }));
  // once every few millimetres is often enough
  const columns = Math.ceil(kept.width / WAVE_GRID_MM) + 2;
  const rows = Math.ceil(kept.height / WAVE_GRID_MM) + 2;
  const lifts = new Float32Array(2 * columns * rows);
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i += 2)
      for (const { kx, ky, phase, x, y } of waves) {
        const lift = sin(kx * column * WAVE_GRID_MM + ky * row * WAVE_GRID_MM + phase);
        lifts[i] = (lifts[i] ?? 0) + lift * x;
        lifts[i + 1] = (lifts[i + 1] ?? 0) + lift * y;
      }
  return (X: number, Y: number, out: Float32Array): boolean => {
    const gx = X - at.x - kept.x;
    const gy = Y - at.y - kept.y;
    const cell =
      min(rows - 1, max(0, round(gy / WAVE_GRID_MM))) * columns +
      min(columns - 1, max(0, round(gx / WAVE_GRID_MM)));
    const shift = { x: lifts[2 * cell] ?? 0, y: lifts[2 * cell + 1] ?? 0 };
    const dx = X + shift.x - mx;
    const dy = Y + shift.y - my;
    // on the sheet, then on the page it was printed from
    const x = c * dx + s * dy + kept.x + kept.width / 2;
    const y = -s * dx + c * dy + kept.y + kept.height / 2;
    if (x < kept.x || y < kept.y || x > right(kept) || y > bottom(kept)) return false;
    const px = (x / scale) * pxPerMm - 0.5;
    const py = (y / scale) * pxPerMm - 0.5;
    const x0 = floor(px);
    const y0 = floor(py);
    if (x0 < 0 || y0 < 0 || x0 + 1 >= width || y0 + 1 >= height) {
      out.fill(LINEAR[250] ?? 1);
      return true;
    }
    const fx = px - x0;
    const fy = py - y0;
    const i = (y0 * width + x0) * 4;
    for (let k = 0; k < 3; k++) {
      const a = LINEAR[data[i + k] ?? 0] ?? 0;
      const b = LINEAR[data[i + 4 + k] ?? 0] ?? 0;
      const d = LINEAR[data[i + 4 * width + k] ?? 0] ?? 0;
      const e = LINEAR[data[i + 4 * width + 4 + k] ?? 0] ?? 0;
      out[k] = a + (b - a) * fx + (d + (e - d) * fx - a - (b - a) * fx) * fy;
    }
    return true;
  };
}

/** Where a pixel of the photo looks at on the table, mm: a pinhole over the frame's middle, its lens undone by iteration. */
export function tableSeen(shot: Shot) {
  const { widthPx, heightPx, frame, tiltDeg, tiltTowardsDeg, turnDeg, lens } = shot;
  const [tilt, towards, turn] = [tiltDeg, tiltTowardsDeg, turnDeg].map(
    (deg) => (deg * PI) / 180,
  ) as [number, number, number];
  const focal = 1.25 * max(widthPx, heightPx);
  const [ct, st, ca, sa, cr, sr] = [
    cos(tilt),
    sin(tilt),
    cos(towards),
    sin(towards),
    cos(turn),
    sin(turn),
  ];
  // the view's axes on the table: rolled by `turn`, then leaned by `tilt` about the axis square to `towards`
  const lean = (x: number, y: number, z: number) => {
    const along = ca * x + sa * y;
    const across = -sa * x + ca * y;
    const la = ct * along + st * z;
    const lz = -st * along + ct * z;
    return [ca * la - sa * across, sa * la + ca * across, lz] as const;
  };
  const middle = { x: frame.x + frame.width / 2, y: frame.y + frame.height / 2 };
  const rolled = {
    x: abs(cr) * frame.width + abs(sr) * frame.height,
    y: abs(sr) * frame.width + abs(cr) * frame.height,
  };
  const distance = focal * max(rolled.x / widthPx, rolled.y / heightPx) * (1 + 0.4 * st);
  const back = lean(0, 0, -distance);
  const half = sqrt(widthPx ** 2 + heightPx ** 2) / 2;
  return (px: number, py: number, out: { x: number; y: number }): void => {
    const u = (px - widthPx / 2) / half;
    const v = (py - heightPx / 2) / half;
    const r2 = u * u + v * v;
    let r0 = r2;
    for (let i = 0; i < 2; i++) r0 = r2 / (1 + lens * r0) ** 2;
    const undo = half / (1 + lens * r0);
    const x = (u * undo) / focal;
    const y = (v * undo) / focal;
    const [dx, dy, dz] = lean(cr * x - sr * y, sr * x + cr * y, 1);
    const far = -back[2] / dz;
    out.x = middle.x + back[0] + far * dx;
    out.y = middle.y + back[1] + far * dy;
  };
}

/** One blur of the pixels of a row or column: a quarter, a half, a quarter, so often that it comes to `sigma`. */
function blur(data: Uint8ClampedArray, width: number, height: number, sigma: number): void {
  const times = round(2 * sigma * sigma);
  for (let pass = 0; pass < times; pass++)
    for (const [step, lines, length, jump] of [
      [4, height, width, 4 * width],
      [4 * width, width, height, 4],
    ] as const)
      for (let line = 0; line < lines; line++)
        for (let k = 0; k < 3; k++) {
          const from = line * jump + k;
          let before = data[from] ?? 0;
          for (let i = 1; i + 1 < length; i++) {
            const at = from + i * step;
            const here = data[at] ?? 0;
            data[at] = (before + 2 * here + (data[at + step] ?? 0) + 2) >> 2;
            before = here;
          }
        }
}

/**
 * A simulated camera: takes a photo of sheets on a table, seen by a pinhole with one lens term, lit unevenly, out of focus
 * and with the noise of a sensor. It is a stand-in: no glare, no wrinkles, no sharpening of a phone.
 */
export function photographTable(
  scene: TableScene,
  shot: Shot,
): { width: number; height: number; data: Uint8ClampedArray } {
  const random = randomOf(shot.seed);
  const normal = normalOf(random);
  const grain = Float32Array.from({ length: 1 << 14 }, normal);
  const sheets = scene.sheets.map((sheet) => sheetSampler(sheet, scene.waveMm, random)).reverse();
  const things = scene.things.map(({ box, colour, hides }) => ({
    box,
    light: colour.map((v) => LINEAR[v] ?? 0),
    hides,
  }));
  const bare = scene.table.map((v) => LINEAR[v] ?? 0);
  const look = tableSeen(shot);
  const { widthPx: width, heightPx: height } = shot;
  const data = new Uint8ClampedArray(width * height * 4);
  const at = { x: 0, y: 0 };
  const seen = new Float32Array(3);
  const fall = { x: random() - 0.5, y: random() - 0.5 };
  const shade = {
    x: random() * width,
    y: random() * height,
    nx: random() - 0.5,
    ny: random() - 0.5,
  };
  const soft = 0.04 * max(width, height) * sqrt(shade.nx ** 2 + shade.ny ** 2);
  for (let row = 0, i = 0; row < height; row++)
    for (let column = 0; column < width; column++, i += 4) {
      look(column + 0.5, row + 0.5, at);
      if (!sheets.some((sheet) => sheet(at.x, at.y, seen))) {
        const veins = 1 + 0.12 * sin(at.x * 0.31 + 2 * sin(at.y * 0.05)) * sin(at.y * 0.07);
        for (let k = 0; k < 3; k++) seen[k] = (bare[k] ?? 0) * veins;
      }
      for (const { box, light, hides } of things)
        if (at.x >= box.x && at.y >= box.y && at.x <= right(box) && at.y <= bottom(box))
          for (let k = 0; k < 3; k++)
            seen[k] = (seen[k] ?? 0) * (1 - hides) + (light[k] ?? 0) * hides;
      const side = ((column - shade.x) * shade.nx + (row - shade.y) * shade.ny) / soft;
      const lit =
        shot.exposure *
        (1 +
          shot.lightFall * (fall.x * (column / width - 0.5) + fall.y * (row / height - 0.5)) * 2) *
        (1 - shot.shadow * min(1, max(0, side + 0.5)));
      for (let k = 0; k < 3; k++) {
        const light = min(1, max(0, (seen[k] ?? 0) * lit * (shot.cast[k] ?? 1)));
        data[i + k] = ENCODED[round(light * STEPS)] ?? 255;
      }
      data[i + 3] = 255;
    }
  blur(data, width, height, shot.blurPx);
  let g = floor(random() * 1e6);
  for (let i = 0; i < data.length; i += 4) {
    for (let k = 0; k < 3; k++)
      data[i + k] = (data[i + k] ?? 0) + shot.noise * (grain[(g = (g * 5 + 7919) & 16383)] ?? 0);
  }
  return { width, height, data };
}
