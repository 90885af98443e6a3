'use client';

import { evenPart, unevenness } from '@/core/press';
import type { Machine } from '@/core/model';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { degreesIn, formatLength } from '@/words/units';

type Plate = NonNullable<Machine['plate']>;

const CELLS = 24;
/** A difference that is drawn in full colour, °C. */
const FULL_C = 15;

/** How far cells are hotter or cooler, drawn as ember or bluebell. */
function Cells({ plate, differs }: { plate: Plate; differs: (x: number, y: number) => number }) {
  const [w, h] = [plate.widthMm / CELLS, plate.heightMm / CELLS];
  return Array.from({ length: CELLS * CELLS }, (_, i) => {
    const [x, y] = [(i % CELLS) * w, Math.floor(i / CELLS) * h];
    const off = differs(x + w / 2, y + h / 2);
    return (
      <rect
        key={i}
        {...{ x, y }}
        width={w}
        height={h}
        shapeRendering="crispEdges"
        fill={off > 0 ? COLOURS.ember : COLOURS.bluebell}
        fillOpacity={Math.min(1, Math.abs(off) / FULL_C) * 0.75}
      />
    );
  });
}

function Drawing({ machine, plate }: { machine: Machine; plate: Plate }) {
  const px = useMmPerPx();
  const { length } = useUnits();
  const { readings, displayUnit: unit } = machine;
  const differs = unevenness(readings, plate);
  const even = evenPart(machine);
  return (
    <g>
      <rect width={plate.widthMm} height={plate.heightMm} fill={COLOURS.paper} />
      {differs && <Cells plate={plate} differs={differs} />}
      <rect
        width={plate.widthMm}
        height={plate.heightMm}
        fill="none"
        stroke={COLOURS.ink}
        strokeWidth={1.6 * px}
      />
      {even && (
        <rect
          {...even}
          fill="none"
          stroke={COLOURS.ink}
          strokeWidth={1.6 * px}
          strokeDasharray={`${6 * px} ${4 * px}`}
        />
      )}
      {readings?.places.map(({ xMm, yMm, displayC, plateC }, i) => (
        <g key={i} transform={`translate(${xMm} ${yMm})`}>
          <circle r={3.5 * px} fill={COLOURS.ink} />
          <text
            y={-8 * px}
            textAnchor="middle"
            fontFamily={FONTS.figure}
            fontSize={14 * px}
            fill={COLOURS.ink}
            paintOrder="stroke"
            stroke="#fff"
            strokeWidth={3 * px}
          >
            {signed(degreesIn(plateC - displayC, unit))}
          </text>
        </g>
      ))}
      <text
        x={plate.widthMm / 2}
        y={plate.heightMm + 18 * px}
        textAnchor="middle"
        fontFamily={FONTS.text}
        fontSize={14 * px}
        fill={COLOURS.graphite}
      >
        front, where you stand
      </text>
      <DimensionLine
        axis="x"
        from={0}
        to={plate.widthMm}
        edge={0}
        at={-20 * px}
        label={formatLength(plate.widthMm, length)}
      />
    </g>
  );
}

const signed = (degrees: number): string => {
  const whole = Math.round(degrees);
  return whole > 0 ? `+${whole}` : String(whole).replace('-', '−');
};

/** The plate from above: what every place reads beside the display, and the part that is evenly hot, dashed. */
export function PlateMap({ machine, plate }: { machine: Machine; plate: Plate }) {
  const room = Math.max(plate.widthMm, plate.heightMm) * 0.12;
  return (
    <TrueScale
      label="The plate from above, with what was read beside the display"
      view={{
        ...{ x: -room, y: -room },
        ...{ width: plate.widthMm + 2 * room, height: plate.heightMm + 2 * room },
      }}
    >
      <Drawing machine={machine} plate={plate} />
    </TrueScale>
  );
}
