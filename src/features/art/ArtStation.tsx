'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { AsItem } from '@/ui/job/AsItem';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { FaceTabs } from '@/ui/stage/FaceTabs';
import { StageBar } from '@/ui/stage/StageBar';
import { ArtCard } from './ArtCard';
import { ArtStage, type View } from './ArtStage';
import { ItemPicker } from './items/ItemPicker';
import { LayersSwitch } from './LayersOnFace';
import { PictureDrop } from './PictureDrop';
import { useSelection } from './useSelection';
import { useTakeIn } from './useTakeIn';

/** Station 2: the picture, its size and its place. */
export function ArtStation() {
  return (
    <AsItem>
      <ArtOfItem />
    </AsItem>
  );
}

function ArtOfItem() {
  const { job, plan } = useJob();
  const selection = useSelection();
  const [view, setView] = useState<View>('seen');
  const [layers, setLayers] = useState(true);
  const takeIn = useTakeIn(selection);
  const empty = job.placements.length === 0;
  return (
    <JobFrame
      station="art"
      stage={
        <PictureDrop takeIn={takeIn} empty={empty}>
          <StageBar>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={view}
              aria-label="How the stage shows it"
              onChange={(_, next: View | null) => next && setView(next)}
            >
              <ToggleButton value="seen" color="primary">
                As seen
              </ToggleButton>
              <ToggleButton value="printed" color="info">
                As printed
              </ToggleButton>
            </ToggleButtonGroup>
            <Typography sx={{ fontSize: 15 }}>
              {view === 'seen'
                ? 'How it will look. Drag the picture or use the arrow keys.'
                : 'Mirrored, as it must lie on the paper.'}
            </Typography>
            {view === 'seen' && <LayersSwitch shown={layers} onShown={setLayers} />}
          </StageBar>
          <ItemPicker />
          <FaceTabs faces={plan.faces} face={selection.face} onFace={selection.showFace} />
          <ArtStage view={view} selection={selection} layers={layers} />
        </PictureDrop>
      }
      card={<ArtCard selection={selection} takeIn={takeIn} />}
    />
  );
}
