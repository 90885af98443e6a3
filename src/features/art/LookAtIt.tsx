'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import { useState } from 'react';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/jobContext';
import { Section } from '@/ui/Section';
import { FinishedView, startTurn } from '@/ui/turntable';

/** The finished thing, to be turned by hand: it settles left and right, front and back. */
export function LookAtIt() {
  const { job, plan, itemId } = useJob();
  const [turned, setTurned] = useState(0);
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const turnRad = startTurn(job.blank, plan) + (turned * Math.PI) / 180;
  return (
    <Section title="Look at it">
      <Box
        sx={{
          bgcolor: '#F1ECE1',
          borderRadius: 2,
          display: 'flex',
          justifyContent: 'center',
          py: 1,
        }}
      >
        <FinishedView
          job={job}
          itemId={itemId}
          plan={plan}
          previews={previews}
          turnRad={turnRad}
          width={300}
          height={210}
          label="The finished thing"
        />
      </Box>
      <Slider
        aria-label="Turn it"
        min={-180}
        max={180}
        step={2}
        value={turned}
        onChange={(_, value) => setTurned(Number(value))}
        track={false}
      />
    </Section>
  );
}
