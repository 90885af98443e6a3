'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useId, useMemo } from 'react';
import { pathData } from '@/core/geometry';
import { itemOf } from '@/core/job';
import type { Piece } from '@/core/layout';
import { TRANSFERS } from '@/core/transfer';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { FacePicture, layersOf } from '@/ui/turntable';
import type { Shown } from './useTrial';

/** Highest it is drawn, px. */
const HIGH_PX = 260;
/** Pixels of the faces below it along the longer side. */
const BELOW_PX = 1200;

/** The blank below a flat piece, with what was pressed on it before. */
function Below({ piece }: { piece: Piece }) {
  const { plan, passId, design } = useJob();
  const [itemId = ''] = piece.items;
  const before = useMemo(() => {
    const layers = layersOf(plan, itemId);
    const own = layers.find((layer) => layer.passId === passId)?.pass ?? 0;
    return layers.filter(({ pass }) => pass < own);
  }, [plan, itemId, passId]);
  const { colour } = itemOf(design, itemId);
  const { substrate: plain } = design.blank;
  const substrate = useMemo(() => ({ ...plain, ...colour }), [plain, colour]);
  return piece.slots.map(({ faceId, toStrip }) => {
    const face = plan.faces.find(({ id }) => id === faceId);
    return (
      face && (
        <g key={faceId} transform={`matrix(${toStrip.join(' ')})`}>
          <FacePicture face={face} layers={before} substrate={substrate} longestPx={BELOW_PX} />
        </g>
      )
    );
  });
}

/** A piece as pressed, on the blank as the passes before left it: dye lets through what lies below. */
export function OnBlank({ label, url, of }: { label: string; url: string; of: Shown }) {
  const clip = useId();
  const { plan, job } = useJob();
  const piece = plan.pieces.find(({ id }) => id === of.pieceId);
  if (!piece) return null;
  const { widthMm, heightMm } = piece;
  const { transparent } = TRANSFERS[job.transfer];
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <svg
        role="img"
        aria-label={label}
        viewBox={`0 0 ${widthMm} ${heightMm}`}
        style={{
          display: 'block',
          width: '100%',
          maxHeight: HIGH_PX,
          aspectRatio: `${widthMm} / ${heightMm}`,
          border: `1px solid ${COLOURS.hairline}`,
        }}
      >
        {!piece.bend && <Below piece={piece} />}
        <clipPath id={clip}>
          <path d={pathData(piece.cut)} clipRule="evenodd" />
        </clipPath>
        <image
          href={url}
          width={widthMm}
          height={heightMm}
          preserveAspectRatio="none"
          clipPath={`url(#${clip})`}
          style={{ mixBlendMode: transparent ? 'multiply' : 'normal' }}
        />
      </svg>
      <Typography component="figcaption" sx={{ fontSize: 14 }}>
        {label}
      </Typography>
    </Box>
  );
}
