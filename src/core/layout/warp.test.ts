import { artwork, mugJob, onLatteCup, shelf } from '@tests/support/jobs';
import { withArt } from '../job';
import { bend, bentOutline, regionArea, regionBox, subtract } from '../geometry';
import type { Job } from '../model';
import { planJob } from '../plan';
import { dotsOf, warpRows, type Piece, type Pixels } from '.';

const DOTS_PER_MM = 1;
const other = artwork({
  sha256: 'b'.repeat(64),
  name: 'moons.png',
  storedWidthPx: 100,
  storedHeightPx: 100,
});

const pieceOf = (job: Job): Piece => {
  const [piece] = planJob(job, shelf).pieces;
  if (!piece?.bend) throw new Error('not bent');
  return piece;
};

/** One colour, or the left half one and the right half another. */
function pixels(left: number[], right = left, orientation = 1): Pixels {
  const data = new Uint8ClampedArray(20 * 10 * 4);
  for (let i = 0; i < 200; i++) data.set(i % 20 < 10 ? left : right, i * 4);
  return { width: 20, height: 10, data, orientation };
}

const RED = [200, 0, 0, 255];
const BLUE = [0, 0, 200, 255];
const cover = (job: Job): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, sizing: { mode: 'cover' } })),
});

/** The colour drawn at a place of the strip (0–1 across and down). */
function colourAt(piece: Piece, all: ReadonlyMap<string, Pixels>, u: number, v: number): number[] {
  const { width, height } = dotsOf(piece, DOTS_PER_MM);
  const rows = warpRows(piece, all, DOTS_PER_MM, 0, height);
  const { strip } = piece;
  if (!piece.bend) throw new Error('not bent');
  const spot = bend(
    { x: u * strip.widthMm, y: v * strip.heightMm },
    strip,
    piece.bend.sector,
    piece.bend.centre,
  );
  const at = (Math.floor(spot.y) * width + Math.floor(spot.x)) * 4;
  return [...rows.subarray(at, at + 4)];
}

const first = 'a'.repeat(64);

test('the piece takes exactly the room of its bent outline', () => {
  const piece = pieceOf(onLatteCup(mugJob()));
  const box = regionBox(piece.cut);
  expect([box.x, box.y].map((n) => Math.abs(n) < 1e-9)).toEqual([true, true]);
  expect([box.width, box.height]).toEqual([piece.widthMm, piece.heightMm]);
  if (!piece.bend) throw new Error('not bent');
  const exact = bentOutline(piece.strip, piece.bend.sector, piece.bend.centre);
  const across = subtract([exact], piece.cut);
  expect(regionArea(across)).toBeLessThan(1e-4 * regionArea([exact]));
});

test('left stays left and right stays right; outside the piece nothing is drawn', () => {
  const piece = pieceOf(cover(onLatteCup(mugJob())));
  const all = new Map([[first, pixels(RED, BLUE)]]);
  expect(colourAt(piece, all, 0.2, 0.5)).toEqual(RED);
  expect(colourAt(piece, all, 0.8, 0.5)).toEqual(BLUE);
  const { width, height } = dotsOf(piece, DOTS_PER_MM);
  const rows = warpRows(piece, all, DOTS_PER_MM, 0, height);
  const corner = (height - 2) * width * 4; // beside the narrow base
  expect([...rows.subarray(corner, corner + 4)]).toEqual([0, 0, 0, 0]);
});

test('a picture stored upside down (EXIF 3) is drawn upright', () => {
  const piece = pieceOf(cover(onLatteCup(mugJob())));
  const all = new Map([[first, pixels(RED, BLUE, 3)]]);
  expect(colourAt(piece, all, 0.2, 0.5)).toEqual(BLUE);
});

test('see-through pictures let those under them show: Porter–Duff over', () => {
  const both = cover(withArt(onLatteCup(mugJob()), other, 'p2'));
  const all = new Map([
    [first, pixels(RED)],
    [other.sha256, pixels([0, 0, 200, 128])],
  ]);
  const [r = 0, g, b = 0, a] = colourAt(pieceOf(both), all, 0.5, 0.5);
  expect(Math.abs(r - (200 * 127) / 255)).toBeLessThanOrEqual(1);
  expect(Math.abs(b - (200 * 128) / 255)).toBeLessThanOrEqual(1);
  expect([g, a]).toEqual([0, 255]);
});

test('half see-through on nothing stays half see-through in its own colour', () => {
  const piece = pieceOf(cover(onLatteCup(mugJob())));
  expect(colourAt(piece, new Map([[first, pixels([90, 60, 30, 128])]]), 0.5, 0.5)).toEqual([
    90, 60, 30, 128,
  ]);
});

test('drawn in strips it is the same as drawn at once', () => {
  const piece = pieceOf(cover(onLatteCup(mugJob())));
  const all = new Map([[first, pixels(RED, BLUE)]]);
  const { height } = dotsOf(piece, DOTS_PER_MM);
  const whole = warpRows(piece, all, DOTS_PER_MM, 0, height);
  const half = Math.floor(height / 2);
  const parts = [
    ...warpRows(piece, all, DOTS_PER_MM, 0, half),
    ...warpRows(piece, all, DOTS_PER_MM, half, height - half),
  ];
  expect(Buffer.from(parts).equals(Buffer.from(whole))).toBe(true);
});

test('flat pieces need no warping', () => {
  const [flat] = planJob(mugJob(), shelf).pieces;
  expect(() => flat && warpRows(flat, new Map(), 1, 0, 1)).toThrow(/bent/);
});
