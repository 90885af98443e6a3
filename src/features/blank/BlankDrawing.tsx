'use client';

import { type Face, holeMiddleMm, isCup } from '@/core/form';
import { formatLength } from '@/words/units';
import { useJob } from '@/ui/job/jobContext';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { FaceDrawing } from '@/ui/stage/FaceDrawing';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { useUnits } from '@/ui/units';
import { FACE_WORDS } from '@/words';

/** Room round the face for dimension lines and names, mm per mm of the face's shorter side. */
const ROOM_SHARE = 0.42;

/** A hanging hole's size and place, beside the disc. */
function HoleDimensions({ face }: { face: Face }) {
  const { form } = useJob().job.blank;
  const { length } = useUnits();
  const px = useMmPerPx();
  if (form.kind !== 'disc' || form.holeMm <= 0) return null;
  const middle = holeMiddleMm(form);
  const to = form.holeMeasuredTo === 'edge' ? middle - form.holeMm / 2 : middle;
  return (
    <DimensionLine
      axis="y"
      from={0}
      to={to}
      edge={face.widthMm / 2}
      at={face.widthMm + 30 * px}
      label={`hole ${formatLength(form.holeFromEdgeMm, length)}`}
    />
  );
}

function Dimensions({ face, half }: { face: Face; half: number }) {
  const { job } = useJob();
  const { length } = useUnits();
  const px = useMmPerPx();
  const { widthMm: width, heightMm: height, safe } = face;
  const cup = isCup(job.blank.form);
  const show = (mm: number) => formatLength(mm, length);
  return (
    <>
      <DimensionLine
        axis="x"
        from={0}
        to={width}
        edge={height}
        at={height + 30 * px}
        label={cup ? `wrap ${show(width)}` : show(width)}
      />
      {half > 0 && (
        <DimensionLine
          axis="x"
          from={-half}
          to={width + half}
          edge={height}
          at={height + 60 * px}
          label={`all round ${show(width + 2 * half)}`}
        />
      )}
      <DimensionLine
        axis="y"
        from={0}
        to={height}
        edge={-half}
        at={-half - 30 * px}
        label={cup ? `wall ${show(height)}` : show(height)}
      />
      <HoleDimensions face={face} />
      {safe.height < height - 0.1 && job.blank.form.kind !== 'disc' && (
        <DimensionLine
          axis="y"
          from={safe.y}
          to={safe.y + safe.height}
          edge={width + half}
          at={width + half + 30 * px}
          label={`art up to ${show(safe.height)}`}
        />
      )}
    </>
  );
}

/** A face to scale, with what is in the way, what is measured from, and dimension lines. */
export function BlankDrawing({ face }: { face: Face }) {
  const { job } = useJob();
  const { form } = job.blank;
  if (face.widthMm <= 0 || face.heightMm <= 0) return null;
  const room = Math.max(Math.min(face.heightMm, face.widthMm) * ROOM_SHARE, 30);
  const beside = isCup(form) && face.zones.some(({ kind }) => kind === 'handle');
  const half = beside ? form.handleGapMm / 2 : 0;
  return (
    <TrueScale
      label={`${job.blank.name}: ${isCup(form) ? 'its wall unrolled' : FACE_WORDS[face.called].toLowerCase()}`}
      view={{
        x: -room - half,
        y: -room * 0.6,
        width: face.widthMm + 2 * (room + half),
        height: face.heightMm + room * 1.7,
      }}
    >
      <FaceDrawing face={face} colour={job.blank.substrate.colour} labelled />
      <Dimensions face={face} half={half} />
    </TrueScale>
  );
}
