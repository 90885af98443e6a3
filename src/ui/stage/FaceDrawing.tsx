'use client';

import { useId } from 'react';
import type { Face } from '@/core/blank';
import { COLOURS, FONTS } from '../theme';
import { useMmPerPx } from './TrueScale';

/** A face with its zones and datum points, mm from its top-left corner. */
export function FaceDrawing({
  face,
  colour,
  labelled,
}: {
  face: Face;
  colour: string;
  /** Names of zones and datum points; off where the drawing is mirrored. */
  labelled: boolean;
}) {
  const px = useMmPerPx();
  const hatch = useId();
  return (
    <g>
      <defs>
        <pattern
          id={hatch}
          width={8 * px}
          height={8 * px}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line
            x1={0}
            y1={0}
            x2={0}
            y2={8 * px}
            stroke={COLOURS.graphite}
            strokeWidth={1.2 * px}
            strokeOpacity={0.5}
          />
        </pattern>
      </defs>
      <rect
        width={face.widthMm}
        height={face.heightMm}
        fill={colour}
        stroke={COLOURS.ink}
        strokeWidth={1.6 * px}
      />
      {face.zones.map((zone) => (
        <g key={zone.id}>
          <rect
            {...zone.box}
            fill={`url(#${hatch})`}
            stroke={COLOURS.graphite}
            strokeWidth={0.8 * px}
            strokeDasharray={zone.kind === 'handle' ? undefined : `${4 * px} ${3 * px}`}
          />
          {labelled && zone.kind === 'handle' && (
            <text
              fontFamily={FONTS.text}
              fontSize={13 * px}
              fill={COLOURS.ink}
              stroke={COLOURS.paper}
              strokeWidth={4 * px}
              paintOrder="stroke"
              textAnchor="middle"
              dominantBaseline="central"
              transform={`translate(${zone.box.x + zone.box.width / 2} ${zone.box.y + zone.box.height / 2}) rotate(-90)`}
            >
              {zone.label}
            </text>
          )}
        </g>
      ))}
      {labelled && <Datums face={face} />}
    </g>
  );
}

/** Upright lines through the datum points, named above the face. */
function Datums({ face }: { face: Face }) {
  const px = useMmPerPx();
  return (
    <g>
      {face.datums.map((datum) => (
        <g key={datum.id}>
          <line
            x1={datum.x}
            x2={datum.x}
            y1={-10 * px}
            y2={face.heightMm}
            stroke={COLOURS.clover}
            strokeWidth={px}
            strokeDasharray={`${10 * px} ${4 * px} ${2 * px} ${4 * px}`}
          />
          <text
            x={datum.x}
            y={-16 * px}
            fontFamily={FONTS.text}
            fontSize={12.5 * px}
            fill={COLOURS.clover}
            textAnchor="middle"
          >
            {datum.label}
          </text>
        </g>
      ))}
    </g>
  );
}
