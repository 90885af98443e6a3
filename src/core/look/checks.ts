import type { LookFinding } from './findings';
import { gathered } from './gathered';
import { inkOf } from './ink';
import { sizeOff, type Over } from './over';
import { seamLooks } from './seams';
import { tilesIn } from './tilesIn';
import { around, done, type Told } from './told';

const { abs, max } = Math;

/** A tile off its size by more than this is told, as a share; steps and gaps in mm. */
const TILE_SIZE_OFF = 0.011;
const STEP_MM = 0.55;
const GAP_MM = 0.5;
/** A seam of which no more is known than this is not said to be checked, mm. */
const KNOWN_MM = 0.8;

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
    findings: gathered(
      parts.flatMap(({ findings }) => findings),
      expected.flapMm,
    ),
    checks: parts.flatMap(({ checks }) => checks),
  };
}

function sizeOf(over: Over): Told {
  const { across = null, along = null } = over.size ?? {};
  if (across === null && along === null)
    return { findings: [], checks: [{ check: 'size', unseen: 'no-edges', of: [] }] };
  return {
    findings: sizeOff(over) > 0 ? [{ code: 'size', across, along }] : [],
    checks: [done('size')],
  };
}

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
  const known = looks.filter(({ knownMm }) => knownMm <= KNOWN_MM);
  const seen = new Set(known.map(({ seam }) => seam.between.join('–')));
  const unseen = expected.seams
    .map(({ between }) => between.join('–'))
    .filter((name) => !seen.has(name));
  return {
    findings,
    checks: [{ check: 'seams', unseen: seen.size === 0 ? 'too-plain' : null, of: unseen }],
  };
}
