import { type Face, isCup } from '../form';
import {
  area,
  bend,
  bottom,
  cornersOf,
  growSector,
  intersection,
  islandsOf,
  mapRegion,
  outset,
  overlapOf,
  rectRing,
  refine,
  regionBox,
  right,
  subtract,
  translation,
  unite,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import type { Artwork, Job } from '../model';
import { isCloth } from '../traits';
import { TRANSFERS } from '../transfer';
import { onceFor, spend } from '../work';
import { canFold, foldedPiece } from './fold';
import { inkRegion } from './paper';
import {
  artsOnStrip,
  ONE_THING,
  type FilledFace,
  type Piece,
  type PieceName,
  type Slot,
} from './piece';
import { placedBox } from './place';
import { repeatBoxes } from './repeat';
import { contoursOf, cutLineOf, cutOutOf } from './ground';

/** Room kept round art where paper need not cover the face, mm (own choice). */
const ROOM_MM = 3;
/** How far a ground on cloth reaches past its art, mm (own choice): cloth shows no edge to end at. */
const GROUND_RIM_MM = 25;
/** Corners of a piece for a unit of work. */
const CORNERS_A_UNIT = 4;
/** How far the straight runs of a bent edge may stand off their arc, mm. */
const BEND_ERROR_MM = 0.01;

/** A face with where its ink may go, worked out once for all items of a size. */
type InkedFace = Pick<FilledFace, 'face' | 'ink'>;

/** The faces of a job that carry art and have any size. */
export function inkedFaces(job: Job, faces: readonly Face[]): InkedFace[] {
  const carrying = new Set(job.placements.map(({ faceId }) => faceId));
  return faces
    .filter(({ id, widthMm, heightMm }) => carrying.has(id) && widthMm > 0 && heightMm > 0)
    .map((face) => ({ face, ink: inkRegion(face, job) }));
}

function fill(
  placements: Job['placements'],
  { face, ink }: InkedFace,
  arts: ReadonlyMap<string, Artwork>,
): FilledFace {
  const trim = regionBox(ink);
  const placed = placements
    .filter((placement) => placement.faceId === face.id)
    .flatMap((placement) => {
      const art = arts.get(placement.artSha256);
      if (!art) return [];
      const box = placedBox(placement, art, face, trim);
      if (area(box) === 0) return [];
      const { repeat, turns, id: placementId } = placement;
      const boxes = repeat ? repeatBoxes(box, repeat, trim) : [box];
      spend(boxes.length, 'motifs');
      return boxes.map((each) => ({ placementId, art, box: each, turns }));
    });
  return { face, ink, arts: placed };
}

type OnPaper = Pick<Piece, 'bend' | 'widthMm' | 'heightMm' | 'cut'>;

/** How the strip lies on the paper, moved so that it starts at (0, 0). */
function onPaper(face: Face, strip: Piece['strip'], faceOnStrip: Box, ink: Region): OnPaper {
  if (!face.development) return { bend: null, ...strip, cut: ink };
  const sweepRad = (face.development.sweepRad * strip.widthMm) / face.widthMm;
  const sector = growSector(face.development, faceOnStrip.y, sweepRad);
  // the rise of an arc of radius r over a chord s is s² / 8r, largest where r is
  const radiusMm = Math.max(sector.rimRadiusMm, sector.baseRadiusMm);
  const runs = refine(ink, Math.max(1, Math.sqrt(8 * radiusMm * BEND_ERROR_MM)));
  const bent = (centre: Point): Region =>
    runs.map((ring) => ring.map((point) => bend(point, strip, sector, centre)));
  const box = regionBox(bent({ x: 0, y: 0 }));
  const centre = { x: -box.x, y: -box.y };
  return {
    bend: { sector, centre },
    widthMm: box.width,
    heightMm: box.height,
    cut: bent(centre),
  };
}

/** Whether paper need not cover the face: cloth shows no edge of it. */
const isLoose = (face: Face, { blank }: Job): boolean =>
  face.paper === 'art' || isCloth(blank.substrate);

/** How far ink stays off the edge of paper that is cut straight round it and leaves nothing where it is bare, mm. */
function borderOf({ face, arts }: FilledFace, trim: Box, job: Job): number {
  const { transparent, carrierShows } = TRANSFERS[job.transfer];
  if (isCup(job.blank.form) || cutLineOf(job) !== 'edge' || !isLoose(face, job)) return 0;
  if (!transparent || carrierShows) return 0;
  const inked = unionBox(arts.map(({ box }) => intersection(box, trim)));
  const sides = [
    inked.x - trim.x,
    inked.y - trim.y,
    right(trim) - right(inked),
    bottom(trim) - bottom(inked),
  ];
  return Math.max(0, Math.min(...sides));
}

/** The part of a face's ink that paper is cut for: all of it, or what the art needs. */
function paperFor(filled: FilledFace, job: Job): Region {
  const { face, ink, arts } = filled;
  const reach = unionBox(arts.map(({ box }) => intersection(box, regionBox(ink))));
  const around = (roomMm: number): Region => overlapOf(ink, [rectRing(outset(reach, roomMm))]);
  const line = cutLineOf(job);
  if (isCup(job.blank.form) && !(line === 'contour' && TRANSFERS[job.transfer].preprinted)) {
    if (job.wrap.parts !== 'strip') return ink;
    const trim = regionBox(ink);
    const strip = { ...trim, x: reach.x - ROOM_MM, width: reach.width + 2 * ROOM_MM };
    return overlapOf(ink, [rectRing(strip)]);
  }
  if (line === 'contour') {
    return overlapOf(ink, unite(...contoursOf(arts, job.cut)));
  }
  const rimMm = line === 'ground' ? GROUND_RIM_MM : Math.max(0, job.cut.marginMm);
  return isLoose(face, job) ? around(rimMm) : ink;
}

function unionBox(boxes: readonly Box[]): Box {
  return regionBox(boxes.filter((box) => area(box) > 0).map(rectRing));
}

/** What paper falls into: the halves of a wrap, loose parts cut apart, or one part. */
function partsOf(
  { face }: FilledFace,
  job: Job,
  paper: Region,
): { called: PieceName; paper: Region }[] {
  const { called } = face;
  const cup = isCup(job.blank.form);
  if (cutLineOf(job) === 'ground') return [{ called: { kind: 'ground', face: called }, paper }];
  if (!cup && job.cut.line === 'contour' && job.cut.apart) {
    return islandsOf(paper).map((part, i) => ({
      called: { kind: 'part', face: called, nth: i + 1 },
      paper: part,
    }));
  }
  if (!cup || job.wrap.parts !== 'halves')
    return [{ called: { kind: 'face', face: called }, paper }];
  const { x, y, width, height } = regionBox(paper);
  const middle = face.widthMm / 2;
  const half = (from: number, to: number): Region =>
    overlapOf(paper, [rectRing({ x: from, y, width: Math.max(0, to - from), height })]);
  const side = (which: 'left' | 'right', of: Region) =>
    of.length > 0
      ? [{ called: { kind: 'half', face: called, side: which } as const, paper: of }]
      : [];
  return [...side('left', half(x, middle)), ...side('right', half(middle, x + width))];
}

/** Paper moved so that it starts at (0, 0); the same one as long as edits leave it as it is. */
const fromItsCorner = onceFor((paper: Region): Region => {
  const { x, y } = regionBox(paper);
  return mapRegion(translation(-x, -y), paper);
}, 'outlines-of-items');

function piecesOf(filled: FilledFace, job: Job, all: ReadonlyMap<string, Artwork>): Piece[] {
  const { face } = filled;
  const ground = cutLineOf(job) === 'ground';
  const out = ground
    ? cutOutOf(job, filled.arts, (placements) => fill(placements, filled, all).arts)
    : { lines: [], fill: null };
  const sheet = paperFor(filled, job);
  const parts = partsOf(filled, job, ground ? subtract(sheet, unite(...out.lines)) : sheet);
  const whole = parts.length === 1;
  return parts.flatMap(({ called, paper }, i) => {
    const trim = regionBox(paper);
    if (area(trim) === 0) return [];
    spend(cornersOf(paper) / CORNERS_A_UNIT, 'outlines-of-items');
    const strip = { widthMm: trim.width, heightMm: trim.height };
    const toStrip = translation(-trim.x, -trim.y);
    const ink = fromItsCorner(paper);
    const onStrip = { x: -trim.x, y: -trim.y, width: face.widthMm, height: face.heightMm };
    const slot: Slot = { faceId: face.id, toStrip, face: onStrip, ink };
    const shown = whole
      ? filled.arts
      : filled.arts.filter(({ box }) => area(intersection(box, trim)) > 0);
    const arts = artsOnStrip({ ...filled, arts: shown }, 0, slot).filter(
      ({ cutOffShare }) => whole || cutOffShare < 1,
    );
    return [
      {
        id: `${face.id}-${i + 1}`,
        called,
        ...ONE_THING,
        slots: [slot],
        strip,
        ...onPaper(face, strip, onStrip, ink),
        fill: out.fill,
        borderMm: borderOf(filled, trim, job),
        bleedMm: job.bleedMm,
        guides: [],
        arts,
      },
    ];
  });
}

/** The pieces of one thing to be made. */
export function piecesFor(
  job: Job,
  faces: readonly InkedFace[],
  arts: ReadonlyMap<string, Artwork>,
): Piece[] {
  const filled = faces
    .map((face) => fill(job.placements, face, arts))
    .filter((each) => each.arts.length > 0);
  const [front, back] = filled;
  if (job.fold && canFold(job.blank) && front && back)
    return [foldedPiece(front, back, job.fold.gapMm, job.bleedMm)];
  return filled.flatMap((each) => piecesOf(each, job, arts));
}
