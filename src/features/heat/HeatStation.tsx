'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Face } from '@/core/form';
import { areTestPieces } from '@/core/model';
import type { PressSide } from '@/core/press';
import { Choice } from '@/ui/fields/Choice';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { FaceTabs } from '@/ui/stage/FaceTabs';
import { StageBar } from '@/ui/stage/StageBar';
import { HeatCard } from './HeatCard';
import { PressCard } from './PressCard';
import { SectionStage, useSectionWords } from './SectionStage';
import { useHeatEdit } from './useHeatEdit';
import { WhatIf } from './whatIf/WhatIf';
import { BestWindow } from './window/BestWindow';

function SectionBar({ side }: { side: PressSide }) {
  const { job } = useJob();
  const { change } = useHeatEdit();
  const words = useSectionWords(side);
  return (
    <>
      <Typography sx={{ fontSize: 15, flex: 1 }}>{words}</Typography>
      {side.sections.length > 1 && (
        <Box sx={{ flexShrink: 0, '& button': { whiteSpace: 'nowrap' } }}>
          <Choice
            label="Order of the placements"
            value={job.heat.sections}
            options={[
              ['rows', 'Row by row'],
              ['inwards', 'Corners first'],
            ]}
            onChoose={(sections) => change({ sections })}
          />
        </Box>
      )}
    </>
  );
}

/** What is shown can be chosen on a phone too: each word as wide as it is, all in one row. */
const VIEWS = {
  flexShrink: 0,
  '& button': { whiteSpace: 'nowrap', width: 'auto', flex: 'auto', px: { xs: 0.5, md: 0.875 } },
};

/** Station 4: transfer, machine and figures; the whole pressing on one card, and the plate's placements. */
export function HeatStation() {
  const { job, plan } = useJob();
  const [show, setShow] = useState<'card' | 'plate' | 'what-if' | 'window'>('card');
  const [faceId, setFaceId] = useState('');
  const sides = plan.press.sides.filter(({ sections }) => sections.length > 0);
  const side = sides.find((each) => each.faceId === faceId) ?? sides[0];
  const face = plan.faces.find(({ id }) => id === side?.faceId);
  const faces: readonly Face[] = plan.faces.filter(({ id }) =>
    sides.some((each) => each.faceId === id),
  );
  const pieces = areTestPieces(job);
  const plate = show === 'plate' && side && face;
  return (
    <JobFrame
      station="heat"
      stage={
        <>
          <StageBar>
            <Box sx={VIEWS}>
              <Choice
                label="What is shown"
                value={show}
                options={[
                  ['card', 'Press card'],
                  ...(side && face ? ([['plate', 'Plate on the blank']] as const) : []),
                  ...(pieces
                    ? []
                    : ([
                        ['what-if', 'What if'],
                        ['window', 'Best window'],
                      ] as const)),
                ]}
                onChoose={setShow}
              />
            </Box>
            {plate && (
              <>
                <FaceTabs faces={faces} face={face} onFace={setFaceId} />
                <SectionBar side={side} />
              </>
            )}
          </StageBar>
          {plate ? (
            <SectionStage face={face} side={side} />
          ) : show === 'what-if' ? (
            <WhatIf />
          ) : show === 'window' ? (
            <BestWindow />
          ) : (
            <PressCard />
          )}
        </>
      }
      card={<HeatCard />}
    />
  );
}
