import { faceBox, type Face, type FaceName } from '../form';
import {
  area,
  contains,
  inverse,
  mapBox,
  overlapOf,
  rectRing,
  regionArea,
  type Box,
  type Region,
} from '../geometry';
import type { Piece } from '../layout';
import type { HeatSettings, Job, Machine } from '../model';
import { effectivePlate } from './machine';
import { motifsOf, type Motif } from './motifs';
import { planSections, sectionsNeeded, type Section } from './sections';

/** One side of a blank as the press sees it. */
export interface PressSide {
  readonly faceId: string;
  readonly called: FaceName;
  /** What must be under the plate: the face as far as its pictures reach, face mm. */
  readonly region: Region;
  /** Placements of the plate; empty where there is no plate, its size is not known, or there are too many. */
  readonly sections: readonly Section[];
  /** Its separate pictures, in the order an iron goes over them; under a plate they are pressed together. */
  readonly motifs: readonly Motif[];
  /** The same side of the other of a pair, where both lie on the plate at once; else null. */
  readonly alsoFaceId: string | null;
  /** How many placements at least it would take, where that is too many to plan; else null. */
  readonly tooMany: number | null;
}

/** The boxes of a face's pictures, face mm. */
const picturesOn = (face: Face, pieces: readonly Piece[]): Box[] =>
  pieces.flatMap(({ slots, arts }) =>
    slots.flatMap(({ faceId, toStrip }, nth) => {
      if (faceId !== face.id) return [];
      const toFace = inverse(toStrip);
      return arts.filter(({ slot }) => slot === nth).map(({ box }) => mapBox(toFace, box));
    }),
  );

/** The box round some boxes. */
function roundAll(boxes: readonly Box[]): Box {
  const x = Math.min(...boxes.map((b) => b.x));
  const y = Math.min(...boxes.map((b) => b.y));
  return {
    ...{ x, y },
    width: Math.max(...boxes.map((b) => b.x + b.width)) - x,
    height: Math.max(...boxes.map((b) => b.y + b.height)) - y,
  };
}

/** What of a face is pressed: where its pictures lie, no further than its edge. */
function pressedOf(face: Face, pictures: Box): Region {
  return contains(pictures, faceBox(face))
    ? face.region
    : overlapOf([rectRing(pictures)], face.region);
}

const printed = (pieces: readonly Piece[]): number =>
  pieces.flatMap(({ arts }) => arts).reduce((sum, { box }) => sum + area(box), 0);

/**
 * The pieces of the one item that stands for all in the press: the most printed of those of the blank's own
 * size, so that what is pressed and for how long is enough for each.
 */
export function piecesOfOne(job: Pick<Job, 'items'>, pieces: readonly Piece[]): readonly Piece[] {
  const ownSize = new Set(job.items.filter(({ size }) => size === null).map(({ id }) => id));
  const bySet = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const key = piece.items.join(' ');
    bySet.set(key, [...(bySet.get(key) ?? []), piece]);
  }
  const sets = [...bySet.values()];
  const own = sets.filter(([first]) => first?.items.some((id) => ownSize.has(id)));
  const among = own.length > 0 ? own : sets;
  return among.reduce<readonly Piece[]>(
    (most, set) => (printed(set) > printed(most) ? set : most),
    [],
  );
}

/**
 * The sides that carry pictures, each with its placements under a machine's plate.
 * @param pieces of one thing.
 */
export function planSides(
  faces: readonly Face[],
  pieces: readonly Piece[],
  machine: Machine,
  order: HeatSettings['sections'],
): readonly PressSide[] {
  const plate = effectivePlate(machine);
  return faces.flatMap((face) => {
    const pictures = picturesOn(face, pieces);
    if (pictures.length === 0) return [];
    const region = pressedOf(face, roundAll(pictures));
    const flat = plate && !face.development;
    const sections = flat ? planSections(region, plate, order) : [];
    const tooMany = flat && sections.length === 0 ? sectionsNeeded(region, plate) : null;
    const motifs = plate || face.development ? [] : motifsOf(pictures);
    return [
      {
        ...{ faceId: face.id, called: face.called, region, sections, motifs, alsoFaceId: null },
        tooMany: tooMany || null,
      },
    ];
  });
}

/** The same side of the right one of a pair, for each side of the left. */
const OTHER_OF_PAIR: Readonly<Partial<Record<FaceName, FaceName>>> = {
  'left-outside': 'right-outside',
  'left-inside': 'right-inside',
};

/**
 * Sides of a pair that lie on the plate together, the left standing for both: not two overlapping, and none waiting on
 * the hot plate (common practice).
 * @param atOnce how many of one lie on the plate.
 */
export function pairedSides(sides: readonly PressSide[], atOnce: number): readonly PressSide[] {
  if (atOnce < 2) return sides;
  const other = (side: PressSide) =>
    sides.find(({ called }) => called === OTHER_OF_PAIR[side.called]);
  const taken = new Set(sides.flatMap((side) => other(side)?.faceId ?? []));
  return sides
    .filter(({ faceId }) => !taken.has(faceId))
    .map((side) => ({ ...side, alsoFaceId: other(side)?.faceId ?? null }));
}

/** Area of the largest picture that is pressed by itself: of a side's pictures together, or of one of them; mm². */
export const largestAreaMm2 = (sides: readonly Pick<PressSide, 'region' | 'motifs'>[]): number =>
  Math.max(
    0,
    ...sides.flatMap(({ region, motifs }) =>
      motifs.length > 0 ? motifs.map(({ areaMm2 }) => areaMm2) : [regionArea(region)],
    ),
  );
