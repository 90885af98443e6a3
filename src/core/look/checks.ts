import { bottom, centreOf, right, type Box } from '../geometry';
import type { Side } from '../sheet';
import type { Expected, Part } from './expected';
import type { Checked, LookFinding } from './findings';
import { deadPlaces, isAside, sideBySide } from './dead';
import { gathered } from './gathered';
import type { Over } from './over';
import { patchesOf, type Patch } from './residue';
import { seamLooks } from './seams';
import { whiteStrip } from './strips';
import { tilesIn } from './tilesIn';
import { seenColours, wantedColours } from './colours';
import { tintOf, type Tint } from './tint';

const { abs, max, min, sqrt } = Math;

/** Off size by more than this is told, as a share; steps and gaps, and white left, in mm. */
const SIZE_OFF = 0.0055;
const TILE_SIZE_OFF = 0.011;
const STEP_MM = 0.55;
const GAP_MM = 0.5;
const BORDER_MM = 0.45;
/** So many of a kind are told at most, the largest first. */
const MOST_TOLD = 12;
/** Patches smaller than this are not told, mm². */
const LEAST_PATCH_MM2 = 7;
/** Nor what is thinner than this: an edge that registration left a little off, mm. */
const LEAST_THICK_MM = 1.6;
/** Patches so small may be letters that registration left aside: they are looked for there. */
const SMALL_MM2 = 150;
const SMALL_MM = 25;
/** Colours are compared at this many pixels a millimetre at most, fewer where that is more than so many in all. */
const COLOURS_PX = 2.5;
const MOST_PX = 1_300_000;

interface Told {
  readonly findings: LookFinding[];
  readonly checks: readonly Checked[];
}

const done = (check: Checked['check'], of: readonly string[] = []): Checked => ({
  check,
  unseen: null,
  of,
});

/** Everything that can be told of a photo that lies over the plan. */
export function checksOf(over: Over): Told {
  const { expected } = over.thing;
  const tiles =
    expected.kind === 'laid'
      ? tilesIn(over)
      : { findings: [], unseen: [], astray: new Set<number>() };
  const parts: Told[] = [
    { findings: [], checks: [done('which'), done('mirror')] },
    ...(expected.kind === 'laid'
      ? [
          { findings: tiles.findings, checks: [done('tiles', tiles.unseen)] },
          seamsOf(over, tiles.astray),
        ]
      : [sizeOf(over)]),
    inkOf(over, tiles.astray),
  ];
  return {
    findings: gathered(parts.flatMap(({ findings }) => findings)),
    checks: parts.flatMap(({ checks }) => checks),
  };
}

function sizeOf({ size }: Over): Told {
  const { across = null, along = null } = size ?? {};
  if (across === null && along === null)
    return { findings: [], checks: [{ check: 'size', unseen: 'no-edges', of: [] }] };
  const off = max(...[across, along].map((scale) => (scale === null ? 0 : abs(scale - 1))));
  return {
    findings: off > SIZE_OFF ? [{ code: 'size', across, along }] : [],
    checks: [done('size')],
  };
}

const around = (x: number, y: number, width: number, height: number): Box => ({
  x,
  y,
  width,
  height,
});

function seamsOf({ thing: { expected }, registered }: Over, astray: ReadonlySet<number>): Told {
  const findings: LookFinding[] = [];
  const looks = seamLooks(expected, registered.blocks).filter(({ seam }) =>
    seam.between.every(
      (name) => !astray.has(expected.parts.findIndex((part) => part.name === name)),
    ),
  );
  for (const { seam, stepMm, gapMm, knownMm } of looks) {
    const length = seam.to - seam.from;
    const box = seam.upright
      ? around(seam.at - 4, seam.from, 8, length)
      : around(seam.from, seam.at - 4, length, 8);
    const { between } = seam;
    // one finding a seam: the larger of the two
    if (abs(stepMm) > max(STEP_MM, knownMm) && abs(stepMm) >= abs(gapMm))
      findings.push({ code: 'step', between, mm: stepMm, box });
    else if (abs(gapMm) > max(GAP_MM, knownMm))
      findings.push({ code: 'gap', between, mm: gapMm, box });
    else if (abs(stepMm) > max(STEP_MM, knownMm))
      findings.push({ code: 'step', between, mm: stepMm, box });
  }
  registered.drifts.forEach((own, nth) => {
    const part = expected.parts[nth];
    if (!own || !part || astray.has(nth) || own.count < 20) return;
    const scale = 1 + (own.drift.x[1] + own.drift.y[2]) / 2;
    if (abs(scale - 1) > TILE_SIZE_OFF)
      findings.push({ code: 'tile-size', tile: part.name, scale, box: part.box });
  });
  const seen = new Set(looks.map(({ seam }) => seam.between.join('–')));
  const unseen = expected.seams
    .map(({ between }) => between.join('–'))
    .filter((name) => !seen.has(name));
  return {
    findings,
    checks: [{ check: 'seams', unseen: seen.size === 0 ? 'too-plain' : null, of: unseen }],
  };
}

function inkOf(over: Over, astray: ReadonlySet<number>): Told {
  const { photo, light, thing, registered } = over;
  const { expected, light: wantedLight } = thing;
  const { view, drifts } = registered;
  const { picture, parts } = expected;
  const areaMm2 = (picture.width * picture.height) / picture.pxPerMm ** 2;
  const wanted = wantedColours(picture, min(COLOURS_PX, sqrt(MOST_PX / areaMm2)));
  const own = drifts.map((each) => each?.drift ?? null);
  const seen = seenColours(photo, view, parts, own, wanted);
  const tint = tintOf(wanted, seen);
  const beside = (box: Box) => parts.some((part, nth) => astray.has(nth) && meets(part.box, box));
  const both = sideBySide(expected, wantedLight, light, registered);
  const aside = ({ box, areaMm2: own }: Patch) =>
    own < SMALL_MM2 && max(box.width, box.height) < SMALL_MM && isAside(both, box);
  const thin = ({ box }: Patch) => min(box.width, box.height) < LEAST_THICK_MM;
  const patches = patchesOf(
    tint,
    seen,
    parts.map((part) => part.box),
  ).filter(
    (patch) =>
      patch.areaMm2 >= LEAST_PATCH_MM2 && !thin(patch) && !beside(patch.box) && !aside(patch),
  );
  const findings: LookFinding[] = patches
    .slice(0, MOST_TOLD)
    .map((patch) => patchFinding(patch, expected));
  const dead = deadPlaces(expected, both, registered).filter(
    (box) => !beside(box) && !patches.some((patch) => meets(patch.box, box)),
  );
  findings.push(
    ...dead.slice(0, MOST_TOLD).map((box): LookFinding => ({
      ...{ code: 'bare', tile: tileAt(expected, box), mm: max(box.width, box.height), box },
    })),
  );
  const border = borderOf({ over, astray, tint, pxPerMm: wanted.pxPerMm });
  return {
    findings: [...findings, ...border.findings],
    checks: [...border.checks, done('ink')],
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

const meets = (a: Box, b: Box): boolean =>
  a.x < right(b) && b.x < right(a) && a.y < bottom(b) && b.y < bottom(a);

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
