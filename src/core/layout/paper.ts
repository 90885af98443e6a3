import { isCup, type Face } from '../form';
import {
  growRegion,
  overlapOf,
  rectRing,
  regionBox,
  subtract,
  withoutHoles,
  type Point,
  type Region,
} from '../geometry';
import type { Job, WrapPaper } from '../model';
import { metered, spend } from '../work';

type PaperChoices = Pick<Job, 'bleedMm' | 'wrap' | 'blank'>;

/** How far the paper's ends reach past the face, left and right, mm (negative: stop short). */
function endsOf({ bleedMm, wrap, blank }: PaperChoices): [left: number, right: number] {
  if (!isCup(blank.form) || blank.form.handleGapMm > 0) return [bleedMm, bleedMm];
  const { kind, byMm } = wrap.seam;
  if (kind === 'overlap') return [0, byMm];
  return kind === 'butt' ? [0, 0] : [-byMm / 2, -byMm / 2];
}

/** Per style: how deep the edge is cut in at a place along it, 0–1 of its depth, and points a wave. */
const EDGE_SHAPES: Record<
  Exclude<WrapPaper['edge']['style'], 'straight'>,
  { at: (waves: number) => number; points: number }
> = {
  wave: { at: (t) => (1 - Math.cos(2 * Math.PI * t)) / 2, points: 12 },
  scallop: { at: (t) => 1 - Math.abs(Math.sin(Math.PI * t)), points: 12 },
  zigzag: { at: (t) => 1 - Math.abs(2 * (t - Math.floor(t)) - 1), points: 2 },
  // three sines that do not meet again soon: looks torn, yet is the same every time
  torn: {
    at: (t) => (3 + Math.sin(5.1 * t) + Math.sin(11.7 * t + 1) + Math.sin(23.3 * t + 2)) / 6,
    points: 24,
  },
};
/** Length of a wave in depths (own choice), and how many are enough on any length. */
const WAVE_DEPTHS = 4;
const MOST_WAVES = 60;

/** A box whose upper and lower edge are cut decoratively, inwards from the box. */
function decorated(region: Region, { style, depthMm }: WrapPaper['edge']): Region {
  if (style === 'straight' || depthMm <= 0) return region;
  const { x, y, width, height } = regionBox(region);
  const { at, points } = EDGE_SHAPES[style];
  const waves = Math.min(MOST_WAVES, Math.max(1, Math.round(width / (WAVE_DEPTHS * depthMm))));
  const steps = waves * points;
  const across: Point[] = Array.from({ length: steps + 1 }, (_, i) => ({
    x: x + (width * i) / steps,
    y: depthMm * at(i / points),
  }));
  const ring = [
    ...across.map((p) => ({ x: p.x, y: y + p.y })),
    ...across.map((p) => ({ x: p.x, y: y + height - p.y })).reverse(),
  ];
  return overlapOf(region, [ring]);
}

function inkRegionAnew(face: Face, choices: PaperChoices): Region {
  const { bleedMm, wrap, blank } = choices;
  const whole = growRegion(withoutHoles(face.region), bleedMm);
  const away = face.zones.filter(({ kind }) => kind === 'cut-away').flatMap(({ region }) => region);
  const kept = subtract(whole, away);
  if (!isCup(blank.form) || face.widthMm <= 0 || face.heightMm <= 0) return kept;
  const [left, right] = endsOf(choices);
  const box = regionBox(whole);
  const reach = { ...box, x: -left, width: Math.max(0, face.widthMm + left + right) };
  if (right > bleedMm) return decorated([rectRing(reach)], wrap.edge);
  return decorated(overlapOf(kept, [rectRing(reach)]), wrap.edge);
}

/** Where ink may go by the choices it was last worked out for, and what that took: most edits leave them as they are. */
const known = new WeakMap<
  Face,
  { readonly of: readonly unknown[]; readonly value: Region; readonly units: number }
>();

/**
 * Where ink may go on a face, face mm: the face grown by its bleed (or as the seam asks), holes
 * printed over, what is not there (a collar, handle roots) left out.
 */
export function inkRegion(face: Face, choices: PaperChoices): Region {
  const { bleedMm, wrap, blank } = choices;
  const of = [bleedMm, wrap, blank.form];
  const last = known.get(face);
  if (last?.of.every((choice, i) => choice === of[i])) {
    spend(last.units, 'outline-corners');
    return last.value;
  }
  const found = metered(() => inkRegionAnew(face, choices));
  known.set(face, { of, ...found });
  return found.value;
}
