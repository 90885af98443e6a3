'use client';

import { COLOURS } from './theme';

/** The house mark: four small sheets turned about a common corner, reading as a clover. */
export function Mark({ size = 28 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-16 -16 32 32" aria-hidden="true">
      {[0, 90, 180, 270].map((turn) => (
        <rect
          key={turn}
          x={1}
          y={1.5}
          width={11}
          height={11}
          rx={2}
          transform={`rotate(${turn - 12})`}
          fill={COLOURS.clover}
          fillOpacity={turn % 180 === 0 ? 1 : 0.78}
        />
      ))}
      <path d="M1 13 C2 15 4 15.5 6 15.5" stroke={COLOURS.clover} strokeWidth={1.6} fill="none" />
    </svg>
  );
}
