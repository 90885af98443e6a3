import { bottom, centreOf, right, type Box } from '../geometry';
import type { Side } from '../sheet';
import { NO_DRIFT } from './blocks';
import { seenColours } from './colours';
import { deadPlaces, isThere, placeSeen, sideBySide } from './dead';
import type { Expected, Part } from './expected';
import type { Checked, LookFinding } from './findings';
import { sizeOff, type Over } from './over';
import { patchesOf, type Patch } from './residue';
import { isSlight, lostStrokes } from './strokes';
import { whiteStrip } from './strips';
import { tintOf, type Tint } from './tint';
import { boxRound, meets } from './together';
import { around, done, type Told } from './told';

const { abs, max, sqrt } = Math;

/** White left by more than this is told, mm. */
const BORDER_MM = 0.45;
/** So many of a kind are told at most, the largest first. */
const MOST_TOLD = 12;
/** Patches so small may be letters that registration left aside: they are looked for there. */
const SMALL_MM2 = 150;
const SMALL_MM = 25;
/** So near the edge of all that is printed is at its edge, besides what its size is off, mm (own choice, by trials). */
const EDGE_MM = 3;

/** Ink that is missing or covered, and white left along outer edges. */
export function inkOf(over: Over, astray: ReadonlySet<number>): Told {
  const { photo, light, thing, registered } = over;
  const { expected } = thing;
  const { colours: wanted, samples, soft } = thing.ink();
  const { view, drifts } = registered;
  const { picture, parts } = expected;
  const areaMm2 = (picture.width * picture.height) / picture.pxPerMm ** 2;
  const own = drifts.map((each) => each?.drift ?? null);
  // what lies there instead would tell of light and colours as wrongly as of ink
  const seen = seenColours({ photo, view, parts, drifts: own, astray }, wanted);
  const tint = tintOf(wanted, samples, seen);
  const beside = (box: Box) => parts.some((part, nth) => astray.has(nth) && meets(part.box, box));
  const both = sideBySide(expected, soft, light, registered);
  const driftOf = (box: Box) => drifts[parts.findIndex((part) => meets(part.box, box))]?.drift;
  const seenAt = (box: Box) => placeSeen(both, box, driftOf(box) ?? NO_DRIFT);
  const aside = ({ box, areaMm2: own }: Patch) => {
    const small = own < SMALL_MM2 && max(box.width, box.height) < SMALL_MM;
    const place = small ? seenAt(box) : null;
    return place !== null && isThere(place);
  };
  // what is off its size ends elsewhere at its edges: that is told already
  const zone = sizeOff(over) * 2 * sqrt(areaMm2) + EDGE_MM;
  const all = boxRound(parts.map(({ box }) => box));
  const atEdge = (box: Box) => sizeOff(over) > 0 && alongEdge(box, all, zone);
  const boxes = parts.map((part) => part.box);
  const off = patchesOf(tint, seen, boxes).filter(({ box }) => !beside(box) && !atEdge(box));
  const solid = off.filter((patch) => !isSlight(patch) && !aside(patch));
  const patches = [...solid, ...lostStrokes(off.filter(isSlight), seenAt)];
  const findings: LookFinding[] = patches
    .slice(0, MOST_TOLD)
    .map((patch) => patchFinding(patch, expected));
  const dead = deadPlaces(expected, both, registered).filter(
    (box) => !beside(box) && !atEdge(box) && !patches.some((patch) => meets(patch.box, box)),
  );
  findings.push(
    ...dead.slice(0, MOST_TOLD).map((box): LookFinding => ({
      ...{ code: 'bare', tile: tileAt(expected, box), mm: max(box.width, box.height), box },
    })),
  );
  const edges: Checked[] =
    sizeOff(over) > 0 ? [{ check: 'edges', unseen: 'off-size', of: [] }] : [];
  const border = borderOf({ over, astray, tint, pxPerMm: wanted.pxPerMm });
  return {
    findings: [...findings, ...border.findings],
    checks: [...border.checks, done('ink'), ...edges],
  };
}

interface Tinted {
  readonly over: Over;
  readonly astray: ReadonlySet<number>;
  readonly tint: Tint;
  readonly pxPerMm: number;
}

/** White left along the outer edges of laid sheets. */
function borderOf({ over, astray, tint, pxPerMm }: Tinted): Told {
  const { parts, kind } = over.thing.expected;
  const { view, drifts } = over.registered;
  const seen = { photo: over.photo, view, tint, pxPerMm };
  const strips = parts.flatMap((part, nth) =>
    astray.has(nth)
      ? []
      : part.outer.flatMap(
          (side) => whiteStrip(seen, part, nth, side, drifts[nth]?.drift ?? null) ?? [],
        ),
  );
  const findings = strips.flatMap(({ part, side, widthMm }): LookFinding[] => {
    const at = parts[part];
    return at && widthMm !== null && widthMm > BORDER_MM
      ? [{ code: 'border', tile: at.name, side, mm: widthMm, box: edgeBox(at.box, side, widthMm) }]
      : [];
  });
  const blind = strips.filter(({ widthMm }) => widthMm === null);
  const none = kind === 'laid' ? 'too-plain' : 'not-here';
  const unseen = strips.length === 0 ? none : null;
  const of = [...new Set(blind.map(({ part }) => parts[part]?.name ?? ''))];
  return { findings, checks: [{ check: 'border', unseen, of }] };
}

/** Whether a box lies wholly in the zone along one edge of another. */
const alongEdge = (box: Box, own: Box, zone: number): boolean =>
  right(box) <= own.x + zone ||
  box.x >= right(own) - zone ||
  bottom(box) <= own.y + zone ||
  box.y >= bottom(own) - zone;

function edgeBox(box: Box, side: Side, mm: number): Box {
  const wide = max(mm, 2);
  if (side === 'left') return around(box.x - wide, box.y, wide, box.height);
  if (side === 'right') return around(right(box), box.y, wide, box.height);
  if (side === 'top') return around(box.x, box.y - wide, box.width, wide);
  return around(box.x, bottom(box), box.width, wide);
}

/** The tile that a box lies in; null on a sheet alone. */
const tileAt = ({ kind, parts }: Expected, box: Box): string | null => {
  const { x, y } = centreOf(box);
  const inside = ({ box: own }: Part) =>
    x >= own.x && x <= right(own) && y >= own.y && y <= bottom(own);
  return kind === 'laid' ? (parts.find(inside)?.name ?? null) : null;
};

/** A strip along so much of an edge, so near it (mm), was clipped there. */
const ALONG_SHARE = 0.4;
const AT_EDGE_MM = 2.5;

/** What a patch is: clipped where it runs along most of an edge of what is printed, else bare or covered. */
function patchFinding({ box, white, inked }: Patch, expected: Expected): LookFinding {
  const tile = tileAt(expected, box);
  const bare = inked > 0.5 && white > 0.5;
  const near = (a: number, b: number) => abs(a - b) < AT_EDGE_MM;
  for (const { box: own } of bare ? expected.parts : []) {
    const clipped = (side: Side, mm: number): LookFinding => ({
      ...{ code: 'clipped', tile, side, mm, box },
    });
    if (box.height > ALONG_SHARE * own.height) {
      if (near(box.x, own.x)) return clipped('left', box.width);
      if (near(right(box), right(own))) return clipped('right', box.width);
    }
    if (box.width > ALONG_SHARE * own.width) {
      if (near(box.y, own.y)) return clipped('top', box.height);
      if (near(bottom(box), bottom(own))) return clipped('bottom', box.height);
    }
  }
  return { code: bare ? 'bare' : 'covered', tile, mm: max(box.width, box.height), box };
}
