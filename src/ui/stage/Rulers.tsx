'use client';

import { bottom, right, type Box } from '@/core/geometry';
import { MM_PER_INCH, type LengthUnit } from '@/core/units';
import { COLOURS, FONTS } from '../theme';

/** Breadth of a ruler on the screen, pixels. */
export const RULER_PX = 26;
const LABEL_EVERY_PX = 46;

/** Ruler divisions: label step in mm, and how many small steps between labels. */
function divisions(unit: LengthUnit, mmPerPx: number) {
  const base = unit === 'in' ? MM_PER_INCH : 10;
  const steps = unit === 'in' ? [1, 2, 3, 6, 12, 24] : [1, 2, 5, 10, 20, 50];
  const step = steps.find((n) => (n * base) / mmPerPx >= LABEL_EVERY_PX) ?? 50;
  return { labelMm: step * base, minor: unit === 'in' ? (step === 1 ? 8 : step) : 10, base };
}

interface RulersProps {
  shown: Box;
  mmPerPx: number;
  unit: LengthUnit;
}

/** Rulers along the top and left edge of a stage; zero is the face's (or page's) corner. */
export function Rulers({ shown, mmPerPx, unit }: RulersProps) {
  const px = (n: number) => n * mmPerPx;
  const { labelMm, minor, base } = divisions(unit, mmPerPx);
  const stepMm = labelMm / minor;

  function ticks(from: number, to: number) {
    const first = Math.ceil(from / stepMm);
    const last = Math.floor(to / stepMm);
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
      const n = first + i;
      return { at: n * stepMm, labelled: n % minor === 0, half: n % (minor / 2) === 0 };
    });
  }
  const text = (mm: number) => String(Math.round(unit === 'in' ? mm / base : mm));
  const long = ({ labelled, half }: { labelled: boolean; half: boolean }) =>
    px(labelled ? 12 : half ? 8 : 5);
  const edgeX = shown.x + px(RULER_PX);
  const edgeY = shown.y + px(RULER_PX);

  return (
    <g
      aria-hidden="true"
      fontFamily={FONTS.figure}
      fontSize={px(10.5)}
      fill={COLOURS.graphite}
      stroke="none"
    >
      <rect
        x={shown.x}
        y={shown.y}
        width={shown.width}
        height={px(RULER_PX)}
        fill={COLOURS.saffronGround}
      />
      <rect
        x={shown.x}
        y={shown.y}
        width={px(RULER_PX)}
        height={shown.height}
        fill={COLOURS.saffronGround}
      />
      {ticks(edgeX, right(shown)).map((tick) => (
        <g key={tick.at}>
          <line
            x1={tick.at}
            x2={tick.at}
            y1={edgeY - long(tick)}
            y2={edgeY}
            stroke={COLOURS.ink}
            strokeWidth={px(0.8)}
          />
          {tick.labelled && (
            <text x={tick.at + px(3)} y={shown.y + px(11)}>
              {text(tick.at)}
            </text>
          )}
        </g>
      ))}
      {ticks(edgeY, bottom(shown)).map((tick) => (
        <g key={tick.at}>
          <line
            y1={tick.at}
            y2={tick.at}
            x1={edgeX - long(tick)}
            x2={edgeX}
            stroke={COLOURS.ink}
            strokeWidth={px(0.8)}
          />
          {tick.labelled && (
            <text x={shown.x + px(2)} y={tick.at - px(3)}>
              {text(tick.at)}
            </text>
          )}
        </g>
      ))}
      <rect
        x={shown.x}
        y={shown.y}
        width={px(RULER_PX)}
        height={px(RULER_PX)}
        fill={COLOURS.saffronGround}
      />
      <text x={shown.x + px(5)} y={shown.y + px(17)} fill={COLOURS.ink}>
        {unit}
      </text>
    </g>
  );
}
