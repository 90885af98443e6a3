import { facesOfForm, type Face } from '../form';
import { bottom, inverse, mapBox, right, type Box } from '../geometry';
import type { Job, Lying } from '../model';
import { formFor } from './itemJob';
import type { Piece } from './piece';

/** Nearer to an edge than this a paper is laid on it, mm; and nearer to each other two places are the same. */
const HAIR_MM = 0.5;

/** The box of a piece on one of its faces, face mm. */
const boxOn = (piece: Piece, nth: number): Box | null => {
  const slot = piece.slots[nth];
  if (!slot || piece.bend) return null;
  const { widthMm, heightMm } = piece.strip;
  return mapBox(inverse(slot.toStrip), { x: 0, y: 0, width: widthMm, height: heightMm });
};

function lyingOn(face: Face, box: Box): Lying | null {
  const { edges, widthMm, heightMm } = face;
  const from = [
    { edge: edges.left, mm: box.x },
    { edge: edges.right, mm: widthMm - right(box) },
    { edge: edges.top, mm: box.y },
    { edge: edges.bottom, mm: heightMm - bottom(box) },
  ].filter(({ mm }) => mm > HAIR_MM);
  return from.length > 0 ? { faceId: face.id, from } : null;
}

const same = (a: readonly Lying[], b: readonly Lying[]): boolean =>
  a.length === b.length &&
  a.every(({ faceId, from }, i) => {
    const other = b[i];
    return (
      faceId === other?.faceId &&
      from.length === other.from.length &&
      from.every(({ mm }, n) => Math.abs(mm - (other.from[n]?.mm ?? Infinity)) < HAIR_MM)
    );
  });

/**
 * Where a piece lies on its faces, by tape measure from the edges of the blank it is for; nothing of one that is folded,
 * bent or a loose part.
 */
export function pieceLies(job: Job, piece: Piece): readonly Lying[] {
  if (piece.called.kind === 'folded' || piece.called.kind === 'part') return [];
  const item = job.items.find(({ id }) => id === piece.items[0]);
  const faces = item ? facesOfForm(formFor(job.blank.form, item)) : [];
  return piece.slots.flatMap((slot, nth) => {
    const face = faces.find(({ id }) => id === slot.faceId);
    const box = boxOn(piece, nth);
    return (face && !face.development && box && lyingOn(face, box)) || [];
  });
}

/**
 * Where the papers of a pass lie on their faces; one paper a face.
 * @param pieces of all items. @returns nothing where it differs from one item to another.
 */
export function lyingOf(job: Job, pieces: readonly Piece[]): readonly Lying[] {
  const groups = new Map<string, Lying[]>();
  for (const piece of pieces) {
    const key = piece.items.join(' ');
    groups.set(key, [...(groups.get(key) ?? []), ...pieceLies(job, piece)]);
  }
  const [first = [], ...others] = groups.values();
  return others.every((each) => same(first, each)) ? first : [];
}
