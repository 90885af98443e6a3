'use client';

import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import { blockWords, setWords, wallTime } from '@/words';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import type { EveningShown } from '@/workers';
import { lanesOf, type Lane, type LaneSpan } from './lanes';
import { numbersOf } from './things';

/** Height of a lane and of the clock above, room for the names at the left, px. */
const LANE_PX = 46;
const CLOCK_PX = 30;
const NAMES_PX = 150;
/** Narrowest the clock is drawn, px: longer evenings are scrolled. */
const LEAST_PX = 640;
/** Minutes between marks of the clock, the first that leaves them room. */
const STEPS_MIN = [5, 10, 15, 30, 60];
const STEP_PX = 56;
/** Narrower than this a span has no room for its number, px. */
const NUMBER_PX = 16;

const LOOKS: Record<LaneSpan['kind'], { fill: string; text: string }> = {
  hands: { fill: COLOURS.clover, text: '#fff' },
  machine: { fill: COLOURS.ember, text: '#fff' },
  setting: { fill: COLOURS.saffronGround, text: COLOURS.saffron },
};

export interface LanesProps {
  shown: EveningShown;
  /** When the evening begins, minutes after midnight. */
  begin: number;
  /** The number of the piece that is looked at; null for none. */
  piece: number | null;
  onPiece: (piece: number | null) => void;
}

function Span({
  span,
  x,
  width,
  faded,
  number,
  label,
  onChoose,
}: {
  span: LaneSpan;
  x: number;
  width: number;
  faded: boolean;
  number: number | null;
  label: string;
  onChoose: (() => void) | null;
}) {
  const { fill, text } = LOOKS[span.kind];
  return (
    <g
      role={onChoose ? 'button' : 'img'}
      tabIndex={onChoose ? 0 : undefined}
      aria-label={label}
      onClick={onChoose ?? undefined}
      onKeyDown={(event) => {
        if (!onChoose || (event.key !== 'Enter' && event.key !== ' ')) return;
        event.preventDefault();
        onChoose();
      }}
      style={{ cursor: onChoose ? 'pointer' : 'default' }}
      opacity={faded ? 0.3 : 1}
    >
      <title>{label}</title>
      <rect
        x={x}
        y={6}
        width={Math.max(1.5, width - 1)}
        height={LANE_PX - 14}
        rx={Math.min(5, width / 3)}
        fill={fill}
        stroke={span.kind === 'setting' ? COLOURS.saffron : 'none'}
        strokeDasharray={span.kind === 'setting' ? '4 3' : undefined}
      />
      {number !== null && width >= NUMBER_PX && (
        <text
          x={x + width / 2}
          y={LANE_PX / 2 + 4}
          textAnchor="middle"
          fontFamily={FONTS.figure}
          fontSize={14}
          fill={text}
        >
          {number}
        </text>
      )}
    </g>
  );
}

/** How hot a machine is, as a line along the foot of its lane. */
function HeatLine({ lane, xOf }: { lane: Lane; xOf: (s: number) => number }) {
  if (lane.heats.length === 0) return null;
  const most = Math.max(...lane.heats.map(({ c }) => c), 1);
  const points = lane.heats.map(
    ({ atS, c }) =>
      `${xOf(atS).toFixed(1)},${(LANE_PX - 3 - (c / most) * (LANE_PX - 12)).toFixed(1)}`,
  );
  return (
    <polyline
      points={points.join(' ')}
      fill="none"
      stroke={COLOURS.ink}
      strokeWidth={1.5}
      strokeOpacity={0.55}
      pointerEvents="none"
    />
  );
}

function Clock({ begin, endS, pxPerS }: { begin: number; endS: number; pxPerS: number }) {
  const step = STEPS_MIN.find((minutes) => minutes * 60 * pxPerS >= STEP_PX) ?? 60;
  const first = (step - (begin % step)) % step;
  const marks: number[] = [];
  for (let minutes = first; minutes * 60 <= endS; minutes += step) marks.push(minutes * 60);
  return marks.map((s) => (
    <g key={s}>
      <line
        x1={NAMES_PX + s * pxPerS}
        x2={NAMES_PX + s * pxPerS}
        y1={CLOCK_PX - 8}
        y2="100%"
        stroke={COLOURS.hairline}
      />
      <text
        x={NAMES_PX + s * pxPerS}
        y={16}
        textAnchor="middle"
        fontFamily={FONTS.figure}
        fontSize={13}
        fill={COLOURS.graphite}
      >
        {wallTime(begin, s)}
      </text>
    </g>
  ));
}

/** How wide an element is, px. */
function useWidth() {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(LEAST_PX);
  useEffect(() => {
    if (!frame.current) return;
    const observer = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
    observer.observe(frame.current);
    return () => observer.disconnect();
  }, []);
  return [frame, width] as const;
}

/** The evening over the clock: what hands and machines do, a lane each, and how hot the machines are. */
export function Lanes({ shown, begin, piece, onPiece }: LanesProps) {
  const units = useUnits();
  const [frame, width] = useWidth();
  const { made, plan } = shown;
  const { assembled } = made;
  const lanes = lanesOf(assembled, plan);
  const { endS } = plan.schedule;
  const across = Math.max(LEAST_PX, width - NAMES_PX - 24);
  const pxPerS = across / Math.max(60, endS);
  const xOf = (s: number) => NAMES_PX + s * pxPerS;
  const people = assembled.evening.people.length;
  const nameOf = ({ who }: Lane) =>
    'machine' in who ? who.machine : people === 1 ? 'Your hands' : `Hands ${who.person + 1}`;
  const numbers = numbersOf(assembled);
  const numberOf = ({ at }: LaneSpan) => (at ? (numbers[at.piece] ?? null) : null);
  const labelOf = (span: LaneSpan) => {
    const when = `${wallTime(begin, span.fromS)} to ${wallTime(begin, span.toS)}`;
    if (span.change) {
      const of = assembled.machines[span.change.machine];
      return `${setWords(of, span.change, units)}, ${when}`;
    }
    if (!span.at) return when;
    return `${numbers[span.at.piece]}: ${blockWords(assembled, span.at, units)}, ${when}`;
  };
  return (
    <Box
      ref={frame}
      sx={{ overflowX: 'auto' }}
      tabIndex={0}
      role="region"
      aria-label="The evening over the clock"
    >
      <svg
        width={NAMES_PX + across + 20}
        height={CLOCK_PX + lanes.length * LANE_PX}
        style={{ display: 'block' }}
      >
        <Clock begin={begin} endS={endS} pxPerS={pxPerS} />
        {lanes.map((lane, i) => (
          <g key={lane.key} transform={`translate(0 ${CLOCK_PX + i * LANE_PX})`}>
            <line x1={0} x2={NAMES_PX + across} y1={0} y2={0} stroke={COLOURS.hairline} />
            <text x={0} y={LANE_PX / 2 + 4} fontSize={14} fill={COLOURS.ink}>
              {nameOf(lane).slice(0, 21)}
            </text>
            {lane.spans.map((span) => (
              <Span
                key={span.key}
                span={span}
                x={xOf(span.fromS)}
                width={(span.toS - span.fromS) * pxPerS}
                number={numberOf(span)}
                faded={piece !== null && numberOf(span) !== piece}
                label={labelOf(span)}
                onChoose={
                  span.at ? () => onPiece(numberOf(span) === piece ? null : numberOf(span)) : null
                }
              />
            ))}
            <HeatLine lane={lane} xOf={xOf} />
          </g>
        ))}
      </svg>
    </Box>
  );
}
