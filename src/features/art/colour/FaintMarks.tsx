'use client';

import { useMemo } from 'react';
import { faintOn } from '@/core/colour';
import { artMatrix } from '@/core/layout';
import { COLOURS } from '@/ui/theme';
import type { OnFace } from '../useSelection';
import { useGround } from './useGround';

/** Nearer to its edge than this a mark would be hidden by it, as a share of the picture. */
const BEYOND = 0.015;

/** Outlines what of a picture is clear on the screen and will hardly show on this blank. */
export function FaintMarks({ item }: { item: OnFace }) {
  const ground = useGround();
  const { art, box, placement } = item;
  const faint = useMemo(
    () => (art.facts && ground.transparent ? faintOn(art.facts, ground) : []),
    [art.facts, ground],
  );
  if (faint.length === 0 || placement.repeat) return null;
  return (
    <g transform={`matrix(${artMatrix(box, placement.turns).join(' ')})`} pointerEvents="none">
      {faint.map(({ areas }, i) => {
        const round = {
          x: areas.box.x - BEYOND,
          y: areas.box.y - BEYOND,
          width: areas.box.width + 2 * BEYOND,
          height: areas.box.height + 2 * BEYOND,
          fill: 'none',
          vectorEffect: 'non-scaling-stroke',
        } as const;
        return (
          <g key={i} data-testid="faint">
            {/* seen on a dark blank too */}
            <rect {...round} stroke="#ffffff" strokeWidth={4} strokeOpacity={0.75} />
            <rect {...round} stroke={COLOURS.saffron} strokeWidth={2} strokeDasharray="7 5" />
          </g>
        );
      })}
    </g>
  );
}
