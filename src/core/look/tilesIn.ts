import { centreOf, type Box } from '../geometry';
import { projected } from './camera';
import { cornersOf, matched } from './corners';
import { seenFromAbove } from './blocks';
import type { Over } from './over';
import type { Part } from './expected';
import type { LookFinding } from './findings';
import { CORNER_REACH, evened, type Plane } from './plane';
import { once } from './once';
import { CLOSER_CORNERS, CLOSER_PX_PER_MM } from './ready';
import { found, type Wanted } from './register';

const { atan2, round, PI, min, max, ceil, floor, abs } = Math;
const { isNaN } = Number;

/** A tile of which less than this share was found again does not lie there as it must. */
const LEAST_SHARE = 0.3;
/** Fewer blocks than this tell nothing of a tile. */
const LEAST_TRIED = 8;
/** So many matches tell which tile lies there instead. */
const LEAST_MATCHES = 10;
/** They lie in several squares of this side, mm: a line of words does, a single letter does not (own choice). */
const CELL_MM = 25;

/** A part of a plane; places outside of the photo are grey. */
function cropped(
  { width, height, data }: Plane,
  { x, y, width: w, height: h }: Box,
  pxPerMm: number,
): Plane {
  const [l, t] = [max(0, floor(x * pxPerMm)), max(0, floor(y * pxPerMm))];
  const [r, b] = [min(width, ceil((x + w) * pxPerMm)), min(height, ceil((y + h) * pxPerMm))];
  const out = new Float32Array((r - l) * (b - t));
  for (let v = t; v < b; v++)
    for (let u = l; u < r; u++) {
      const own = data[v * width + u] ?? NaN;
      out[(v - t) * (r - l) + u - l] = isNaN(own) ? 128 : own;
    }
  return { width: r - l, height: b - t, data: out };
}

/**
 * Whether each tile lies where it must; those that do not are told what lies there instead, where that is known. Where one is
 * missing, places too plain to be told by their own are asked for it: it may lie there.
 */
export function tilesIn({ light, thing: { expected, closer }, registered }: Over): {
  findings: LookFinding[];
  unseen: string[];
  astray: Set<number>;
} {
  const { view, shares, tried } = registered;
  const { picture, parts } = expected;
  const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  const above = once(() =>
    seenFromAbove(light, view.widthPx, view, widthMm, heightMm, CLOSER_PX_PER_MM),
  );
  const lies = ({ name, box }: Part) =>
    insteadOf(cropped(above(), box, CLOSER_PX_PER_MM), name, box, parts, closer());
  const plain = parts.filter((_, nth) => (tried[nth] ?? 0) < LEAST_TRIED);
  const off = parts.filter(
    (part, nth) => !plain.includes(part) && (shares[nth] ?? 0) < LEAST_SHARE,
  );
  const findings = off.map(lies);
  const lost = findings.flatMap((each) => (each.code === 'tile-missing' ? [each.tile] : []));
  const elsewhere = (lost.length > 0 ? plain : []).flatMap((part) => {
    const told = lies(part);
    return told.code === 'tile-swapped' && lost.includes(told.shows) ? [{ part, told }] : [];
  });
  const astray = [...off, ...elsewhere.map(({ part }) => part)];
  return {
    findings: [...findings, ...elsewhere.map(({ told }) => told)],
    unseen: plain.filter((part) => !astray.includes(part)).map(({ name }) => name),
    astray: new Set(astray.map((part) => parts.indexOf(part))),
  };
}

type TileFinding = Extract<LookFinding, { code: 'tile-missing' | 'tile-swapped' | 'tile-turned' }>;

function insteadOf(
  here: Plane,
  tile: string,
  box: Box,
  parts: readonly Part[],
  wanted: Wanted,
): TileFinding {
  const corners = cornersOf(evened(here, CORNER_REACH), 2 * CLOSER_CORNERS);
  const one =
    corners.count > 8
      ? found(corners, wanted, matched(corners, wanted.corners), 7, {
          pxPerMm: CLOSER_PX_PER_MM,
          cellMm: CELL_MM,
        })
      : null;
  if (!one || one.matches < LEAST_MATCHES) return { code: 'tile-missing', tile, box };
  const middle = { x: here.width / 2, y: here.height / 2 };
  const shown = parts.reduce(
    (best, part) => (distance(part.box) < distance(best.box) ? part : best),
    parts[0] as (typeof parts)[number],
  );
  function distance(of: Box): number {
    const at = projected(one?.map ?? [1, 0, 0, 0, 1, 0, 0, 0, 1], centreOf(of).x, centreOf(of).y);
    return Math.hypot(at.x - middle.x, at.y - middle.y);
  }
  const turnDeg = round((atan2(one.map[3], one.map[0]) * 180) / PI);
  if (shown.name !== tile)
    return { code: 'tile-swapped', tile, shows: shown.name, box, exchanged: null };
  return abs(turnDeg) > 20
    ? { code: 'tile-turned', tile, turnDeg, box }
    : { code: 'tile-missing', tile, box };
}
