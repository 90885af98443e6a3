'use client';

import { useId } from 'react';
import type { Piece } from '@/core/layout';
import { useBentImage } from './useBentImage';

/** A piece's pictures as they will be printed, cut off at its edge; piece mm. */
export function PiecePicture({
  piece,
  previews,
}: {
  piece: Piece;
  previews: ReadonlyMap<string, string>;
}) {
  const clip = useId();
  const bent = useBentImage(piece, previews);
  return (
    <g>
      <defs>
        <clipPath id={clip}>
          <polygon points={pointsOf(piece)} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${clip})`}>
        {bent && (
          <image
            width={piece.widthMm}
            height={piece.heightMm}
            href={bent}
            preserveAspectRatio="none"
          />
        )}
        {!piece.bend &&
          piece.arts.map((art) => (
            <image
              key={art.placementId}
              {...art.box}
              href={previews.get(art.artSha256)}
              preserveAspectRatio="none"
            />
          ))}
      </g>
    </g>
  );
}

/** A piece's edge for an SVG polygon. */
export const pointsOf = (piece: Piece): string =>
  piece.outline.map(({ x, y }) => `${x.toFixed(3)},${y.toFixed(3)}`).join(' ');
