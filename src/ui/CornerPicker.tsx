'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import { useRef } from 'react';
import type { Corners } from '@/core/art';
import type { Point } from '@/core/geometry';
import { COLOURS } from '@/ui/theme';

/** The whole picture with a little off each side. */
export const START_CORNERS: Corners = [
  { x: 0.04, y: 0.04 },
  { x: 0.96, y: 0.04 },
  { x: 0.96, y: 0.96 },
  { x: 0.04, y: 0.96 },
];

const NAMES = ['upper left', 'upper right', 'lower right', 'lower left'] as const;
const STEP = 0.005;
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

const within = (value: number) => Math.min(1, Math.max(0, value));

function Corner({
  at,
  name,
  sizeOf,
  onMove,
}: {
  at: Point;
  name: string;
  sizeOf: () => { width: number; height: number };
  onMove: (to: Point) => void;
}) {
  const bind = useDrag(
    ({ movement: [mx, my], memo }) => {
      const start = (memo as Point | undefined) ?? at;
      const { width, height } = sizeOf();
      onMove({ x: within(start.x + mx / width), y: within(start.y + my / height) });
      return start;
    },
    { pointer: { keys: false } },
  );
  function onKeyDown(event: KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    onMove({ x: within(at.x + arrow[0]), y: within(at.y + arrow[1]) });
  }
  return (
    <button
      type="button"
      {...bind()}
      aria-label={`Corner ${name} of the sheet: arrow keys move it`}
      onKeyDown={onKeyDown}
      style={{
        position: 'absolute',
        left: `calc(${at.x * 100}% - 11px)`,
        top: `calc(${at.y * 100}% - 11px)`,
        width: 22,
        height: 22,
        borderRadius: '50%',
        border: `3px solid ${COLOURS.clover}`,
        background: 'rgba(255, 255, 255, 0.7)',
        cursor: 'move',
        touchAction: 'none',
        padding: 0,
      }}
    />
  );
}

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
  const frame = useRef<HTMLDivElement>(null);
  if (!preview) return null;
  const sizeOf = () => ({
    width: frame.current?.clientWidth ?? 1,
    height: frame.current?.clientHeight ?? 1,
  });
  return (
    <div ref={frame} style={{ position: 'relative', alignSelf: 'center' }}>
      {/* eslint-disable-next-line @next/next/no-img-element -- a local blob, nothing to optimise */}
      <img
        src={preview}
        alt="The photographed sheet"
        style={{ maxHeight: 300, maxWidth: '100%', display: 'block' }}
      />
      <svg
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        aria-hidden="true"
        style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
      >
        <polygon
          points={corners.map(({ x, y }) => `${x},${y}`).join(' ')}
          fill="none"
          stroke={COLOURS.clover}
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {corners.map((at, i) => (
        <Corner
          key={NAMES[i]}
          at={at}
          name={NAMES[i] ?? ''}
          sizeOf={sizeOf}
          onMove={(to) =>
            onCorners(corners.map((each, n) => (n === i ? to : each)) as unknown as Corners)
          }
        />
      ))}
    </div>
  );
}
