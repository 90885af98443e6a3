import {
  chain,
  growRegion,
  mapBox,
  mapRegion,
  outset,
  rectRing,
  regionBox,
  translation,
  withoutHoles,
  type Affine,
  type Point,
  type Region,
} from '../geometry';
import { faceBox, traitsOf } from '../form';
import type { Blank } from '../model';
import { isCloth } from '../traits';
import {
  artsOnStrip,
  ONE_THING,
  type FilledFace,
  type Guide,
  type Piece,
  type Slot,
} from './piece';

/** Fold gap usual between the faces: common practice. */
export const USUAL_FOLD_GAP_MM = 19.05;
/** Outline marks stay this far off the ink, mm (own choice). */
const OUTLINE_GAP_MM = 0.7;
/**
 * Paper beyond the outlines at either end, to hold the strip by, mm (own choice). Beside them it needs
 * none: it is cut along the outlines' sides, so that more strips share a sheet.
 */
const BORDER_MM = 5;

/** Thin two-sided hard blanks are pressed both sides at once; cloth never is. */
export const canFold = (blank: Blank): boolean =>
  traitsOf(blank.form).folds &&
  'sides' in blank.form &&
  blank.form.sides === 2 &&
  !isCloth(blank.substrate);

/** Half a turn about the middle of the line that the strip is folded on. */
const halfTurn = (x: number, y: number): Affine => [-1, 0, 0, -1, 2 * x, 2 * y];

/**
 * Both faces on one strip, the back turned by half a turn below the fold. Folding the paper backwards
 * over the fold lays every point of the back's outline on the front's: a point right of the middle on the
 * back is left of it seen through the front, and half a turn about the fold's middle does just that.
 * @param gapMm between the two faces' edges.
 */
export function foldedPiece(
  front: FilledFace,
  back: FilledFace,
  gapMm: number,
  bleedMm: number,
): Piece {
  const { widthMm, heightMm } = front.face;
  const fold = { x: widthMm / 2, y: heightMm + gapMm / 2 };
  const turned = halfTurn(fold.x, fold.y);
  const outlines = [
    growRegion(withoutHoles(front.ink), OUTLINE_GAP_MM),
    growRegion(mapRegion(turned, withoutHoles(back.ink)), OUTLINE_GAP_MM),
  ];
  const marked = regionBox(outlines.flat());
  const paper = { ...outset(marked, BORDER_MM), x: marked.x, width: marked.width };
  const toStrip = translation(-paper.x, -paper.y);
  const slotOf = (filled: FilledFace, map: Affine): Slot => ({
    faceId: filled.face.id,
    toStrip: chain(map, toStrip),
    face: mapBox(chain(map, toStrip), faceBox(filled.face)),
    ink: mapRegion(chain(map, toStrip), filled.ink),
  });
  const slots = [slotOf(front, [1, 0, 0, 1, 0, 0]), slotOf(back, turned)] as const;
  const line = (kind: Guide['kind'], points: readonly Point[], closed: boolean): Guide => ({
    kind,
    points,
    closed,
  });
  const foldY = fold.y - paper.y;
  const marks: Region = outlines.flatMap((outline) => mapRegion(toStrip, outline));
  return {
    id: 'pair-1',
    called: { kind: 'folded' },
    ...ONE_THING,
    slots,
    strip: { widthMm: paper.width, heightMm: paper.height },
    bend: null,
    widthMm: paper.width,
    heightMm: paper.height,
    cut: [rectRing({ x: 0, y: 0, width: paper.width, height: paper.height })],
    bleedMm,
    guides: [
      line(
        'fold',
        [
          { x: 0, y: foldY },
          { x: paper.width, y: foldY },
        ],
        false,
      ),
      ...marks.map((ring) => line('outline', ring, true)),
    ],
    arts: [front, back].flatMap((filled, i) => {
      const slot = slots[i];
      return slot ? artsOnStrip(filled, i, slot) : [];
    }),
  };
}
