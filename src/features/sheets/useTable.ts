'use client';

import { useState } from 'react';
import { mirrorIn, type Affine, type Box } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import { liesMirrored, type Tiling } from '@/core/sheet';
import { useJob } from '@/ui/job/jobContext';

/** Printed side up, as the sheets are laid; or as the finished thing is seen. */
export type TableView = 'lies' | 'seen';

/** One tiled piece as it is looked at, and the way between its mm and the stage's. */
export interface OnTable {
  readonly tiling: Tiling;
  readonly piece: Piece;
  readonly flipped: boolean;
  /** Takes piece mm to stage mm. */
  readonly map: Affine;
  /** Left and right swap where the table shows it from behind; the way there and back alike. */
  readonly toX: (x: number) => number;
  readonly toBox: (box: Box) => Box;
}

/** Which tiled piece is on the table, and which way it is looked at. */
export function useTable() {
  const { plan } = useJob();
  const [view, setView] = useState<TableView>('lies');
  const [at, setAt] = useState(0);
  const tiling = plan.tilings[Math.min(at, plan.tilings.length - 1)];
  const piece = plan.pieces.find(({ id }) => id === tiling?.pieceId);
  const mirrored = liesMirrored(plan);
  const flipped = mirrored && view === 'lies';
  const width = piece?.widthMm ?? 0;
  const toX = (x: number) => (flipped ? width - x : x);
  const shown: OnTable | null =
    tiling && piece
      ? {
          tiling,
          piece,
          flipped,
          map: flipped ? mirrorIn(width) : [1, 0, 0, 1, 0, 0],
          toX,
          toBox: (box) => (flipped ? { ...box, x: width - box.x - box.width } : box),
        }
      : null;
  return { view, setView, at, setAt, mirrored, shown };
}

export type Table = ReturnType<typeof useTable>;
