'use client';

import { useMemo } from 'react';
import type { Face } from '@/core/form';
import { pathData } from '@/core/geometry';
import { effectivePlate, mostPressed, type PressSide } from '@/core/press';
import { formatLength, formatSize } from '@/words/units';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { FacePicture, layersOf } from '@/ui/turntable';
import { useUnits } from '@/ui/units';
import { useJob } from '@/ui/job/jobContext';
import { FACE_WORDS } from '@/words';

/** How much of a footprint's heat shows through: places pressed twice are darker. */
const ONCE = 0.16;
/** Pixels of the face's picture along its longer side. */
const LONGEST_PX = 1400;

function Footprints({ face, side }: { face: Face; side: PressSide }) {
  const px = useMmPerPx();
  const { length } = useUnits();
  const { job, plan, passId, itemId } = useJob();
  const layers = useMemo(() => {
    const all = layersOf(plan, itemId);
    const own = all.find((layer) => layer.passId === passId)?.pass ?? 0;
    return all.filter(({ pass }) => pass <= own);
  }, [plan, itemId, passId]);
  return (
    <g>
      <FacePicture
        face={face}
        layers={layers}
        substrate={job.blank.substrate}
        longestPx={LONGEST_PX}
      />
      <path d={pathData(face.region)} fill="none" stroke={COLOURS.ink} strokeWidth={1.6 * px} />
      <path
        d={pathData(side.region)}
        fill="none"
        stroke={COLOURS.bluebell}
        strokeWidth={1.6 * px}
        strokeDasharray={`${5 * px} ${4 * px}`}
      />
      {side.sections.map(({ number, box }) => (
        <rect
          key={number}
          {...box}
          fill={COLOURS.ember}
          fillOpacity={ONCE}
          stroke={COLOURS.ember}
          strokeWidth={1.2 * px}
        />
      ))}
      {side.sections.map(({ number, box }) => (
        <g key={number} transform={`translate(${box.x + box.width / 2} ${box.y + box.height / 2})`}>
          <circle r={15 * px} fill="#fff" stroke={COLOURS.ember} strokeWidth={1.2 * px} />
          <text
            y={5.5 * px}
            textAnchor="middle"
            fontFamily={FONTS.figure}
            fontSize={16 * px}
            fill={COLOURS.ember}
          >
            {number}
          </text>
        </g>
      ))}
      <DimensionLine
        axis="x"
        from={0}
        to={face.widthMm}
        edge={0}
        at={Math.min(0, ...side.sections.map(({ box }) => box.y)) - 22 * px}
        label={formatLength(face.widthMm, length)}
      />
      <DimensionLine
        axis="y"
        from={0}
        to={face.heightMm}
        edge={face.widthMm}
        at={Math.max(face.widthMm, ...side.sections.map(({ box }) => box.x + box.width)) + 24 * px}
        label={formatLength(face.heightMm, length)}
      />
    </g>
  );
}

/** Where the plate is put down on a side, in order; darker where a place is pressed more than once. */
export function SectionStage({ face, side }: { face: Face; side: PressSide }) {
  const boxes = side.sections.map(({ box }) => box);
  const left = Math.min(0, ...boxes.map(({ x }) => x));
  const top = Math.min(0, ...boxes.map(({ y }) => y));
  const right = Math.max(face.widthMm, ...boxes.map((b) => b.x + b.width));
  const bottom = Math.max(face.heightMm, ...boxes.map((b) => b.y + b.height));
  const room = Math.max(right - left, bottom - top) * 0.1;
  return (
    <TrueScale
      label={`Placements of the plate on ${FACE_WORDS[side.called]}, as seen`}
      view={{
        x: left - room,
        y: top - room,
        width: right - left + 2 * room,
        height: bottom - top + 2 * room,
      }}
    >
      <Footprints face={face} side={side} />
    </TrueScale>
  );
}

/** The placements in a sentence. */
export function useSectionWords(side: PressSide): string {
  const { plan } = useJob();
  const { length } = useUnits();
  const plate = effectivePlate(plan.tools.machine);
  const hot = plate ? formatSize(plate.widthMm, plate.heightMm, length) : '';
  const count = side.sections.length;
  if (count === 1) return `One placement: the plate heats ${hot} evenly.`;
  const most = mostPressed(side.sections);
  return `${count} placements of ${hot}, evenly hot. Most pressed: ${most} times, where corners meet.`;
}
