'use client';

import { COLOURS, FONTS } from '../theme';
import { useMmPerPx } from './TrueScale';

interface DimensionProps {
  /** Ends of what is measured along its axis, mm. */
  from: number;
  to: number;
  /** Where the line is drawn on the other axis, mm. */
  at: number;
  /** Where the measured edges are on the other axis: extension lines start there. */
  edge: number;
  axis: 'x' | 'y';
  label: string;
  colour?: string;
}

/** A dimension line as on a workshop drawing: extension lines, arrowheads, the figure on the line. */
export function DimensionLine({
  from,
  to,
  at,
  edge,
  axis,
  label,
  colour = COLOURS.graphite,
}: DimensionProps) {
  const px = useMmPerPx();
  const middle = (from + to) / 2;
  const tip = 5 * px;
  const narrow = Math.abs(to - from) < tip * 3;
  const past = Math.sign(at - edge) * 4 * px;
  const point = (along: number, across: number) =>
    axis === 'x' ? `${along},${across}` : `${across},${along}`;
  const arrow = (end: number, way: number) =>
    `M${point(end, at)} L${point(end - way * tip, at - tip / 2.4)} L${point(end - way * tip, at + tip / 2.4)} Z`;
  const turn = axis === 'y' ? `rotate(-90 ${at} ${middle})` : undefined;
  const textAt = axis === 'x' ? { x: middle, y: at } : { x: at, y: middle };
  const width = (label.length * 7.4 + 10) * px;
  return (
    <g stroke={colour} fill={colour} strokeWidth={px} aria-hidden="true">
      <path
        d={`M${point(from, edge)} L${point(from, at + past)} M${point(to, edge)} L${point(to, at + past)}`}
        strokeOpacity={0.5}
        fill="none"
      />
      <path d={`M${point(from, at)} L${point(to, at)}`} fill="none" />
      {!narrow && <path d={`${arrow(from, -1)} ${arrow(to, 1)}`} stroke="none" />}
      <g transform={turn}>
        <rect
          x={textAt.x - width / 2}
          y={textAt.y - 9 * px}
          width={width}
          height={18 * px}
          fill={COLOURS.paper}
          stroke="none"
        />
        <text
          {...textAt}
          fontFamily={FONTS.figure}
          fontSize={12.5 * px}
          textAnchor="middle"
          dominantBaseline="central"
          stroke="none"
        >
          {label}
        </text>
      </g>
    </g>
  );
}
