import { sampleInto, whiteRaster, type Raster } from './raster';

/** Something that went wrong between file and paper, measured on the paper; in words: `words/proof`. */
export type PrintFault =
  /** Another paper than the page was made for, mm. */
  | { readonly kind: 'paper'; readonly paper: Size; readonly page: Size }
  | { readonly kind: 'mirrored' }
  /** Its size beside the true one. */
  | { readonly kind: 'scaled'; readonly scale: number }
  /** Ink cut off at the paper's edge: what share, and how far down at most, mm. */
  | { readonly kind: 'clipped'; readonly lostShare: number; readonly missingMm: number };

interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** How prints are looked at, pixels per mm: fine enough for half a percent over a page. */
const LOOK_PX_PER_MM = 2;
/** Lighter than this is paper. */
const WHITE_FROM = 245;
/** Sizes nearer than this are the same, share. */
const SAME_SIZE = 0.004;
/** More missing ink than this share was cut off. */
const LOST = 0.002;
/** Fewer coarse pixels than this (3 mm²) are the ends of hairlines, not ink of the picture. */
const LEAST_LOST_PX = 3 * LOOK_PX_PER_MM ** 2;
/** Papers nearer than this are the same, mm. */
const SAME_PAPER_MM = 1;

const { abs, round } = Math;

interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Darkness on a coarse grid, 0 (paper) to 255. */
function darkness(page: Raster): { width: number; height: number; dark: Uint8Array } {
  const widthMm = page.width / page.pxPerMm;
  const heightMm = page.height / page.pxPerMm;
  const coarse = whiteRaster(widthMm, heightMm, LOOK_PX_PER_MM);
  const { width, height, data } = coarse;
  const dark = new Uint8Array(width * height);
  for (let row = 0, at = 0; row < height; row++)
    for (let column = 0; column < width; column++, at++) {
      const x = (column + 0.5) / LOOK_PX_PER_MM;
      const y = (row + 0.5) / LOOK_PX_PER_MM;
      sampleInto(page, x, y, data, at * 4);
      const light = (data[at * 4] ?? 255) + (data[at * 4 + 1] ?? 255) + (data[at * 4 + 2] ?? 255);
      dark[at] = light / 3 >= WHITE_FROM ? 0 : round(255 - light / 3);
    }
  return { width, height, dark };
}

type Dark = ReturnType<typeof darkness>;

function boundsOf({ width, height, dark }: Dark): Bounds | null {
  let left = width;
  let top = height;
  let right = -1;
  let bottom = -1;
  for (let row = 0, at = 0; row < height; row++)
    for (let column = 0; column < width; column++, at++) {
      if ((dark[at] ?? 0) === 0) continue;
      if (column < left) left = column;
      if (column > right) right = column;
      if (row < top) top = row;
      if (row > bottom) bottom = row;
    }
  return right < 0 ? null : { left, top, right: right + 1, bottom: bottom + 1 };
}

/** One way the print may have come out of the page: flipped or not, so large, so placed. */
interface Guess {
  readonly flipped: boolean;
  readonly scale: number;
  readonly dx: number;
  readonly dy: number;
}

/** Ink so far beyond where the print's ink ends was cut off, not thinned, pixels. */
const BEYOND_PX = 1.5;

/**
 * How badly a guess explains a print: mean difference over the meant ink; ink beyond where the print's
 * own begins and ends is lost and counts apart.
 */
function misfit(meant: Dark, got: Dark, bounds: Bounds, { flipped, scale, dx, dy }: Guess) {
  const { left, right, top, bottom } = bounds;
  let off = 0;
  let ink = 0;
  let lost = 0;
  for (let row = 0; row < meant.height; row += 2)
    for (let column = 0; column < meant.width; column += 2) {
      const wanted = meant.dark[row * meant.width + column] ?? 0;
      if (wanted === 0) continue;
      const from = flipped ? meant.width - 1 - column : column;
      const x = round((from + 0.5) * scale + dx - 0.5);
      const y = round((row + 0.5) * scale + dy - 0.5);
      ink++;
      const beyond =
        x < left - BEYOND_PX ||
        x > right + BEYOND_PX ||
        y < top - BEYOND_PX ||
        y > bottom + BEYOND_PX;
      if (beyond) lost++;
      else off += abs((got.dark[y * got.width + x] ?? 0) - wanted);
    }
  const seen = Math.max(1, ink - lost);
  return {
    off: off / seen + 255 * Math.max(0, lost / Math.max(1, ink) - 0.5),
    // the tip of a mark that ends where the printer does is no loss
    lost: lost < LEAST_LOST_PX ? 0 : lost / Math.max(1, ink),
  };
}

/** Every plausible guess: sizes and places read off where ink begins and ends. */
function guesses(meant: Dark, got: Dark): Guess[] {
  const [m, g] = [boundsOf(meant), boundsOf(got)];
  if (!m || !g) return [];
  const sizes = [
    1,
    (g.right - g.left) / (m.right - m.left),
    (g.bottom - g.top) / (m.bottom - m.top),
  ];
  return [false, true].flatMap((flipped) => {
    const [left, right] = flipped
      ? [meant.width - m.right, meant.width - m.left]
      : [m.left, m.right];
    return sizes.flatMap((scale) =>
      [0, g.left - left * scale, g.right - right * scale].flatMap((dx) =>
        [0, g.top - m.top * scale, g.bottom - m.bottom * scale].map((dy) => ({
          flipped,
          scale,
          dx,
          dy,
        })),
      ),
    );
  });
}

/**
 * What went wrong on a sheet, measured on the paper alone: which guess at flip, size and place makes
 * the page that was meant explain the print best, and what of its ink is missing then.
 * @param meant the page as it was to lie on the paper, and `print` the paper that came out.
 */
export function faultsOf(meant: Raster, print: Raster): PrintFault[] {
  const [m, g] = [darkness(meant), darkness(print)];
  const ends = boundsOf(g);
  const ranked = (
    ends ? guesses(m, g).map((guess) => ({ guess, ...misfit(m, g, ends, guess) })) : []
  )
    // of guesses as good as each other the plainest: not flipped, true size, in its place
    .sort((a, b) => a.off - b.off || abs(a.guess.scale - 1) - abs(b.guess.scale - 1));
  const [best] = ranked;
  const [paper, page] = [sizeOf(print), sizeOf(meant)];
  const otherPaper =
    abs(paper.widthMm - page.widthMm) > SAME_PAPER_MM ||
    abs(paper.heightMm - page.heightMm) > SAME_PAPER_MM;
  const faults: PrintFault[] = otherPaper ? [{ kind: 'paper', paper, page }] : [];
  if (!best) return faults;
  const { guess, lost: lostShare } = best;
  if (guess.flipped) faults.push({ kind: 'mirrored' });
  if (abs(guess.scale - 1) > SAME_SIZE) faults.push({ kind: 'scaled', scale: guess.scale });
  if (lostShare > LOST && !otherPaper) {
    const before = boundsOf(m);
    const missingPx = before && ends ? before.bottom - before.top - (ends.bottom - ends.top) : 0;
    const missingMm = Math.max(0, missingPx) / LOOK_PX_PER_MM;
    faults.push({ kind: 'clipped', lostShare, missingMm });
  }
  return faults;
}

const sizeOf = ({ width, height, pxPerMm }: Raster): Size => ({
  widthMm: width / pxPerMm,
  heightMm: height / pxPerMm,
});
