'use client';

import { useDrag } from '@use-gesture/react';
import { useRef, useState, type KeyboardEvent } from 'react';
import type { Point } from '@/core/geometry';
import { COLOURS } from '@/ui/theme';

/** What an arrow key moves a point by, as a share of the picture; with the shift key, so many times as far. */
const STEP = 0.001;
const SHIFT = 10;
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
const POINT_PX = 22;
/** As large as this, and no more than such a share of the photo's width. */
const LOUPE_PX = 132;
const LOUPE_SHARE = 0.34;
const LOUPE_TIMES = 4;

const within = (value: number) => Math.min(1, Math.max(0, value));

interface PointProps {
  readonly at: Point;
  readonly name: string;
  readonly sizeOf: () => { width: number; height: number };
  readonly onMove: (to: Point) => void;
  /** Told when a hand or the keyboard takes it, and lets go. */
  readonly onHold: (held: boolean) => void;
}

function Handle({ at, name, sizeOf, onMove, onHold }: PointProps) {
  const bind = useDrag(
    ({ movement: [mx, my], memo, first, last }) => {
      const start = (memo as Point | undefined) ?? at;
      const { width, height } = sizeOf();
      if (first) onHold(true);
      onMove({ x: within(start.x + mx / width), y: within(start.y + my / height) });
      if (last) onHold(false);
      return start;
    },
    { pointer: { keys: false } },
  );
  function onKeyDown(event: KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    const far = event.shiftKey ? SHIFT : 1;
    onHold(true);
    onMove({ x: within(at.x + far * arrow[0]), y: within(at.y + far * arrow[1]) });
  }
  return (
    <button
      type="button"
      {...bind()}
      aria-label={`${name}: arrow keys move it, with shift farther`}
      onKeyDown={onKeyDown}
      onBlur={() => onHold(false)}
      style={{
        ...{ position: 'absolute', width: POINT_PX, height: POINT_PX, padding: 0 },
        left: `calc(${at.x * 100}% - ${POINT_PX / 2}px)`,
        top: `calc(${at.y * 100}% - ${POINT_PX / 2}px)`,
        borderRadius: '50%',
        border: `3px solid ${COLOURS.clover}`,
        background: 'rgba(255, 255, 255, 0.35)',
        cursor: 'move',
        touchAction: 'none',
      }}
    />
  );
}

/** What lies under the finger, larger, in the upper corner away from it. */
function Loupe({
  preview,
  at,
  size: { width, height },
}: {
  preview: string;
  at: Point;
  size: { width: number; height: number };
}) {
  const side = Math.min(LOUPE_PX, LOUPE_SHARE * width);
  // to be seen on dark and on light
  const hair = {
    position: 'absolute',
    background: COLOURS.clover,
    boxShadow: '0 0 0 1px rgba(255, 255, 255, 0.7)',
  } as const;
  return (
    <div
      aria-hidden="true"
      style={{
        ...{ position: 'absolute', top: 4, [at.x < 0.5 ? 'right' : 'left']: 4 },
        ...{ width: side, height: side, pointerEvents: 'none', overflow: 'hidden' },
        ...{ border: '2px solid #fff', outline: `1px solid ${COLOURS.graphite}` },
        backgroundImage: `url("${preview}")`,
        backgroundColor: COLOURS.graphite,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${width * LOUPE_TIMES}px ${height * LOUPE_TIMES}px`,
        backgroundPosition: `${side / 2 - at.x * width * LOUPE_TIMES}px ${side / 2 - at.y * height * LOUPE_TIMES}px`,
      }}
    >
      <div style={{ ...hair, left: '50%', top: 0, width: 1, height: '100%' }} />
      <div style={{ ...hair, top: '50%', left: 0, height: 1, width: '100%' }} />
    </div>
  );
}

/** Points on a photo, shares of it each way, to drag onto what they mean; lines join some of them. */
export function PointPicker({
  preview,
  alt,
  points,
  names,
  lines,
  maxHeight = 300,
  onPoints,
}: {
  preview: string;
  alt: string;
  points: readonly Point[];
  /** What each point means. */
  names: readonly string[];
  /** Which points each line goes through. */
  lines: readonly (readonly number[])[];
  maxHeight?: number | string;
  onPoints: (points: Point[]) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [held, hold] = useState<{ nth: number; size: ReturnType<typeof sizeOf> } | null>(null);
  const sizeOf = () => ({
    width: frame.current?.clientWidth ?? 1,
    height: frame.current?.clientHeight ?? 1,
  });
  const at = held && points[held.nth];
  return (
    <div ref={frame} style={{ position: 'relative', alignSelf: 'center' }}>
      {/* eslint-disable-next-line @next/next/no-img-element -- a local blob, nothing to optimise */}
      <img src={preview} alt={alt} style={{ maxHeight, maxWidth: '100%', display: 'block' }} />
      <svg
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        aria-hidden="true"
        style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
      >
        {lines.map((line) => (
          <polyline
            key={line.join(' ')}
            points={line.map((nth) => `${points[nth]?.x ?? 0},${points[nth]?.y ?? 0}`).join(' ')}
            fill="none"
            stroke={COLOURS.clover}
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      {points.map((each, i) => (
        <Handle
          key={names[i]}
          at={each}
          name={names[i] ?? ''}
          sizeOf={sizeOf}
          onMove={(to) => onPoints(points.map((old, n) => (n === i ? to : old)))}
          onHold={(is) => hold(is ? { nth: i, size: sizeOf() } : null)}
        />
      ))}
      {held && at && <Loupe preview={preview} at={at} size={held.size} />}
    </div>
  );
}
