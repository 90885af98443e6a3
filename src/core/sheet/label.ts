import { nameOf, pieceLies, type NamedPiece, type Piece } from '../layout';
import type { MirrorPlan } from '../mirror';
import type { Job, Lying } from '../model';
import { tableSide, type Side, type Tile, type Tiling } from './tile';

/** Lines a label has, in words: the room for it is kept before it is known. */
export const LABEL_LINES = 2;
/** Lines the label of a tile has, in words. */
export const TILE_LABEL_LINES = 3;

/** What a sheet with whole pieces says of them. Lengths mm. */
export interface WholeLabel {
  readonly kind: 'pieces';
  readonly pieces: readonly (NamedPiece & Pick<Piece, 'widthMm' | 'heightMm'>)[];
  /** Whether all of them are copies of one piece. */
  readonly alike: boolean;
  /** Where that one lies on its blank, by tape measure; empty where the pieces differ. */
  readonly lies: readonly Lying[];
}

/** What a tile says: which it is, and who lies beside it, printed side up on the table. */
export interface TileLabel {
  readonly kind: 'tile';
  readonly piece: NamedPiece;
  readonly tile: string;
  readonly rows: number;
  readonly columns: number;
  readonly near: readonly { readonly side: Side; readonly tile: string }[];
}

/** What is printed under the pieces; in words: `words/sheets`. */
export type SheetLabel = (WholeLabel | TileLabel) & {
  readonly job: string;
  /** Whether mirroring is to be switched on in the print dialog. */
  readonly driverFlips: boolean;
  /** Whether it is only a proof on plain paper. */
  readonly proof: boolean;
};

interface LabelContext {
  readonly job: Job;
  readonly mirror: MirrorPlan;
  readonly proof?: boolean;
}

const sharedOf = ({ job, mirror, proof = false }: LabelContext) => ({
  proof,
  job: job.name,
  driverFlips: mirror.by === 'driver',
});

/** The label of a sheet with whole pieces. */
export function labelOf(pieces: readonly Piece[], context: LabelContext): SheetLabel {
  const [first] = pieces;
  const alike = pieces.every(({ id }) => id === first?.id);
  return {
    kind: 'pieces',
    ...sharedOf(context),
    alike,
    lies: alike && first ? pieceLies(context.job, first) : [],
    pieces: pieces.map(({ called, variant, widthMm, heightMm }) => ({
      ...{ called, variant, widthMm, heightMm },
    })),
  };
}

/** The label of a tile of a piece. */
export function tileLabel(
  piece: Piece,
  tile: Tile,
  { rows, columns }: Tiling,
  context: LabelContext,
  mirrored: boolean,
): SheetLabel {
  const sides: readonly Side[] = ['left', 'right', 'top', 'bottom'];
  return {
    kind: 'tile',
    ...sharedOf(context),
    ...{ piece: nameOf(piece), tile: tile.name, rows, columns },
    near: sides.flatMap((side) => {
      const name = tile.meets[side];
      return name ? [{ side: tableSide(side, mirrored), tile: name }] : [];
    }),
  };
}
