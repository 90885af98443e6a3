'use client';

import type { Face } from '@/core/form';
import { bentOutline, boxOf, sagitta, type Sector } from '@/core/geometry';
import { formatLength } from '@/words/units';
import { DimensionLine } from './DimensionLine';
import { TrueScale, useMmPerPx } from './TrueScale';
import { COLOURS, FONTS } from '../theme';
import { useUnits } from '../units';

interface PaperProps {
  face: Face;
  sector: Sector;
  colour: string;
}

function SectorShape({ face, sector, colour }: PaperProps) {
  const px = useMmPerPx();
  const { length } = useUnits();
  const strip = { widthMm: face.widthMm, heightMm: face.heightMm };
  const raw = boxOf(bentOutline(strip, sector, { x: 0, y: 0 }));
  const outline = bentOutline(strip, sector, { x: -raw.x, y: -raw.y });
  const chordY = sagitta(sector);
  const show = (mm: number) => formatLength(mm, length);
  const rows = [
    `Radius at the rim ${show(sector.rimRadiusMm)}`,
    `Radius at the base ${show(sector.baseRadiusMm)}`,
    `Sweep ${((sector.sweepRad * 180) / Math.PI).toFixed(1)}°`,
  ];
  return (
    <g>
      <rect
        y={chordY}
        width={raw.width}
        height={face.heightMm}
        fill="none"
        stroke={COLOURS.ember}
        strokeWidth={px}
        strokeDasharray={`${6 * px} ${4 * px}`}
      />
      <polygon
        points={outline.map(({ x, y }) => `${x},${y}`).join(' ')}
        fill={colour}
        stroke={COLOURS.ink}
        strokeWidth={1.6 * px}
        fillOpacity={0.9}
      />
      <DimensionLine
        axis="x"
        from={0}
        to={raw.width}
        edge={chordY}
        at={-26 * px}
        label={show(raw.width)}
      />
      <DimensionLine
        axis="y"
        from={0}
        to={chordY}
        edge={raw.width / 2}
        at={raw.width + 28 * px}
        label={show(chordY)}
        colour={COLOURS.ember}
      />
      <g fontFamily={FONTS.figure} fontSize={13 * px} fill={COLOURS.ink} textAnchor="middle">
        {rows.map((row, i) => (
          <text key={row} x={raw.width / 2} y={raw.height * 0.5 + (i - 1) * 20 * px}>
            {row}
          </text>
        ))}
      </g>
      <text
        x={raw.width / 2}
        y={Math.max(raw.height, chordY + face.heightMm) + 24 * px}
        textAnchor="middle"
        fontFamily={FONTS.text}
        fontSize={13 * px}
        fill={COLOURS.ember}
      >
        Dashed: a straight strip, {show(chordY)} off at the rim
      </text>
    </g>
  );
}

/** The paper of a tapered wall: a ring sector with its radii, beside the straight strip it is not. */
export function PaperDrawing(props: PaperProps) {
  const { face, sector } = props;
  const strip = { widthMm: face.widthMm, heightMm: face.heightMm };
  const { width, height } = boxOf(bentOutline(strip, sector, { x: 0, y: 0 }));
  const room = Math.max(height * 0.3, 28);
  return (
    <TrueScale
      label="The paper of this wall"
      view={{ x: -room, y: -room, width: width + 2 * room, height: height + 2 * room }}
    >
      <SectorShape {...props} />
    </TrueScale>
  );
}
