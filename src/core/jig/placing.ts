import { isCup, type Face } from '../form';
import { inverse, mapBox, mapRegion, rectRing, translation } from '../geometry';
import type { Piece } from '../layout';
import type { Job } from '../model';
import type { LengthUnit } from '../units';
import { line, ringLines, type Sketch } from './sketch';

/** What jigs are made from. */
export interface JigInput {
  readonly job: Job;
  readonly faces: readonly Face[];
  readonly pieces: readonly Piece[];
  /** What rulers on jigs are marked in. */
  readonly ruler: LengthUnit;
}

/** A blank-side sheet: where each piece of loose letters or mosaic lies. */
export function positionTemplate({ job, faces, pieces }: JigInput): Sketch | null {
  const [face] = faces;
  if (!face || job.cut.line !== 'contour') return null;
  const placed = pieces.flatMap((piece) =>
    piece.slots
      .filter(({ faceId }) => faceId === face.id)
      .flatMap(({ ink, face: on }) => mapRegion(translation(-on.x, -on.y), ink)),
  );
  const box = { x: 0, y: 0, width: face.widthMm, height: face.heightMm };
  return {
    kind: 'position-template',
    widthMm: box.width,
    heightMm: box.height,
    lines: [...ringLines('mark', [rectRing(box)]), ...ringLines('draw', placed)],
    marks: [],
  };
}

/** A sheet of plain paper the blank itself is laid on: its outline, its middle, and where the art comes. */
export function layOnGuide({ job, faces, pieces }: JigInput): Sketch | null {
  const [face] = faces;
  if (!face || isCup(job.blank.form) || face.widthMm <= 0 || face.heightMm <= 0) return null;
  const arts = pieces.flatMap((piece) =>
    piece.arts.flatMap(({ slot, box }) => {
      const on = piece.slots[slot];
      return on?.faceId === face.id ? [rectRing(mapBox(inverse(on.toStrip), box))] : [];
    }),
  );
  const { widthMm: w, heightMm: h } = face;
  return {
    kind: 'lay-on-guide',
    widthMm: w,
    heightMm: h,
    lines: [
      ...ringLines('mark', face.region),
      ...ringLines('draw', arts.slice(0, 40)),
      line('fold', { x: w / 2, y: 0 }, { x: w / 2, y: h }),
      line('fold', { x: 0, y: h / 2 }, { x: w, y: h / 2 }),
    ],
    marks: [],
  };
}
