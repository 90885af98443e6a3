'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import { MM_PER_INCH } from '@/core/units';
import { formatLength } from '@/words/units';
import { useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';

interface SeamProps {
  /** `down` is an upright line at x, `across` a level one at y; mm as the stage shows them. */
  axis: 'down' | 'across';
  at: number;
  /** The stretch it runs along, mm. */
  from: number;
  to: number;
  label: string;
  /** What it may reach, mm as shown. */
  most: number;
  /** `hand` stands for one drag, where it is one. */
  onMove: (at: number, hand?: symbol) => void;
}

/** Where a drag began, and what stands for it. */
interface DragStart {
  readonly at: number;
  readonly hand: symbol;
}

/** Width of the strip that takes hold of a seam, screen pixels. */
const GRIP_PX = 18;

/** A seam on the table: drag it, or focus it and use the arrow keys. */
export function SeamLine({ axis, at, from, to, label, most, onMove }: SeamProps) {
  const px = useMmPerPx();
  const { length } = useUnits();
  const upright = axis === 'down';
  const move = (to: number, hand?: symbol) => onMove(Math.min(most, Math.max(0, to)), hand);
  const bind = useDrag(
    ({ movement: [mx, my], memo }) => {
      const start = (memo as DragStart | undefined) ?? { at, hand: Symbol('drag') };
      const by = (upright ? mx : my) * px;
      if (by !== 0) move(start.at + by, start.hand);
      return start;
    },
    { pointer: { keys: false } },
  );

  function onKeyDown(event: KeyboardEvent) {
    const [less, more] = upright ? ['ArrowLeft', 'ArrowRight'] : ['ArrowUp', 'ArrowDown'];
    const way = event.key === less ? -1 : event.key === more ? 1 : 0;
    if (way === 0) return;
    event.preventDefault();
    move(at + way * (length === 'in' ? MM_PER_INCH / 16 : 1) * (event.shiftKey ? 4 : 1));
  }

  const line = upright
    ? { x1: at, x2: at, y1: from, y2: to }
    : { x1: from, x2: to, y1: at, y2: at };
  const grip = GRIP_PX * px;
  return (
    <g
      {...bind()}
      tabIndex={0}
      role="slider"
      aria-label={label}
      aria-orientation={upright ? 'horizontal' : 'vertical'}
      aria-valuemin={0}
      aria-valuemax={Math.round(most)}
      aria-valuenow={Math.round(at)}
      aria-valuetext={formatLength(at, length)}
      onKeyDown={onKeyDown}
      style={{ cursor: upright ? 'ew-resize' : 'ns-resize', touchAction: 'none' }}
    >
      <line {...line} stroke="#fff" strokeWidth={4 * px} />
      <line
        {...line}
        stroke={COLOURS.ember}
        strokeWidth={2 * px}
        strokeDasharray={`${7 * px} ${4 * px}`}
      />
      <rect
        x={upright ? at - grip / 2 : from}
        y={upright ? from : at - grip / 2}
        width={upright ? grip : to - from}
        height={upright ? to - from : grip}
        fill="transparent"
      />
    </g>
  );
}
