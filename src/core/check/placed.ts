import type { Face } from '../form';
import {
  applyAffine,
  boxWithin,
  chain,
  cornersOf,
  crossingsAlong,
  inverse,
  mapBox,
  type Box,
  type Region,
} from '../geometry';
import { artMatrix, type Piece, type PieceArt, type Slot } from '../layout';
import type { ArtFacts, Artwork, Placement } from '../model';
import { spend } from '../work';
import type { FoundAs } from './finding';
import type { Findings } from './findings';

/** A placement where it lies, with everything a rule asks about it. */
export interface Placed {
  readonly piece: Piece;
  readonly slot: Slot;
  readonly face: Face;
  readonly placed: PieceArt;
  readonly art: Artwork;
  readonly placement: Placement;
  /** What tells it from others where it is found at fault. */
  readonly of: string;
  /** Whether it is the design's picture; else the own one of some item. */
  readonly own: boolean;
  /** Where level lines cross a region, found once for all placements of a plan: items often have theirs in one place. */
  readonly crossings: typeof crossingsAlong;
}

/** What finds crossings and keeps them, as long as it is kept itself. */
function keptCrossings(): typeof crossingsAlong {
  const known = new WeakMap<Region, Map<string, number[][]>>();
  return (region, firstY, stepY, lines) => {
    const ofRegion = known.get(region) ?? new Map<string, number[][]>();
    known.set(region, ofRegion);
    const asked = `${firstY} ${stepY} ${lines}`;
    const found = ofRegion.get(asked) ?? crossingsAlong(region, firstY, stepY, lines);
    ofRegion.set(asked, found);
    return found;
  };
}

const known = new WeakMap<Findings, readonly Placed[]>();

/**
 * Every placement with each picture that stands in it, on the first piece that shows it; the first motif stands for
 * a repeat. Many rules ask: found once.
 */
export function everyPlacement(findings: Findings): readonly Placed[] {
  const placed = known.get(findings) ?? placementsOf(findings);
  known.set(findings, placed);
  return placed;
}

function placementsOf({ job, pieces, faces }: Findings): Placed[] {
  const seen = new Set<string>();
  const crossings = keptCrossings();
  return pieces.flatMap((piece) =>
    piece.arts.flatMap((placed) => {
      const { placementId, artSha256 } = placed;
      if (seen.has(placementId + artSha256)) return [];
      seen.add(placementId + artSha256);
      const art = job.arts.find(({ sha256 }) => sha256 === artSha256);
      const placement = job.placements.find(({ id }) => id === placementId);
      const slot = piece.slots[placed.slot];
      const face = faces.find(({ id }) => id === slot?.faceId);
      if (!art || !placement || !slot || !face) return [];
      const own = artSha256 === placement.artSha256;
      const of = own ? placementId : `${placementId}-${artSha256.slice(0, 8)}`;
      return [{ piece, slot, face, placed, art, placement, of, own, crossings }];
    }),
  );
}

/** A picture in its own measures. */
const UNIT: Box = { x: 0, y: 0, width: 1, height: 1 };

/** Corners a line is held against for a unit of work. */
const CORNERS_A_UNIT = 400;

const GRAVITY = { stop: 0, warn: 1, note: 2 } as const;

/** A rule asked about each placement; of the pictures in one place, the gravest finding stands for all. */
export const perArt =
  <F extends FoundAs<string, object>>(rule: (one: Placed, findings: Findings) => F | null) =>
  (findings: Findings): F[] => {
    const byPlace = new Map<string, F>();
    for (const one of everyPlacement(findings)) {
      const next = rule(one, findings);
      if (!next) continue;
      const place = `${one.placement.id} ${next.code}`;
      const known = byPlace.get(place);
      const worse = known && GRAVITY[next.level] >= GRAVITY[known.level] ? known : next;
      byPlace.set(place, { ...worse, more: known ? known.more + 1 : 0 });
    }
    return [...byPlace.values()];
  };

/** The same picture in another box of its piece's strip. */
export const inBox = (one: Placed, box: Box): Placed => ({
  ...one,
  placed: { ...one.placed, box, matrix: artMatrix(box, one.placement.turns) },
});

/**
 * Share of an artwork's detail that lies in a region of its face (0–1): by its map of detail where it
 * was measured, by area where not.
 */
export function detailShareIn(
  { art, placed, slot, crossings: crossingsOf }: Placed,
  region: Region,
): number {
  const toFace = chain(placed.matrix, inverse(slot.toStrip));
  const within = boxWithin(region, mapBox(toFace, UNIT));
  if (within !== null) return within ? 1 : 0;
  // where nothing was measured, or a picture is the same all over, its area counts
  const measured = art.facts?.detail;
  const detail = measured?.cells.some((weight) => weight > 0) ? measured : EVEN_DETAIL;
  const { columns, rows } = detail;
  // turned by a quarter, a column of the picture lies level on the face; else a row does
  const upright = Math.abs(toFace[0]) >= Math.abs(toFace[1]);
  const [lines, along] = upright ? [rows, columns] : [columns, rows];
  const sums = sumsAlong(detail, upright);
  const whole = sums.reduce((sum, line) => sum + (line[along] ?? 0), 0);
  spend((lines * cornersOf(region)) / CORNERS_A_UNIT, 'detail-in-outlines');
  const startOf = (line: number) => {
    const v = (line + 0.5) / lines;
    return applyAffine(toFace, upright ? { x: 0, y: v } : { x: v, y: 0 });
  };
  const first = startOf(0);
  const end = startOf(lines);
  const stepX = (end.x - first.x) / lines;
  const perStep = (upright ? toFace[0] : toFace[2]) / along;
  const crossings = crossingsOf(region, first.y, (end.y - first.y) / lines, lines);
  let inside = 0;
  for (let line = 0; line < lines; line++) {
    const at = crossings[line] ?? [];
    const from = first.x + line * stepX;
    // the first cell whose middle lies beyond a crossing, to the side that cells run to
    const cellAt = (x: number) => {
      const step = (x - from) / perStep - 0.5;
      const cell = perStep > 0 ? Math.ceil(step) : Math.floor(step) + 1;
      return sums[line]?.[Math.min(along, Math.max(0, cell))] ?? 0;
    };
    for (let i = 0; i + 1 < at.length; i += 2)
      inside += Math.abs(cellAt(at[i + 1] ?? 0) - cellAt(at[i] ?? 0));
  }
  return whole === 0 ? 0 : inside / whole;
}

/** Sums of a map of detail from the beginning of each line of cells on, known once made. */
const knownSums = new WeakMap<Detail, { row?: Float64Array[]; column?: Float64Array[] }>();
function sumsAlong(detail: Detail, upright: boolean): Float64Array[] {
  const made = knownSums.get(detail) ?? {};
  knownSums.set(detail, made);
  return (made[upright ? 'row' : 'column'] ??= addedUp(detail, upright));
}

function addedUp({ columns, rows, cells }: Detail, upright: boolean): Float64Array[] {
  const [lines, along] = upright ? [rows, columns] : [columns, rows];
  return Array.from({ length: lines }, (_, line) => {
    const sums = new Float64Array(along + 1);
    for (let step = 0; step < along; step++) {
      const cell = cells[upright ? line * columns + step : step * columns + line] ?? 0;
      sums[step + 1] = (sums[step] ?? 0) + cell;
    }
    return sums;
  });
}

type Detail = ArtFacts['detail'];
const EVEN_SIDE = 24;
const EVEN_DETAIL = {
  columns: EVEN_SIDE,
  rows: EVEN_SIDE,
  cells: Array.from({ length: EVEN_SIDE ** 2 }, () => 1),
};
