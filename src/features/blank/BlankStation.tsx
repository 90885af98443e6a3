'use client';

import Typography from '@mui/material/Typography';
import { JobFrame } from '@/ui/job/JobFrame';
import { StageBar } from '@/ui/stage/StageBar';
import { BlankCard } from './BlankCard';
import { BlankDrawing } from './BlankDrawing';

/** Station 1: pick or measure the blank. */
export function BlankStation() {
  return (
    <JobFrame
      station="blank"
      stage={
        <>
          <StageBar>
            <Typography sx={{ fontSize: 15 }}>
              The wall unrolled, seen from outside, handle cut away. True proportion.
            </Typography>
          </StageBar>
          <BlankDrawing />
        </>
      }
      card={<BlankCard />}
    />
  );
}
