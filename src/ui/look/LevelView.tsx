'use client';

import Alert from '@mui/material/Alert';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useState } from 'react';
import type { Point } from '@/core/geometry';
import { levelFindings, levelOf, type LevelPlan } from '@/core/look';
import type { KeptLook } from '@/core/model';
import { PointPicker } from '@/ui/PointPicker';
import { useUnits } from '@/ui/units';
import { levelWords, lookFindingWords, lookRemedyWords } from '@/words';
import { lookedOf } from './looked';

/** A print somewhere in the middle of the photo, the blank from side to side above it. */
const START: readonly Point[] = [
  { x: 0.3, y: 0.35 },
  { x: 0.7, y: 0.35 },
  { x: 0.7, y: 0.75 },
  { x: 0.3, y: 0.75 },
  { x: 0.08, y: 0.22 },
  { x: 0.92, y: 0.22 },
];
const NAMES = [
  'Corner upper left of the print',
  'Corner upper right of the print',
  'Corner lower right of the print',
  'Corner lower left of the print',
  'Left side of the blank',
  'Right side of the blank',
];
const LINES = [
  [0, 1, 2, 3, 0],
  [4, 5],
];

/** How a print lies on its blank, by points on a photo, told anew while they are dragged. */
export function LevelView({
  url,
  plan,
  onLooked,
}: {
  url: string;
  plan: LevelPlan;
  onLooked: ((look: KeptLook) => void) | undefined;
}) {
  const units = useUnits();
  const [points, setPoints] = useState(START);
  const [size, setSize] = useState<{ widthPx: number; heightPx: number } | null>(null);
  const [broken, setBroken] = useState(false);
  useEffect(() => {
    const picture = new Image();
    picture.onload = () =>
      setSize({ widthPx: picture.naturalWidth, heightPx: picture.naturalHeight });
    picture.onerror = () => setBroken(true);
    picture.src = url;
  }, [url]);
  // a point that was never touched stands nowhere in particular
  const missing = points.filter((point, nth) => point === START[nth]).length;
  const level =
    size &&
    missing === 0 &&
    levelOf(
      plan,
      points.map(({ x, y }) => ({ x: x * size.widthPx, y: y * size.heightPx })),
      size,
    );
  const findings = level ? levelFindings(level, plan) : [];
  // where the points rest in the end is what was seen
  const tell = useEffectEvent(() => {
    if (level) onLooked?.(lookedOf(findings, null, new Date()));
  });
  useEffect(() => () => tell(), []);
  if (broken)
    return (
      <Alert severity="error">
        The photo cannot be decoded: it is damaged, or no picture. Take it again.
      </Alert>
    );
  return (
    <>
      <Alert role="status" severity={findings.length > 0 ? 'warning' : 'info'}>
        {missing > 0
          ? `Drag the six points onto the corners of the print and the two sides of the blank at one height. ${missing === 6 ? '' : `${missing} to go.`}`
          : level
            ? levelWords(level, units)
            : 'The four corners are none of a print seen from above: upper left, upper right, lower right, lower left.'}
      </Alert>
      <PointPicker
        preview={url}
        alt="The print on its blank"
        {...{ points, names: NAMES, lines: LINES }}
        maxHeight="62vh"
        onPoints={setPoints}
      />
      {findings.map((finding) => (
        <div key={finding.code}>
          <Typography sx={{ fontWeight: 700 }}>{lookFindingWords(finding, units)}</Typography>
          <Typography sx={{ fontSize: 15 }}>{lookRemedyWords(finding)}</Typography>
        </div>
      ))}
      <Typography sx={{ fontSize: 14 }}>
        The photo is measured by the print’s own size, both lying flat. Which way up the print lies,
        and how high, is not looked at: measure that by hand.
      </Typography>
    </>
  );
}
