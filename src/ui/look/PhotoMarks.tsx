'use client';

import Box from '@mui/material/Box';
import { seenAt, type LookFinding } from '@/core/look';
import type { Box as Area } from '@/core/geometry';
import { COLOURS } from '@/ui/theme';
import type { PhotoLook } from '@/workers';

/** Points along each side of a marked box: a lens bends it. */
const BENDS = 6;

function outlineOf(box: Area): { x: number; y: number }[] {
  const corners = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ] as const;
  return corners.flatMap(([u, v], i) => {
    const [p, q] = corners[(i + 1) % 4] ?? [0, 0];
    return Array.from({ length: BENDS }, (_, n) => ({
      x: box.x + (u + ((p - u) * n) / BENDS) * box.width,
      y: box.y + (v + ((q - v) * n) / BENDS) * box.height,
    }));
  });
}

/** A mark is at least so large, mm, so that it is seen. */
const LEAST_MM = 5;

const roomy = ({ x, y, width, height }: Area): Area => {
  const [dx, dy] = [Math.max(0, LEAST_MM - width) / 2, Math.max(0, LEAST_MM - height) / 2];
  return { x: x - dx, y: y - dy, width: width + 2 * dx, height: height + 2 * dy };
};

/** Where something was found: in one place, or in the two of an exchange. */
const placesOf = (finding: LookFinding): Area[] => {
  if (!('box' in finding)) return [];
  const other = finding.code === 'tile-swapped' ? finding.exchanged : null;
  return other ? [finding.box, other] : [finding.box];
};

/** A photo with what was found marked on it by number. */
export function PhotoMarks({ url, told }: { url: string; told: PhotoLook | null }) {
  const view = told?.look.view;
  const marks = (told?.look.findings ?? []).flatMap((finding, nth) =>
    view
      ? placesOf(finding).map((box, place) => ({
          ...{ nth, key: `${nth} ${place}` },
          points: outlineOf(roomy(box)).map(({ x, y }) => seenAt(view, x, y)),
        }))
      : [],
  );
  const r = told ? Math.max(told.widthPx, told.heightPx) / 55 : 1;
  return (
    <Box sx={{ position: 'relative', alignSelf: 'flex-start', maxWidth: '100%' }}>
      {/* eslint-disable-next-line @next/next/no-img-element -- a local blob, nothing to optimise */}
      <img
        src={url}
        alt="The photo; what was found is numbered"
        decoding="async"
        style={{ display: 'block', maxWidth: '100%', maxHeight: '44vh' }}
      />
      {told && (
        <svg
          viewBox={`0 0 ${told.widthPx} ${told.heightPx}`}
          aria-hidden="true"
          style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
        >
          {marks.map(({ key, points }) => (
            <polygon
              key={key}
              points={points.map((point) => `${point.x},${point.y}`).join(' ')}
              fill="none"
              stroke={COLOURS.clover}
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {/* numbers last: no outline crosses them */}
          {marks.map(({ nth, key, points }) => {
            const top = points.reduce((best, point) => (point.y < best.y ? point : best));
            const x = Math.min(told.widthPx - r, Math.max(r, top.x));
            const y = Math.min(told.heightPx - r, Math.max(r, top.y - r));
            return (
              <g key={key}>
                <circle cx={x} cy={y} r={r} fill={COLOURS.clover} />
                <text
                  x={x}
                  y={y}
                  fill="#fff"
                  fontSize={r * 1.3}
                  fontWeight={700}
                  textAnchor="middle"
                  dominantBaseline="central"
                >
                  {nth + 1}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </Box>
  );
}
