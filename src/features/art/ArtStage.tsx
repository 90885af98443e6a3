'use client';

import { useId } from 'react';
import type { Face } from '@/core/form';
import { bottom, inverse, mapRegion, pathData, right, type Region } from '@/core/geometry';
import { inkRegion, piecesOfItem, type Piece } from '@/core/layout';
import { TRANSFERS } from '@/core/transfer';
import { formatLength } from '@/words/units';
import { unlessTooMuch } from '@/core/work';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/jobContext';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { FaceDrawing, FaceEdges } from '@/ui/stage/FaceDrawing';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { DyeTakes } from './colour/DyeTakes';
import { useGround } from './colour/useGround';
import { FaintMarks } from './colour/FaintMarks';
import { OtherLayers, OwnGrounds } from './LayersOnFace';
import { PlacedHandle, PlacedInk } from './PlacedPicture';
import { PrintedStage, type StageParts } from './PrintedStage';
import type { Selection } from './useSelection';
import { FACE_WORDS } from '@/words';

/** As the finished thing looks, or mirrored as it lies on the paper. */
export type View = 'seen' | 'printed';

/** Distances from the art to all four edges of the face, as a tape would show them. */
function Distances({ selection }: { selection: Selection }) {
  const { length } = useUnits();
  const px = useMmPerPx();
  const { selected } = selection;
  if (!selected) return null;
  const { box, face } = selected;
  const show = (mm: number) => formatLength(mm, length);
  const below = face.heightMm + 24 * px;
  const beside = face.widthMm + Math.max(24 * px, face.widthMm * 0.06);
  const gaps = {
    left: Math.max(0, box.x),
    right: Math.min(face.widthMm, right(box)),
    top: Math.max(0, box.y),
    bottom: Math.min(face.heightMm, bottom(box)),
  };
  const gap = (axis: 'x' | 'y', from: number, to: number) =>
    to - from > 4 * px && (
      <DimensionLine
        axis={axis}
        from={from}
        to={to}
        edge={axis === 'x' ? face.heightMm : face.widthMm}
        at={axis === 'x' ? below : beside}
        label={show(to - from)}
      />
    );
  return (
    <>
      {gap('x', 0, gaps.left)}
      {gap('x', gaps.right, face.widthMm)}
      {gap('y', 0, gaps.top)}
      {gap('y', gaps.bottom, face.heightMm)}
      <DimensionLine
        axis="x"
        from={box.x}
        to={right(box)}
        edge={Math.min(face.heightMm, bottom(box))}
        at={below + 28 * px}
        label={show(box.width)}
        colour={COLOURS.clover}
      />
      <DimensionLine
        axis="y"
        from={box.y}
        to={bottom(box)}
        edge={Math.max(0, box.x)}
        at={-Math.max(24 * px, face.widthMm * 0.05)}
        label={show(box.height)}
        colour={COLOURS.clover}
      />
    </>
  );
}

/** The white paper or film that stays on the blank, as the pieces are cut, face mm. */
function carrierOn(face: Face, pieces: readonly Piece[]): Region {
  return pieces
    .flatMap(({ slots }) => slots.filter(({ faceId }) => faceId === face.id))
    .flatMap(({ toStrip, ink }) => mapRegion(inverse(toStrip), ink));
}

function SeenStage({ selection, previews, layers }: StageParts & { layers: boolean }) {
  const { job, plan, itemId } = useJob();
  const clip = useId();
  const dye = useId();
  const { takes } = useGround();
  const { face, trim, onFace, selected } = selection;
  if (!face || !trim || face.widthMm <= 0 || face.heightMm <= 0) return null;
  const shorter = Math.min(face.heightMm, face.widthMm);
  const room = Math.max(shorter * 0.3, Math.max(face.heightMm, face.widthMm) * 0.13, 26);
  const handles = face.zones.some(({ kind }) => kind === 'handle') ? room * 0.6 : 0;
  const { transparent, carrierShows } = TRANSFERS[job.transfer];
  const fallsOut = piecesOfItem(plan.pieces, itemId).some(({ fill }) => fill !== null);
  const ink = unlessTooMuch(
    () => inkRegion(face, job),
    () => face.region,
  );
  return (
    <TrueScale
      label={`${job.name}: pictures on the ${FACE_WORDS[face.called].toLowerCase()}`}
      view={{
        x: -room - handles,
        y: -room * 0.7,
        width: face.widthMm + 2 * (room + handles),
        height: face.heightMm + room * 1.7,
      }}
    >
      <clipPath id={clip}>
        <path d={pathData(ink)} clipRule="evenodd" />
      </clipPath>
      <FaceDrawing face={face} colour={job.blank.substrate.colour} labelled />
      {layers && <OtherLayers where="below" face={face} previews={previews} />}
      {carrierShows && (
        <path
          d={pathData(carrierOn(face, piecesOfItem(plan.pieces, itemId)))}
          fill="#ffffff"
          pointerEvents="none"
        />
      )}
      <DyeTakes id={dye} takes={takes} />
      {/* one print: what covers hides the blank, and dye is tinted by it all together */}
      <g
        style={{ mixBlendMode: transparent ? 'multiply' : 'normal' }}
        filter={takes < 1 ? `url(#${dye})` : undefined}
      >
        <OwnGrounds face={face} />
        {onFace.map((item) => (
          <PlacedInk
            key={item.placement.id}
            item={item}
            href={previews.get(item.art.sha256)}
            trim={trim}
            clip={fallsOut ? null : clip}
            selected={item.placement.id === selected?.placement.id}
          />
        ))}
      </g>
      {onFace.map((item) => (
        <FaintMarks key={item.placement.id} item={item} />
      ))}
      {layers && <OtherLayers where="above" face={face} previews={previews} />}
      {onFace.map((item) => (
        <PlacedHandle
          key={item.placement.id}
          item={item}
          selection={selection}
          trim={trim}
          selected={item.placement.id === selected?.placement.id}
        />
      ))}
      <FaceEdges face={face} />
      <InkEdge d={pathData(ink)} />
      <Distances selection={selection} />
    </TrueScale>
  );
}

/** Where the ink ends, with its bleed. */
function InkEdge({ d }: { d: string }) {
  const px = useMmPerPx();
  return (
    <path
      d={d}
      fill="none"
      pointerEvents="none"
      stroke={COLOURS.ember}
      strokeWidth={1.2 * px}
      strokeDasharray={`${5 * px} ${3 * px}`}
    />
  );
}

/** The face with its pictures, to drag and nudge; or its piece mirrored, to look at. */
export function ArtStage({
  view,
  selection,
  layers,
}: {
  view: View;
  selection: Selection;
  /** Whether the other transfers on the item are shown with it. */
  layers: boolean;
}) {
  const { job } = useJob();
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  return view === 'printed' ? (
    <PrintedStage selection={selection} previews={previews} />
  ) : (
    <SeenStage selection={selection} previews={previews} layers={layers} />
  );
}
