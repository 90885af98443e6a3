'use client';

import { useId, useMemo } from 'react';
import { mirrorIn } from '@/core/geometry';
import { placedBox, type Piece } from '@/core/layout';
import { formatLength } from '@/core/units';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/JobProvider';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { FaceDrawing } from '@/ui/stage/FaceDrawing';
import { PiecePicture, pointsOf } from '@/ui/stage/PiecePicture';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { PlacedPicture } from './PlacedPicture';
import type { Selection } from './useSelection';

/** As the finished thing looks, or mirrored as it lies on the paper. */
export type View = 'seen' | 'printed';

/** Bleed and mirrored frame round the face. */
function Edges({
  width,
  height,
  bleed,
  printed,
}: {
  width: number;
  height: number;
  bleed: number;
  printed: boolean;
}) {
  const px = useMmPerPx();
  const colour = printed ? COLOURS.bluebell : COLOURS.ember;
  return (
    <g fill="none" pointerEvents="none">
      <rect
        x={-bleed}
        y={-bleed}
        width={width + 2 * bleed}
        height={height + 2 * bleed}
        stroke={colour}
        strokeWidth={(printed ? 4 : 1.2) * px}
        strokeDasharray={printed ? undefined : `${5 * px} ${3 * px}`}
      />
      <rect width={width} height={height} stroke={COLOURS.ink} strokeWidth={1.2 * px} />
    </g>
  );
}

function MirroredWord({ x, y }: { x: number; y: number }) {
  const px = useMmPerPx();
  return (
    <text
      x={x}
      y={y - 12 * px}
      textAnchor="middle"
      fontFamily={FONTS.heading}
      fontWeight={700}
      fontSize={17 * px}
      fill={COLOURS.bluebell}
    >
      mirrored
    </text>
  );
}

/** Distances from the art to the face's edges, as a tape would show them. */
function Distances({ selection }: { selection: Selection }) {
  const { length } = useUnits();
  const px = useMmPerPx();
  const { selected } = selection;
  if (!selected) return null;
  const { box, face } = selected;
  const show = (mm: number) => formatLength(mm, length);
  const below = face.heightMm + 24 * px;
  const left = Math.max(0, box.x);
  const right = Math.min(face.widthMm, box.x + box.width);
  return (
    <>
      {left > 4 * px && (
        <DimensionLine
          axis="x"
          from={0}
          to={left}
          edge={face.heightMm}
          at={below}
          label={show(left)}
        />
      )}
      <DimensionLine
        axis="x"
        from={box.x}
        to={box.x + box.width}
        edge={Math.min(face.heightMm, box.y + box.height)}
        at={below + 28 * px}
        label={show(box.width)}
        colour={COLOURS.clover}
      />
      {face.widthMm - right > 4 * px && (
        <DimensionLine
          axis="x"
          from={right}
          to={face.widthMm}
          edge={face.heightMm}
          at={below}
          label={show(face.widthMm - right)}
        />
      )}
      <DimensionLine
        axis="y"
        from={box.y}
        to={box.y + box.height}
        edge={Math.max(0, box.x)}
        at={-Math.max(20, face.heightMm * 0.24)}
        label={show(box.height)}
        colour={COLOURS.clover}
      />
    </>
  );
}

/** A bent piece as it must lie on the paper: mirrored, on its ring sector. */
function BentAsPrinted({
  piece,
  previews,
}: {
  piece: Piece;
  previews: ReadonlyMap<string, string>;
}) {
  const px = useMmPerPx();
  return (
    <>
      <g transform={`matrix(${mirrorIn(piece.widthMm).join(' ')})`}>
        <polygon points={pointsOf(piece)} fill="#fff" />
        <PiecePicture piece={piece} previews={previews} />
        <polygon
          points={pointsOf(piece)}
          fill="none"
          stroke={COLOURS.bluebell}
          strokeWidth={4 * px}
        />
      </g>
      <MirroredWord x={piece.widthMm / 2} y={0} />
    </>
  );
}

/** The face with its pictures, to drag and nudge; or the same mirrored, to look at. */
export function ArtStage({ view, selection }: { view: View; selection: Selection }) {
  const { job, plan } = useJob();
  const clip = useId();
  const face = plan.faces[0];
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const placed = useMemo(
    () =>
      face
        ? job.placements.flatMap((placement) => {
            const art = job.arts.find(({ sha256 }) => sha256 === placement.artSha256);
            return art
              ? [{ placement, art, box: placedBox(placement, art, face, job.bleedMm) }]
              : [];
          })
        : [],
    [job, face],
  );
  if (!face || face.widthMm <= 0) return null;

  const printed = view === 'printed';
  const bentPiece = printed ? plan.pieces.find(({ bend }) => bend) : undefined;
  if (bentPiece) {
    const margin = bentPiece.heightMm * 0.25;
    return (
      <TrueScale
        label={`${job.name}: the wrap as printed`}
        view={{
          x: -margin,
          y: -margin,
          width: bentPiece.widthMm + 2 * margin,
          height: bentPiece.heightMm + 2 * margin,
        }}
      >
        <BentAsPrinted piece={bentPiece} previews={previews} />
      </TrueScale>
    );
  }
  const room = Math.max(face.heightMm * 0.4, 28);
  const half = Math.max(job.blank.form.handleGapMm / 2, job.bleedMm);
  return (
    <TrueScale
      label={`${job.name}: pictures on the wrap`}
      view={{
        x: -room - half,
        y: -room * 0.6,
        width: face.widthMm + 2 * (room * 0.7 + half),
        height: face.heightMm + room * 1.6,
      }}
    >
      <defs>
        <clipPath id={clip}>
          <rect
            x={-job.bleedMm}
            y={-job.bleedMm}
            width={face.widthMm + 2 * job.bleedMm}
            height={face.heightMm + 2 * job.bleedMm}
          />
        </clipPath>
      </defs>
      <g transform={printed ? `matrix(${mirrorIn(face.widthMm).join(' ')})` : undefined}>
        <FaceDrawing face={face} colour={job.blank.substrate.colour} labelled={!printed} />
        {placed.map(({ placement, art, box }) => (
          <PlacedPicture
            key={placement.id}
            name={art.name}
            href={previews.get(art.sha256)}
            box={box}
            clip={clip}
            selected={!printed && placement.id === selection.selected?.placement.id}
            movable={!printed}
            onChoose={() => selection.choose(placement.id)}
            onMove={(dx, dy, group) => selection.move(placement.id, dx, dy, group)}
          />
        ))}
        <Edges width={face.widthMm} height={face.heightMm} bleed={job.bleedMm} printed={printed} />
      </g>
      {printed ? (
        <MirroredWord x={face.widthMm / 2} y={-job.bleedMm} />
      ) : (
        <Distances selection={selection} />
      )}
    </TrueScale>
  );
}
