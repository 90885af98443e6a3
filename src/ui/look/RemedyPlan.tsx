'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Remedy } from '@/core/look';
import { layingSteps, liesMirrored } from '@/core/sheet';
import { layStepWords } from '@/words';
import type { PhotoLook } from '@/workers';
import { PrintAgain } from './PrintAgain';
import type { Looking } from './what';

/** What is done about a finding, planned: the sheets to be printed again, or the steps of laying from there on. */
export function RemedyPlan({
  looking,
  remedy,
  look,
}: {
  looking: Looking;
  remedy: Remedy;
  look: PhotoLook | null;
}) {
  const { plan } = looking;
  const shown = look?.shown;
  if (remedy.kind === 'reprint' || remedy.kind === 'clear') {
    const { tile } = remedy;
    const sheets = plan.sheets.filter(({ id, items: [item] }) =>
      item?.tile && item.pieceId === shown
        ? tile === null || item.tile.name === tile
        : id === shown,
    );
    return sheets.length > 0 ? <PrintAgain of={looking} sheets={sheets} /> : null;
  }
  if (remedy.kind !== 'lay-again') return null;
  const tiling = plan.tilings.find(({ pieceId }) => pieceId === shown);
  if (!tiling) return null;
  const steps = layingSteps(tiling, liesMirrored(plan));
  const from = steps.findIndex(({ tile }) => remedy.from.includes(tile));
  // what lies on a sheet that is lifted comes off with it
  const lifted = new Set(remedy.from);
  const again = steps.filter(({ tile, over }, nth) => {
    if (nth < from) return false;
    const comes = lifted.has(tile) || over.some((below) => lifted.has(below.tile));
    if (comes) lifted.add(tile);
    return comes;
  });
  return (
    <Box component="section" aria-label="Lay again">
      <Typography sx={{ fontWeight: 700 }}>
        Lift{' '}
        {again
          .map(({ tile }) => tile)
          .reverse()
          .join(', ')}
        , the last laid first. Then:
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 15 }}>
        {again.map((step) => (
          <li key={step.tile}>
            <strong>{step.tile}.</strong> {layStepWords(step)}
          </li>
        ))}
      </Box>
    </Box>
  );
}
