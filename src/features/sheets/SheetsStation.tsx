'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import ChevronLeftIcon from '@mui/icons-material/ChevronLeft';
import ChevronRightIcon from '@mui/icons-material/ChevronRight';
import { useState } from 'react';
import { formatSize } from '@/core/units';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/JobProvider';
import { StageBar } from '@/ui/stage/StageBar';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { SheetDrawing } from './SheetDrawing';
import { SheetsCard } from './SheetsCard';

/** Station 3: from the piece to paper that can be trusted. */
export function SheetsStation() {
  const { plan } = useJob();
  const { length } = useUnits();
  const [at, setAt] = useState(0);
  const count = plan.sheets.length;
  const here = Math.min(at, Math.max(0, count - 1));
  const sheet = plan.sheets[here];
  const piece = plan.pieces.find(({ id }) => id === sheet?.items[0]?.pieceId);
  const mirrored = sheet?.items.some((item) => item.mirrored) ?? false;
  return (
    <JobFrame
      station="sheets"
      stage={
        <>
          <StageBar>
            <Typography sx={{ fontSize: 15 }}>
              {sheet ? (
                <>
                  <strong>{sheet.paper}</strong>, {sheet.orientation},{' '}
                  {formatSize(sheet.widthMm, sheet.heightMm, length)}, as in the PDF.
                </>
              ) : (
                'No sheet yet.'
              )}
            </Typography>
            {count > 1 && (
              <Box sx={{ display: 'flex', alignItems: 'center', ml: 'auto', order: 2 }}>
                <IconButton
                  aria-label="Sheet before"
                  disabled={here === 0}
                  onClick={() => setAt(here - 1)}
                >
                  <ChevronLeftIcon />
                </IconButton>
                <Typography sx={{ fontSize: 15 }} role="status">
                  Sheet {here + 1} of {count}: {piece?.name}
                </Typography>
                <IconButton
                  aria-label="Sheet after"
                  disabled={here === count - 1}
                  onClick={() => setAt(here + 1)}
                >
                  <ChevronRightIcon />
                </IconButton>
              </Box>
            )}
            {mirrored && (
              <Typography sx={{ fontSize: 15, fontWeight: 700, color: COLOURS.bluebell }}>
                mirrored
              </Typography>
            )}
          </StageBar>
          <SheetDrawing sheet={sheet} />
        </>
      }
      card={<SheetsCard />}
    />
  );
}
