import type { Machine, Readings } from '@/core/model';

type Plate = NonNullable<Machine['plate']>;

/** Where nine readings are taken: the middle, and near corners and edges, as shares of the plate. */
const SHARES = [0.14, 0.5, 0.86] as const;

/** A place to be measured: where on the plate, mm, and what it is called. */
export interface PlaceToRead {
  readonly xMm: number;
  readonly yMm: number;
  readonly called: string;
}

const ROWS = ['Back', 'Middle', 'Front'] as const;
const COLUMNS = ['left', 'middle', 'right'] as const;

/** Nine places of a plate, from the back left to the front right. */
export const ninePlaces = ({ widthMm, heightMm }: Plate): readonly PlaceToRead[] =>
  SHARES.flatMap((y, row) =>
    SHARES.map((x, column) => ({
      ...{ xMm: x * widthMm, yMm: y * heightMm },
      called: row === 1 && column === 1 ? 'Middle' : `${ROWS[row]} ${COLUMNS[column]}`,
    })),
  );

/** Nearer than this a reading is one of the nine places, mm. */
const SAME_MM = 2;

/** The reading at a place; null where none was taken. */
export const readingAt = (
  { places }: Pick<Readings, 'places'>,
  { xMm, yMm }: Pick<PlaceToRead, 'xMm' | 'yMm'>,
): Readings['places'][number] | null =>
  places.find((each) => Math.hypot(each.xMm - xMm, each.yMm - yMm) < SAME_MM) ?? null;
