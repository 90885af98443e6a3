'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { itemOf } from '@/core/job';
import type { Job, Operation } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { formatLength } from '@/words/units';
import { NIGHT } from './night';
import { FONTS } from '@/ui/theme';
import { FacePicture, layersOf } from '@/ui/turntable';
import { useUnits } from '@/ui/units';
import { FACE_WORDS } from '@/words';

/** Longest side of the drawing, px. */
const SIDE_PX = 340;

/**
 * Where the plate goes at a step; null where there is but one placement, or the job has other placements by now than
 * the run began with.
 */
export function placeOf({ section, faceId, pass }: Operation, { press, faces }: JobPlan) {
  const side = press.passes[pass]?.sides.find((each) => each.faceId === faceId);
  const face = faces.find(({ id }) => id === faceId);
  const here = side?.sections.find(({ number }) => number === section?.number);
  if (!section || !side || side.sections.length !== section.of || !face || !here) return null;
  return { section, side, face, here };
}

type Place = NonNullable<ReturnType<typeof placeOf>>;

/** Which row of a job lies below the plate at a step: the first of its load. */
export function rowBelow({ load, pass }: Operation, { items }: Job, { press }: JobPlan): string {
  const perLoad = press.program.passes[pass]?.perLoad ?? 1;
  const rows = items.flatMap(({ id, copies }) => Array.from({ length: copies }, () => id));
  return rows[((load?.number ?? 1) - 1) * perLoad] ?? items[0]?.id ?? '';
}

/** Where the plate goes, drawn on the blank: placements done ticked, the way from the blank's edges told. */
export function PlatePlace({
  step,
  place,
  job,
  plan,
  itemId,
}: {
  step: Operation;
  place: Place;
  job: Job;
  plan: JobPlan;
  /** Which row lies below the plate. */
  itemId: string;
}) {
  const { length } = useUnits();
  // the clock draws this screen several times a second: the face only where it changed
  const layers = useMemo(
    () => layersOf(plan, itemId).filter(({ pass }) => pass <= step.pass),
    [plan, itemId, step.pass],
  );
  const { colour } = itemOf(job, itemId);
  const { substrate: plain } = job.blank;
  const substrate = useMemo(() => ({ ...plain, ...colour }), [plain, colour]);
  const { section, side, face, here } = place;
  const boxes = side.sections.map(({ box }) => box);
  const left = Math.min(0, ...boxes.map(({ x }) => x));
  const top = Math.min(0, ...boxes.map(({ y }) => y));
  const width = Math.max(face.widthMm, ...boxes.map((b) => b.x + b.width)) - left;
  const height = Math.max(face.heightMm, ...boxes.map((b) => b.y + b.height)) - top;
  const scale = SIDE_PX / Math.max(width, height);
  const far = (mm: number, edge: string) =>
    mm < -0.5
      ? `${formatLength(-mm, length)} beyond the ${edge}`
      : `${formatLength(Math.max(0, mm), length)} from the ${edge}`;
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <svg
        role="img"
        aria-label={`Where the plate goes: section ${section.number} of ${section.of} on ${FACE_WORDS[side.called]}`}
        width={width * scale}
        height={height * scale}
        viewBox={`${left} ${top} ${width} ${height}`}
        style={{ maxWidth: '100%' }}
      >
        <FacePicture face={face} layers={layers} substrate={substrate} longestPx={2 * SIDE_PX} />
        {side.sections.map(({ number, box }) => {
          const done = number < section.number;
          const now = number === section.number;
          return (
            <g key={number}>
              <rect
                {...box}
                fill={now ? NIGHT.ember : 'none'}
                fillOpacity={0.55}
                stroke={now ? NIGHT.ember : '#5E6470'}
                strokeWidth={(now ? 3 : 1.5) / scale}
              />
              {(done || now) && (
                <>
                  <circle
                    cx={box.x + box.width / 2}
                    cy={box.y + box.height / 2}
                    r={19 / scale}
                    fill="#fff"
                  />
                  <text
                    x={box.x + box.width / 2}
                    y={box.y + box.height / 2 + 9 / scale}
                    textAnchor="middle"
                    fontFamily={FONTS.figure}
                    fontSize={26 / scale}
                    fontWeight={700}
                    fill="#22252B"
                  >
                    {now ? number : '✓'}
                  </text>
                </>
              )}
            </g>
          );
        })}
      </svg>
      <Typography component="figcaption" sx={{ fontSize: { xs: 18, sm: 21 }, mt: 1 }}>
        {FACE_WORDS[side.called]}: the plate’s left side {far(here.box.x, 'left edge')}, its upper
        side {far(here.box.y, 'upper edge')}.
      </Typography>
    </Box>
  );
}
