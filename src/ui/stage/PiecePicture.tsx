'use client';

import { useId } from 'react';
import { pathData } from '@/core/geometry';
import type { Guide, Piece } from '@/core/layout';
import { COLOURS } from '../theme';
import { useMmPerPx } from './TrueScale';
import { useBentImage } from './useBentImage';

/** A unit-square picture where a matrix (unit square → mm) puts it. */
export function Picture({ href, matrix }: { href: string | undefined; matrix: readonly number[] }) {
  if (!href) return null;
  return (
    <image
      width={1}
      height={1}
      href={href}
      preserveAspectRatio="none"
      transform={`matrix(${matrix.join(' ')})`}
    />
  );
}

function GuideLine({ guide }: { guide: Guide }) {
  const px = useMmPerPx();
  const d = `M${guide.points.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}${guide.closed ? 'Z' : ''}`;
  return (
    <path
      d={d}
      fill="none"
      stroke={COLOURS.graphite}
      strokeWidth={guide.kind === 'outline' ? 0.7 : px}
      strokeDasharray={guide.kind === 'fold' ? '3 2' : undefined}
    />
  );
}

/** A piece's pictures as they will be printed, each cut off where its ink ends; piece mm. */
export function PiecePicture({
  piece,
  previews,
}: {
  piece: Piece;
  previews: ReadonlyMap<string, string>;
}) {
  const clip = useId();
  const { fill } = piece;
  const bent = useBentImage(piece, previews);
  if (fill !== null) return <path d={pathData(piece.cut)} fill={fill} fillRule="evenodd" />;
  if (piece.bend) {
    return (
      <g>
        <clipPath id={clip}>
          <path d={pathData(piece.cut)} clipRule="evenodd" />
        </clipPath>
        {bent && (
          <image
            width={piece.widthMm}
            height={piece.heightMm}
            href={bent}
            preserveAspectRatio="none"
            clipPath={`url(#${clip})`}
          />
        )}
      </g>
    );
  }
  return (
    <g>
      {piece.slots.map((slot, i) => (
        <g key={slot.faceId}>
          <clipPath id={`${clip}${i}`}>
            <path d={pathData(slot.ink)} clipRule="evenodd" />
          </clipPath>
          <g clipPath={`url(#${clip}${i})`}>
            {piece.arts
              .filter((art) => art.slot === i)
              .map((art, n) => (
                <Picture key={n} href={previews.get(art.artSha256)} matrix={art.matrix} />
              ))}
          </g>
        </g>
      ))}
    </g>
  );
}

/** The piece's own lines: where to fold, where the blank lies; piece mm. */
export const PieceGuides = ({ piece }: { piece: Piece }) =>
  piece.bend ? null : piece.guides.map((guide, i) => <GuideLine key={i} guide={guide} />);
