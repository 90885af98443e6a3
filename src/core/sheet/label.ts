import type { Piece } from '../layout';
import { formatSize } from '../units';
import { tableSide, type Side, type Tile, type Tiling } from './tile';
import type { SheetContext } from './types';

/** Lines a label has at most: the room for it is kept before it is known. */
export const LABEL_LINES = 2;
export const TILE_LABEL_LINES = 3;

const driverLine = ({ mirror }: SheetContext): string =>
  `Print dialog: ${mirror.driverSetting}. If this line reads normally on the paper, the mirroring is right.`;

/** What a sheet with whole pieces says: what they are, and what to set in the print dialog. */
export function labelOf(pieces: readonly Piece[], context: SheetContext): string[] {
  const { job, units } = context;
  const [first] = pieces;
  const alike = first && pieces.every(({ id }) => id === first.id);
  const size = first ? formatSize(first.widthMm, first.heightMm, units.length) : '';
  const what =
    first && alike
      ? `${pieces.length > 1 ? `${pieces.length} × ` : ''}${first.name} · cut to ${size}`
      : pieces.map(({ name }) => name).join(', ');
  return [`${job.name} · ${what} · print at 100 %, no fit to page`, driverLine(context)];
}

const BESIDE: Readonly<Record<Side, string>> = {
  left: 'left',
  right: 'right',
  top: 'above',
  bottom: 'below',
};

/** What a tile says: which it is, who lies beside it on the table, and the print dialog. */
export function tileLabel(
  piece: Piece,
  tile: Tile,
  tiling: Tiling,
  context: SheetContext,
  mirrored: boolean,
): string[] {
  const near = (Object.keys(BESIDE) as Side[]).flatMap((side) => {
    const name = tile.meets[side];
    return name ? [`${BESIDE[tableSide(side, mirrored)]} ${name}`] : [];
  });
  const { rows, columns } = tiling;
  return [
    `${context.job.name} · ${piece.name} · sheet ${tile.name} of ${rows} × ${columns} · print at 100 %, no fit to page`,
    `Printed side up on the table its neighbours are ${near.join(', ')}. Laid A1 first, row by row, each on top.`,
    driverLine(context),
  ];
}
