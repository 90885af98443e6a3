'use client';

import { formatLength } from '@/core/units';
import { useJob } from '@/ui/job/JobProvider';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { FaceDrawing } from '@/ui/stage/FaceDrawing';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { useUnits } from '@/ui/units';

/** Room round the face for dimension lines and names, mm per mm of face height. */
const ROOM_SHARE = 0.42;

function Dimensions() {
  const { plan, job } = useJob();
  const { length } = useUnits();
  const px = useMmPerPx();
  const face = plan.faces[0];
  if (!face) return null;
  const { widthMm: width, heightMm: height, safe } = face;
  const half = job.blank.form.handleGapMm / 2;
  const show = (mm: number) => formatLength(mm, length);
  return (
    <>
      <DimensionLine
        axis="x"
        from={0}
        to={width}
        edge={height}
        at={height + 30 * px}
        label={`wrap ${show(width)}`}
      />
      <DimensionLine
        axis="x"
        from={-half}
        to={width + half}
        edge={height}
        at={height + 60 * px}
        label={`all round ${show(width + 2 * half)}`}
      />
      <DimensionLine
        axis="y"
        from={0}
        to={height}
        edge={-half}
        at={-half - 30 * px}
        label={`wall ${show(height)}`}
      />
      <DimensionLine
        axis="y"
        from={safe.y}
        to={safe.y + safe.height}
        edge={width + half}
        at={width + half + 30 * px}
        label={`art up to ${show(safe.height)}`}
      />
    </>
  );
}

/** The blank's face to scale, with handle, keep-outs, both holders' sides and dimension lines. */
export function BlankDrawing() {
  const { plan, job } = useJob();
  const face = plan.faces[0];
  if (!face || face.widthMm <= 0) return null;
  const room = Math.max(face.heightMm * ROOM_SHARE, 30);
  const half = job.blank.form.handleGapMm / 2;
  return (
    <TrueScale
      label={`${job.blank.name}: its wall unrolled`}
      view={{
        x: -room - half,
        y: -room * 0.6,
        width: face.widthMm + 2 * (room + half),
        height: face.heightMm + room * 1.7,
      }}
    >
      <FaceDrawing face={face} colour={job.blank.substrate.colour} labelled />
      <Dimensions />
    </TrueScale>
  );
}
