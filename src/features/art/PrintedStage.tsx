'use client';

import { mirrorIn, pathData } from '@/core/geometry';
import { piecesOfItem, type Piece } from '@/core/layout';
import { useJob } from '@/ui/job/jobContext';
import { PieceGuides, PiecePicture } from '@/ui/stage/PiecePicture';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import type { Selection } from './useSelection';

/** What is worked on, and its pictures to be shown. */
export interface StageParts {
  selection: Selection;
  previews: ReadonlyMap<string, string>;
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

/** A piece as it must lie on the paper: mirrored, bent where its cup is tapered, both faces where folded. */
function AsPrinted({ piece, previews }: { piece: Piece; previews: ReadonlyMap<string, string> }) {
  const px = useMmPerPx();
  return (
    <>
      <g transform={`matrix(${mirrorIn(piece.widthMm).join(' ')})`}>
        <path d={pathData(piece.cut)} fillRule="evenodd" fill="#fff" />
        <PiecePicture piece={piece} previews={previews} />
        <PieceGuides piece={piece} />
        <path d={pathData(piece.cut)} fill="none" stroke={COLOURS.bluebell} strokeWidth={3 * px} />
      </g>
      <MirroredWord x={piece.widthMm / 2} y={0} />
    </>
  );
}

/** The piece of a face as it is printed. */
export function PrintedStage({ selection, previews }: StageParts) {
  const { job, plan, itemId } = useJob();
  const pieces = piecesOfItem(plan.pieces, itemId);
  const piece =
    pieces.find(({ slots }) => slots.some(({ faceId }) => faceId === selection.face?.id)) ??
    pieces[0];
  if (!piece) return null;
  const margin = Math.max(piece.widthMm, piece.heightMm) * 0.12;
  return (
    <TrueScale
      label={`${job.name}: the piece as printed`}
      view={{
        x: -margin,
        y: -margin,
        width: piece.widthMm + 2 * margin,
        height: piece.heightMm + 2 * margin,
      }}
    >
      <AsPrinted piece={piece} previews={previews} />
    </TrueScale>
  );
}
