import { bottom, right, type Box } from '../geometry';
import type { Raster } from '../proof';
import type { Sheet, Side, Tile, Tiling } from '../sheet';

/** A sheet, a tile or a piece of what must lie there: what is seen of it, mm from the picture's top-left corner. */
export interface Part {
  /** Its tile's name, or its piece's number on the sheet. */
  readonly name: string;
  readonly box: Box;
  /** Sides where nothing else meets it, and no white is meant to be left. */
  readonly outer: readonly Side[];
}

/** Where two tiles meet: a straight line between two places, the first tile left of it or above. */
export interface Seam {
  readonly between: readonly [string, string];
  readonly upright: boolean;
  /** Along the seam from here to there, and where it runs across, mm. */
  readonly from: number;
  readonly to: number;
  readonly at: number;
}

/** What the plan says must be in sight, printed side up. */
export interface Expected {
  readonly kind: 'sheet' | 'laid';
  /** Id of the sheet, or of the piece whose tiles are laid. */
  readonly id: string;
  /** As it must look, true size; white where the paper is bare. */
  readonly picture: Raster;
  /** Edges of the paper, mm; null where it is trimmed. */
  readonly paper: Box | null;
  readonly parts: readonly Part[];
  readonly seams: readonly Seam[];
  /** How far a sheet goes on under or over what is seen of it, mm; 0 where sheets are not laid together. */
  readonly flapMm: number;
}

const mirroredIn = (box: Box, widthMm: number): Box => ({ ...box, x: widthMm - right(box) });

const OTHER: Readonly<Record<Side, Side>> = {
  left: 'right',
  right: 'left',
  top: 'top',
  bottom: 'bottom',
};

/** A printed sheet, not yet trimmed, on the paper it came out on. */
export function expectedSheet(sheet: Sheet, picture: Raster, flippedLater: boolean): Expected {
  return {
    kind: 'sheet',
    id: sheet.id,
    picture,
    paper: { x: 0, y: 0, width: sheet.widthMm, height: sheet.heightMm },
    parts: sheet.items.map(({ box, tile }, i) => ({
      name: tile?.name ?? String(i + 1),
      box: flippedLater ? mirroredIn(box, sheet.widthMm) : box,
      outer: [],
    })),
    seams: [],
    flapMm: 0,
  };
}

const sidesOuter = (tile: Tile, mirrored: boolean): Side[] =>
  (['left', 'right', 'top', 'bottom'] as const)
    .filter((side) => tile.edges[side] === 'outer')
    .map((side) => (mirrored ? OTHER[side] : side));

const MEETS_MM = 0.5;

const flapOf = ({ printed, shown }: Tile): number =>
  Math.max(
    ...[shown.x - printed.x, right(printed) - right(shown)],
    ...[shown.y - printed.y, bottom(printed) - bottom(shown)],
  );

/** The tiles of a piece laid together on the table, printed side up: from behind where they are printed mirrored. */
export function expectedLaid(
  { pieceId, tiles }: Pick<Tiling, 'pieceId' | 'tiles'>,
  picture: Raster,
  mirrored: boolean,
): Expected {
  const widthMm = picture.width / picture.pxPerMm;
  const parts = tiles.map((tile) => ({
    name: tile.name,
    box: mirrored ? mirroredIn(tile.shown, widthMm) : tile.shown,
    outer: sidesOuter(tile, mirrored),
  }));
  const seams = parts.flatMap((one) =>
    parts.flatMap((other): Seam[] => {
      const [a, b] = [one.box, other.box];
      const from = { x: Math.max(a.x, b.x), y: Math.max(a.y, b.y) };
      const to = { x: Math.min(right(a), right(b)), y: Math.min(bottom(a), bottom(b)) };
      const between = [one.name, other.name] as const;
      if (Math.abs(right(a) - b.x) < MEETS_MM && to.y - from.y > MEETS_MM)
        return [{ between, upright: true, from: from.y, to: to.y, at: b.x }];
      if (Math.abs(bottom(a) - b.y) < MEETS_MM && to.x - from.x > MEETS_MM)
        return [{ between, upright: false, from: from.x, to: to.x, at: b.y }];
      return [];
    }),
  );
  const flapMm = Math.max(0, ...tiles.map(flapOf));
  return { kind: 'laid', id: pieceId, picture, paper: null, parts, seams, flapMm };
}
