'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { pathData } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import type { Sheet } from '@/core/sheet';
import { PiecePicture } from '@/ui/stage/PiecePicture';
import { COLOURS } from '@/ui/theme';
import { pieceWords } from '@/words';

/** Longest side of a sheet drawn small, px. */
const SIDE_PX = 150;

/** A sheet drawn small, with what lies on it. */
export function SheetThumb({
  nth,
  sheet,
  pieces,
  previews,
}: {
  nth: number;
  sheet: Sheet;
  pieces: readonly Piece[];
  previews: ReadonlyMap<string, string>;
}) {
  const clip = useId();
  const { widthMm, heightMm, items } = sheet;
  const scale = SIDE_PX / Math.max(widthMm, heightMm);
  const laid = items.flatMap((item) => {
    const piece = pieces.find(({ id }) => id === item.pieceId);
    return piece ? [{ item, piece }] : [];
  });
  const names = [...new Set(laid.map(({ piece }) => pieceWords(piece)))];
  return (
    <Box component="figure" sx={{ m: 0, width: SIDE_PX }}>
      <svg
        role="img"
        aria-label={`Sheet ${nth}: ${names.join('; ')}`}
        width={widthMm * scale}
        height={heightMm * scale}
        viewBox={`0 0 ${widthMm} ${heightMm}`}
        style={{ background: '#fff', border: `1px solid ${COLOURS.graphite}`, display: 'block' }}
      >
        {laid.map(({ item, piece }, i) => (
          <g key={i} transform={`matrix(${item.matrix.join(' ')})`}>
            {item.tile && (
              <clipPath id={`${clip}${i}`}>
                <rect {...item.tile.printed} />
              </clipPath>
            )}
            <g clipPath={item.tile ? `url(#${clip}${i})` : undefined}>
              <PiecePicture piece={piece} previews={previews} />
              <path
                d={pathData(piece.cut)}
                fill="none"
                stroke={item.mirrored ? COLOURS.bluebell : COLOURS.graphite}
                strokeWidth={1.2}
                strokeDasharray="4 2"
              />
            </g>
          </g>
        ))}
      </svg>
      <Typography component="figcaption" sx={{ fontSize: 12, mt: 0.5, overflowWrap: 'anywhere' }}>
        {nth}: {names.join('; ')}
      </Typography>
    </Box>
  );
}
