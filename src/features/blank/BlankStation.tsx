'use client';

import { isCup } from '@/core/form';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { FaceTabs } from '@/ui/stage/FaceTabs';
import { PaperDrawing } from '@/ui/stage/PaperDrawing';
import { StageBar } from '@/ui/stage/StageBar';
import { BlankCard } from './BlankCard';
import { BlankDrawing } from './BlankDrawing';

type Drawing = 'wall' | 'paper';

/** A face of the blank; of a tapered wall also the paper it needs. */
function BlankStage() {
  const { job, plan } = useJob();
  const [drawing, setDrawing] = useState<Drawing>('wall');
  const [faceId, setFaceId] = useState<string | null>(null);
  const face = plan.faces.find(({ id }) => id === faceId) ?? plan.faces[0];
  const sector = face?.development;
  const paper = drawing === 'paper' && face && sector;
  return (
    <>
      <StageBar>
        {sector && (
          <ToggleButtonGroup
            exclusive
            size="small"
            color="primary"
            value={drawing}
            aria-label="What is drawn"
            onChange={(_, next: Drawing | null) => next && setDrawing(next)}
          >
            <ToggleButton value="wall">The wall</ToggleButton>
            <ToggleButton value="paper">Its paper</ToggleButton>
          </ToggleButtonGroup>
        )}
        <Typography sx={{ fontSize: 15 }}>
          {paper
            ? 'The ring sector the paper is cut to. True proportion.'
            : isCup(job.blank.form)
              ? `The wall unrolled${sector ? ' and straightened, true at mid-height' : ''}, seen from outside${job.blank.form.handleGapMm > 0 ? ', handle cut away' : ''}.`
              : 'Laid flat, as seen. True proportion.'}
        </Typography>
      </StageBar>
      <FaceTabs faces={plan.faces} face={face} onFace={setFaceId} />
      {paper ? (
        <PaperDrawing face={face} sector={sector} colour={job.blank.substrate.colour} />
      ) : (
        face && <BlankDrawing face={face} />
      )}
    </>
  );
}

/** Station 1: pick or measure the blank. */
export function BlankStation() {
  return <JobFrame station="blank" stage={<BlankStage />} card={<BlankCard />} />;
}
