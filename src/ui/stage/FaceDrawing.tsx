'use client';

import { useId } from 'react';
import type { Face, Zone } from '@/core/form';
import { pathData, regionBox } from '@/core/geometry';
import { DATUM_WORDS, ZONE_WORDS } from '@/words';
import { COLOURS, FONTS } from '../theme';
import { useMmPerPx } from './TrueScale';

/** Names of zones that are written upright beside the face, or in the middle of the zone. */
function ZoneLabel({ zone }: { zone: Zone }) {
  const px = useMmPerPx();
  const box = regionBox(zone.region);
  const upright = box.height > box.width;
  const { label } = ZONE_WORDS[zone.id];
  if (Math.max(box.width, box.height) < label.length * 7 * px) return null;
  return (
    <text
      fontFamily={FONTS.text}
      fontSize={13 * px}
      fill={COLOURS.ink}
      stroke={COLOURS.paper}
      strokeWidth={4 * px}
      paintOrder="stroke"
      textAnchor="middle"
      dominantBaseline="central"
      transform={`translate(${box.x + box.width / 2} ${box.y + box.height / 2})${upright ? ' rotate(-90)' : ''}`}
    >
      {label}
    </text>
  );
}

const LABELLED: readonly Zone['kind'][] = ['handle', 'cut-away', 'roll'];

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
  const named = (zone: Zone) => LABELLED.includes(zone.kind) || zone.id === 'pocket';
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
      <path
        d={pathData(face.region)}
        fillRule="evenodd"
        fill={colour}
        stroke={COLOURS.ink}
        strokeWidth={1.6 * px}
      />
      {face.zones.map((zone) => (
        <g key={zone.id}>
          <path
            d={pathData(zone.region)}
            fillRule="evenodd"
            fill={zone.kind === 'hole' ? COLOURS.paper : `url(#${hatch})`}
            stroke={COLOURS.graphite}
            strokeWidth={0.8 * px}
            strokeDasharray={
              zone.kind === 'handle' || zone.kind === 'hole' ? undefined : `${4 * px} ${3 * px}`
            }
          />
          {labelled && named(zone) && <ZoneLabel zone={zone} />}
        </g>
      ))}
      {labelled && <Datums face={face} />}
    </g>
  );
}

/** The blank's own edge and its holes, to be drawn over art. */
export function FaceEdges({ face }: { face: Face }) {
  const px = useMmPerPx();
  const holes = face.zones.filter(({ kind }) => kind === 'hole').flatMap(({ region }) => region);
  return (
    <g pointerEvents="none">
      <path
        d={pathData(face.region)}
        fill="none"
        stroke={COLOURS.ink}
        strokeWidth={1.2 * px}
        strokeOpacity={0.75}
      />
      {holes.length > 0 && (
        <path
          d={pathData(holes)}
          fill={COLOURS.paper}
          stroke={COLOURS.ink}
          strokeWidth={1.6 * px}
        />
      )}
    </g>
  );
}

/** Height of a row of datum names, and the width of a letter in them, pixels. */
const NAME_ROW_PX = 16;
const LETTER_PX = 6.6;

/** Where the name of a datum point stands: its middle, mm, and the row above the face. */
interface NamePlace {
  readonly x: number;
  readonly row: number;
}

/** Names over their points, moved so that they stand over the face; near ones in different rows. */
function namePlaces({ datums, widthMm }: Face, px: number): NamePlace[] {
  const taken: { row: number; from: number; to: number }[] = [];
  return datums.map((datum) => {
    const half = (DATUM_WORDS[datum.called].label.length * LETTER_PX * px) / 2 + 4 * px;
    const x = 2 * half > widthMm ? widthMm / 2 : Math.min(Math.max(datum.x, half), widthMm - half);
    const meets = (row: number) =>
      taken.some((each) => each.row === row && x + half > each.from && x - half < each.to);
    let row = 0;
    while (meets(row)) row++;
    taken.push({ row, from: x - half, to: x + half });
    return { x, row };
  });
}

/** Upright lines through the datum points, named above the face. */
function Datums({ face }: { face: Face }) {
  const px = useMmPerPx();
  const places = namePlaces(face, px);
  return (
    <g>
      {face.datums.map((datum, i) => (
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
          <circle cx={datum.x} cy={datum.y} r={3 * px} fill={COLOURS.clover} />
          <text
            x={places[i]?.x}
            y={-(16 + NAME_ROW_PX * (places[i]?.row ?? 0)) * px}
            fontFamily={FONTS.text}
            fontSize={12.5 * px}
            fill={COLOURS.clover}
            textAnchor="middle"
          >
            {DATUM_WORDS[datum.called].label}
          </text>
        </g>
      ))}
    </g>
  );
}
