'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import type { Box } from '@/core/geometry';
import { MM_PER_INCH } from '@/core/units';
import { useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';

interface PictureProps {
  name: string;
  href: string | undefined;
  box: Box;
  /** Id of the clip path of the piece's edge. */
  clip: string;
  selected: boolean;
  movable: boolean;
  onChoose: () => void;
  onMove: (dxMm: number, dyMm: number, group: string) => void;
}

const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** One picture on the stage: drag it, or focus it and use the arrow keys. */
export function PlacedPicture(props: PictureProps) {
  const { name, href, box, clip, selected, movable, onChoose, onMove } = props;
  const mmPerPx = useMmPerPx();
  const { length } = useUnits();
  const nudge = length === 'in' ? MM_PER_INCH / 16 : 1;

  const bindDrag = useDrag(
    ({ delta: [dx, dy], first }) => {
      if (first) onChoose();
      if (dx !== 0 || dy !== 0) onMove(dx * mmPerPx, dy * mmPerPx, 'drag');
    },
    { enabled: movable, filterTaps: true, pointer: { keys: false } },
  );

  function onKeyDown(event: KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow || !movable) return;
    event.preventDefault();
    const step = nudge * (event.shiftKey ? 4 : 1);
    onMove(arrow[0] * step, arrow[1] * step, 'nudge');
  }

  return (
    <g
      {...bindDrag()}
      tabIndex={movable ? 0 : undefined}
      role="button"
      aria-label={`Picture ${name}: arrow keys move it`}
      aria-pressed={selected}
      onFocus={onChoose}
      onKeyDown={onKeyDown}
      style={{ cursor: movable ? 'grab' : 'default', touchAction: 'none', outlineOffset: 2 }}
    >
      {href && selected && <image {...box} href={href} preserveAspectRatio="none" opacity={0.22} />}
      {href && (
        <g clipPath={`url(#${clip})`}>
          <image
            {...box}
            href={href}
            preserveAspectRatio="none"
            style={{ mixBlendMode: 'multiply' }}
          />
        </g>
      )}
      <rect
        {...box}
        fill="transparent"
        stroke={selected ? COLOURS.clover : 'none'}
        strokeWidth={2 * mmPerPx}
      />
    </g>
  );
}
