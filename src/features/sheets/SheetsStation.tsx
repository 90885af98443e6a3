'use client';

import Typography from '@mui/material/Typography';
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
  const sheet = plan.sheets[0];
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
            {mirrored && (
              <Typography sx={{ fontSize: 15, fontWeight: 700, color: COLOURS.bluebell }}>
                mirrored
              </Typography>
            )}
          </StageBar>
          <SheetDrawing />
        </>
      }
      card={<SheetsCard />}
    />
  );
}
