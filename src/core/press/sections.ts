import {
  boxAround,
  isUprightRect,
  regionArea,
  regionBox,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import type { HeatSettings } from '../model';
import { looselyPlaced } from './loose';
import type { EffectivePlate } from './machine';

/** One placement of the plate, in the order of pressing; mm on the face. */
export interface Section {
  readonly number: number;
  readonly box: Box;
}

/** Wanted overlap of neighbours, where there is room for it: slight, so that little is pressed twice. */
const OVERLAP_MM = 10;
/** A plate put down more often than this is the wrong tool, not a plan (own choice). */
export const MOST_SECTIONS = 400;
/** Ends of bands looked at, at most: beyond them those of the plates alone. */
const MOST_ENDS = 3000;
/** Places tried for the bands of a shape that is not a rectangle. */
const BAND_STEPS = 64;
const HAIR = 1e-6;

/** A strip across the shape, pressed side by side: from `a` to `b`, the shape reaching `left`–`right`. */
interface Band {
  readonly a: number;
  readonly b: number;
  readonly left: number;
  readonly right: number;
  readonly plate: EffectivePlate;
  readonly count: number;
}

const turned = (p: Point): Point => ({ x: p.y, y: p.x });
const turnedPlate = (p: EffectivePlate): EffectivePlate => ({
  widthMm: p.heightMm,
  heightMm: p.widthMm,
});
const turnedBox = ({ x, y, width, height }: Box): Box => ({
  ...{ x: y, y: x },
  ...{ width: height, height: width },
});

/** How far a shape reaches left and right between two heights; null where it is not there. */
function reach(region: Region, a: number, b: number): { left: number; right: number } | null {
  let left = Infinity;
  let right = -Infinity;
  const meet = (x: number) => {
    left = Math.min(left, x);
    right = Math.max(right, x);
  };
  for (const ring of region)
    ring.forEach((p, i) => {
      const q = ring[(i + 1) % ring.length] as Point;
      if (p.y >= a && p.y <= b) meet(p.x);
      for (const y of [a, b])
        if (p.y < y !== q.y < y) meet(p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x));
    });
  return left <= right ? { left, right } : null;
}

/** Heights at which bands may end: where plates stacked from either end do, and evenly between. */
function endsFor(region: Region, heights: readonly number[]): number[] {
  const { y: top, height } = regionBox(region);
  const bottom = top + height;
  const ends = new Set<number>([top, bottom]);
  // every band of a rectangle is alike: only full ones matter
  if (!isUprightRect(region))
    for (let i = 1; i < BAND_STEPS; i++) ends.add(top + (height * i) / BAND_STEPS);
  const [first = height, second = height] = heights;
  const mixed = (height / first) * (height / second) <= MOST_ENDS / 2;
  for (let one = 0; one < height; one += first)
    for (let both = one; both < (mixed ? height : one + second); both += second)
      ends.add(top + both).add(bottom - both);
  return [...ends].sort((a, b) => a - b);
}

/**
 * Fewest placements of a plate in bands across a shape, each band in either direction of the plate:
 * exact dynamic programming over where bands end.
 */
function fewestBands(region: Region, plates: readonly EffectivePlate[]): readonly Band[] {
  const ends = endsFor(
    region,
    plates.map(({ heightMm }) => heightMm),
  );
  const slices = ends.slice(1).map((b, i) => reach(region, ends[i] as number, b));
  const tallest = Math.max(...plates.map(({ heightMm }) => heightMm)) + HAIR;
  const best: { count: number; bands: readonly Band[] }[] = [{ count: 0, bands: [] }];
  for (let to = 1; to < ends.length; to++) {
    let left = Infinity;
    let right = -Infinity;
    let found = { count: Infinity, bands: [] as readonly Band[] };
    for (let from = to - 1; from >= 0; from--) {
      const slice = slices[from];
      if (slice) [left, right] = [Math.min(left, slice.left), Math.max(right, slice.right)];
      const a = ends[from] as number;
      const b = ends[to] as number;
      if (b - a > tallest) break;
      const before = best[from];
      if (!before) continue;
      for (const plate of plates) {
        if (b - a > plate.heightMm + HAIR) continue;
        const count =
          right < left ? 0 : Math.max(1, Math.ceil((right - left - HAIR) / plate.widthMm));
        // of as many placements the fewer bands: longer runs, fewer edges pressed twice
        const total = before.count + count;
        if (
          total > found.count ||
          (total === found.count && before.bands.length + 1 >= found.bands.length)
        )
          continue;
        found = { count: total, bands: [...before.bands, { a, b, left, right, plate, count }] };
      }
    }
    best.push(found);
  }
  return (best.at(-1)?.bands ?? []).filter(({ count }) => count > 0);
}

/** Places of `count` spans over a stretch: overlapping slightly where they can, the rest hanging over. */
function spread(from: number, to: number, span: number, count: number): number[] {
  const spare = Math.max(0, count * span - (to - from));
  const overlap = count > 1 ? Math.min(OVERLAP_MM, spare / (count - 1)) : 0;
  const over = (spare - overlap * (count - 1)) / 2;
  return Array.from({ length: count }, (_, i) => from - over + i * (span - overlap));
}

/** The bands' placements, row by row; bands alike are spread over their whole stretch. */
function placed(bands: readonly Band[]): Box[] {
  const [first, last] = [bands[0], bands.at(-1)];
  if (!first || !last) return [];
  const alike = bands.every(
    (each) => each.plate === first.plate && each.left === first.left && each.right === first.right,
  );
  const tops = alike
    ? spread(first.a, last.b, first.plate.heightMm, bands.length)
    : bands.map(({ a, b, plate }) => (a + b - plate.heightMm) / 2);
  return bands.flatMap(({ left, right, plate, count }, i) =>
    spread(left, right, plate.widthMm, count).map((x) => ({
      ...{ x, y: tops[i] ?? first.a },
      ...{ width: plate.widthMm, height: plate.heightMm },
    })),
  );
}

/** Corners clockwise from the upper left, then from outside inwards to the centre. */
function inwards(boxes: readonly Box[], around: Box): Box[] {
  const rest = [...boxes];
  const middle = (b: Box): Point => ({ x: b.x + b.width / 2, y: b.y + b.height / 2 });
  const centre = middle(around);
  const far = (b: Box, { x, y }: Point) => Math.hypot(middle(b).x - x, middle(b).y - y);
  const { x, y, width, height } = around;
  const corners = [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ].flatMap((corner) => {
    const nearest = rest.reduce<Box | null>(
      (best, each) => (best && far(best, corner) <= far(each, corner) ? best : each),
      null,
    );
    return nearest && rest.length > 1 ? rest.splice(rest.indexOf(nearest), 1) : [];
  });
  const angle = (b: Box) => Math.atan2(middle(b).y - centre.y, middle(b).x - centre.x);
  return [
    ...corners,
    ...rest.sort((a, b) => Math.round(far(b, centre) - far(a, centre)) || angle(a) - angle(b)),
  ];
}

/** How often a plate must be put down at least: a shape's area over its own. */
export const sectionsNeeded = (region: Region, plate: EffectivePlate): number =>
  Math.ceil(regionArea(region) / (plate.widthMm * plate.heightMm) - HAIR);

/**
 * Where a plate is put down, and in what order, so that every point of a shape has one full press
 * under its evenly hot part: the fewest placements in bands along or across, each in either direction,
 * or fewer lying freely where two or three can.
 * @param region what must be pressed, mm on the face; holes are pressed over.
 * @returns one section where the shape fits under the plate; none where there is nothing to press, and
 *   none where it would be more than `MOST_SECTIONS`: `sectionsNeeded` says how many.
 */
export function planSections(
  region: Region,
  plate: EffectivePlate,
  order: HeatSettings['sections'],
): readonly Section[] {
  if (region.length === 0 || plate.widthMm <= 0 || plate.heightMm <= 0) return [];
  const box = regionBox(region);
  const under = [plate, turnedPlate(plate)].find(
    ({ widthMm, heightMm }) => box.width <= widthMm + HAIR && box.height <= heightMm + HAIR,
  );
  if (under) {
    const { widthMm: width, heightMm: height } = under;
    const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    return [{ number: 1, box: boxAround(middle, width, height) }];
  }
  if (sectionsNeeded(region, plate) > MOST_SECTIONS) return [];
  const plates =
    Math.abs(plate.widthMm - plate.heightMm) < HAIR ? [plate] : [plate, turnedPlate(plate)];
  const rows = placed(fewestBands(region, plates));
  const columns = placed(
    fewestBands(
      region.map((ring) => ring.map(turned)),
      plates,
    ),
  ).map(turnedBox);
  const banded = columns.length < rows.length ? columns : rows;
  const across = (a: number, b: number) => reach(region, a, b);
  const boxes = isUprightRect(region)
    ? banded
    : (looselyPlaced(region, across, plates, banded.length) ?? banded);
  if (boxes.length > MOST_SECTIONS) return [];
  const inOrder = order === 'inwards' ? inwards(boxes, box) : boxes;
  return inOrder.map((box, i) => ({ number: i + 1, box }));
}

/** How often the most-pressed point is pressed: 1 where no two placements overlap. */
export function mostPressed(sections: readonly Section[]): number {
  const boxes = sections.map(({ box }) => box);
  // the count is highest at some left edge of one placement and some upper edge of another
  return Math.max(
    0,
    ...boxes.flatMap(({ x }) =>
      boxes.map(
        ({ y }) =>
          boxes.filter(
            (b) =>
              x >= b.x - HAIR &&
              x < b.x + b.width - HAIR &&
              y >= b.y - HAIR &&
              y < b.y + b.height - HAIR,
          ).length,
      ),
    ),
  );
}
