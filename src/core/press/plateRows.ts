import type { EffectivePlate } from './machine';

/** Blanks lying on a plate in rows, none touching another. */
export interface PlateRows {
  readonly across: number;
  readonly down: number;
  /** How much room a blank takes as it lies, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly gapMm: number;
  /** The evenly hot part they lie on. */
  readonly plate: EffectivePlate;
}

/** Room between two blanks, mm (own choice). */
const GAP_MM = 10;
const HAIR = 1e-6;

/** How many lie on the plate at once. */
export const countOf = ({ across, down }: PlateRows): number => across * down;

/** How most blanks of a size lie on a plate at once, upright or all turned. */
export function rowsOnPlate(
  blank: { readonly widthMm: number; readonly heightMm: number },
  plate: EffectivePlate,
): PlateRows {
  const along = (room: number, size: number) =>
    Math.max(0, Math.floor((room + GAP_MM + HAIR) / (size + GAP_MM)));
  const rows = (widthMm: number, heightMm: number): PlateRows => ({
    across: along(plate.widthMm, widthMm),
    down: along(plate.heightMm, heightMm),
    ...{ widthMm, heightMm, gapMm: GAP_MM, plate },
  });
  const upright = rows(blank.widthMm, blank.heightMm);
  const turned = rows(blank.heightMm, blank.widthMm);
  return countOf(turned) > countOf(upright) ? turned : upright;
}
