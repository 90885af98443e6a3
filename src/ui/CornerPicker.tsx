'use client';

import type { Corners } from '@/core/art';
import { PointPicker } from './PointPicker';

/** The whole picture with a little off each side. */
export const START_CORNERS: Corners = [
  { x: 0.04, y: 0.04 },
  { x: 0.96, y: 0.04 },
  { x: 0.96, y: 0.96 },
  { x: 0.04, y: 0.96 },
];

const NAMES = ['upper left', 'upper right', 'lower right', 'lower left'].map(
  (name) => `Corner ${name} of the sheet`,
);

/** Four corners on a photographed sheet, to drag onto its own. */
export function CornerPicker({
  preview,
  corners,
  onCorners,
}: {
  preview: string | undefined;
  corners: Corners;
  onCorners: (corners: Corners) => void;
}) {
  if (!preview) return null;
  return (
    <PointPicker
      preview={preview}
      alt="The photographed sheet"
      points={corners}
      names={NAMES}
      lines={[[0, 1, 2, 3, 0]]}
      onPoints={(points) => onCorners(points as unknown as Corners)}
    />
  );
}
