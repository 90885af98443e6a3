import { facesOf } from '../blank';
import { isCup } from '../form';
import { NOTHING_OWN, plainItem, type Artwork, type Item, type Job, type Shelf } from '../model';
import { withArt } from './edit';
import { newJob } from './start';

/** A test piece: what it is called, its own heat, and its picture, which says both. */
export interface TestPiece {
  readonly name: string;
  readonly heat: NonNullable<Item['heat']>;
  readonly art: Artwork;
}

/** Side of a test picture at most, mm; and what share of a small face it takes (own choice). */
export const TEST_PICTURE_MM = 40;
const SHARE = 0.6;

const PLACE = 'test-picture';

/**
 * A job of test pieces for another: the same blank, transfer, paper and machine, a small picture in its usual place,
 * and a row for each piece with heat of its own.
 * @param pieces at least one.
 */
export function testJob(
  of: Job,
  pieces: readonly TestPiece[],
  { id, name, now, shelf }: { id: string; name: string; now: Date; shelf: Shelf },
): Job {
  const [first] = pieces;
  if (!first) throw new Error('A test takes at least one piece.');
  const plain = newJob(id, name, of.blank, now, shelf);
  const [face] = facesOf(of.blank);
  const room = Math.min(face?.widthMm ?? TEST_PICTURE_MM, face?.heightMm ?? TEST_PICTURE_MM);
  const side = Math.min(TEST_PICTURE_MM, SHARE * room);
  const base: Job = {
    ...plain,
    ...{ transfer: of.transfer, sheet: of.sheet, heat: { ...of.heat, own: NOTHING_OWN } },
    ...(isCup(of.blank.form)
      ? { wrap: { ...plain.wrap, parts: 'strip' } }
      : { cut: { ...plain.cut, line: 'contour' } }),
  };
  const placed = withArt(base, first.art, PLACE, face?.id);
  return {
    ...placed,
    arts: [...new Map(pieces.map(({ art }) => [art.sha256, art])).values()],
    placements: placed.placements.map((placement) => ({
      ...placement,
      sizing: { mode: 'exact', widthMm: side, heightMm: side, locked: true },
    })),
    items: pieces.map(({ name: called, heat, art }, i) => ({
      ...plainItem(`piece-${i + 1}`),
      ...{ name: called, heat, pictures: [{ placementId: PLACE, artSha256: art.sha256 }] },
    })),
  };
}
